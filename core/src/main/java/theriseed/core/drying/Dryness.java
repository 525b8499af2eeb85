package theriseed.core.drying;

import java.util.Optional;
import theriseed.core.crop.Crop;

/** Whether seed is dry enough for what is to be done with it. */
public enum Dryness {
    DRY_ENOUGH,
    TOO_DAMP,
    UNKNOWN;

    /** Seed is frozen whole up to about this much water, percent wet basis; ice hurts it above. */
    public static final double FREEZES_UP_TO = 10;

    /** From about here on water freezes in the seed and kills it, percent wet basis. */
    public static final double FROST_KILLS = 14;

    /** Points above it that are still allowed: less than any meter tells apart. */
    private static final double ALLOWED = 0.5;

    /** To be closed in where no water can leave it. Mould and heat follow in damp seed. */
    public static Dryness toSeal(Crop crop, Optional<SeedMoisture> seed) {
        return upTo(DryingWatch.sealed(crop), seed);
    }

    public static Dryness toFreeze(Optional<SeedMoisture> seed) {
        return upTo(FREEZES_UP_TO, seed);
    }

    private static Dryness upTo(double most, Optional<SeedMoisture> seed) {
        return seed.map(known -> known.percent() > most + ALLOWED ? TOO_DAMP : DRY_ENOUGH)
                .orElse(UNKNOWN);
    }
}
