package theriseed.core.drying;

import theriseed.core.measure.Range;

/** Water in seed, as a share of the wet mass or of the dry matter, and what leaves it. */
public final class WaterContent {
    static final Range WET_BASIS = Range.of(0, 95, "% wet basis");

    private WaterContent() {}

    /** Percent of the dry matter, from percent of the wet mass. */
    public static double dryBasis(double wetBasis) {
        return 100 * WET_BASIS.check("m", wetBasis) / (100 - wetBasis);
    }

    /** Percent of the wet mass, from percent of the dry matter. */
    public static double wetBasis(double dryBasis) {
        return 100 * Range.of(0, 1900, "% dry basis").check("X", dryBasis) / (100 + dryBasis);
    }

    /**
     * Mass of the same seed when it is dry enough.
     *
     * @param mass now, above 0
     * @param moisture now, % wet basis
     * @param target moisture, at most that of now
     */
    public static double massAt(double mass, double moisture, double target) {
        Range.above(0, 1e9, "g").check("W0", mass);
        WET_BASIS.check("m0", moisture);
        Range.of(0, moisture, "% wet basis").check("mt", target);
        return Moisture.at(mass, moisture, target);
    }

    /**
     * Moisture by the oven method of the ISTA Rules, % wet basis.
     *
     * @param empty grams of the container with its lid
     * @param before with the seed in it; {@code after} when it has dried
     */
    public static double oven(double empty, double before, double after) {
        Range.above(0, 1e6, "g").check("M1", empty);
        Range.above(empty, 1e6, "g").check("M2", before);
        Range.of(empty, before, "g").check("M3", after);
        return 100 * (before - after) / (before - empty);
    }

    /** Moisture of seed that was dried in two stages, each % wet basis of what it began with. */
    public static double ofTwoStages(double first, double second) {
        return WET_BASIS.check("S1", first) + WET_BASIS.check("S2", second) - first * second / 100;
    }
}
