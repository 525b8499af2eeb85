package theriseed.server.bench;

import java.util.UUID;

/**
 * Seed of a lot goes into a freezer. Who knows that it is too damp for that refuses it by throwing.
 *
 * @param dampBecause why it is frozen all the same; empty where nobody said
 */
public record SeedFrozen(UUID lotId, String dampBecause) {}
