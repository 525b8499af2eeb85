package theriseed.server.selection;

import java.util.UUID;

/** A trait as others see it. */
public record TraitView(UUID id, String name, double low, double high, boolean moreIsBetter) {}
