package theriseed.server.season;

import java.util.UUID;

/** A scheme as others see it. */
public record SchemeView(UUID id, int version, String name, int season) {}
