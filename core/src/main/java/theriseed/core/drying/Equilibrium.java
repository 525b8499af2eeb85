package theriseed.core.drying;

import theriseed.core.measure.Range;

/**
 * The moisture that seed comes to in still air. For drying down in air of 10 to 60 % humidity, within a point; more for
 * starchy large seed above 70 %.
 *
 * <p>Cromarty, Ellis and Roberts (1982); grains by the modified Henderson equation with the constants of ASAE D245.
 */
public final class Equilibrium {
    private static final Range HUMIDITY = Range.of(0.05, 0.9, "");
    private static final Range AIR = Range.of(0, 50, "C");
    private static final Range OIL = Range.of(0, 0.6, "");

    private Equilibrium() {}

    /** Grains with an equation of their own, to hold against the general one. */
    public enum Grain {
        MAIZE(8.6541e-5, 1.8634, 49.810),
        SOYBEAN(30.5327e-5, 1.2164, 134.136),
        BARLEY(2.2919e-5, 2.0123, 195.267);

        private final double k;
        private final double n;
        private final double c;

        Grain(double k, double n, double c) {
            this.k = k;
            this.n = n;
            this.c = c;
        }

        /** Percent dry basis, at a relative humidity of 0.05 to 0.9 and &deg;C of 0 to 50. */
        public double dryBasis(double humidity, double air) {
            double damp = HUMIDITY.check("RH", humidity);
            return Math.pow(Math.log(1 - damp) / (-k * (AIR.check("T", air) + c)), 1 / n);
        }
    }

    /**
     * Percent dry basis.
     *
     * @param humidity relative, 0.05 to 0.9
     * @param air &deg;C, 0 to 50
     * @param oil share of the dry matter, 0 to 0.6
     */
    public static double dryBasis(double humidity, double air, double oil) {
        HUMIDITY.check("RH", humidity);
        return (1 - OIL.check("oil", oil))
                * Math.sqrt(-440 * Math.log(1 - humidity) / (1.1 + AIR.check("T", air) / 90));
    }

    /** Relative humidity, 0 to 1, of air in which seed of this moisture (% wet basis) neither dries nor takes up. */
    public static double humidity(double moisture, double air, double oil) {
        double water = WaterContent.dryBasis(moisture) / (1 - OIL.check("oil", oil));
        return 1 - Math.exp(-water * water * (1.1 + AIR.check("T", air) / 90) / 440);
    }
}
