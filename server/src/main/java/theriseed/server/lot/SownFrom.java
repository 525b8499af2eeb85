package theriseed.server.lot;

import java.util.UUID;

/** Somebody wrote down with which lot a planting was sown; lots may have been picked from it before. */
public record SownFrom(UUID plantingId) {}
