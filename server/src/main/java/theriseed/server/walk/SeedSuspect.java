package theriseed.server.walk;

/** It was decided that seed of a planting is not what it was planned to be. */
public record SeedSuspect(RingView ring) {}
