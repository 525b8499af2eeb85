package theriseed.server.harvest;

import java.util.UUID;

/** More is to be picked into a lot. Who has begun to work on it may refuse it by throwing. */
public record PickAdded(UUID lotId, String number) {}
