package theriseed.core.seedroom;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How seed ages in dry, even, sealed storage: its probit of germination falls by one every sigma days. For sound, well
 * ripened seed; mould, insects and damp are outside, and so is seed that cannot be dried at all. The constants are the
 * species', not the variety's; the answer easily varies twofold. Not a promise for a label.
 *
 * <p>Ellis and Roberts (1980, 1981); Ellis, Osei-Bonsu and Roberts (1982); Kraak and Vos (1987); Dickie et al. (1990);
 * where nothing is fitted, Harrington (1972).
 *
 * @param probit of the germination at the start
 * @param sigma days in which the probit falls by one
 */
public record StorageLife(double probit, double sigma) {
    private static final Range GERMINATION = Range.between(0, 100, "%");
    private static final Range MOISTURE = Range.of(3, 18, "% wet basis");
    private static final Range STORE = Range.of(-20, 40, "C");

    /** Species with fitted constants. */
    public enum Species {
        BARLEY(9.983, 5.896, 0.040, 0.000428),
        ONION(6.975, 3.470, 0.040, 0.000428),
        LETTUCE(8.218, 4.797, 0.0489, 0.000365),
        SOYBEAN(7.748, 3.979, 0.053, 0.000228),
        COWPEA(8.690, 4.715, 0.026, 0.000498),
        CHICKPEA(9.070, 4.820, 0.045, 0.000324);

        private final double ke;
        private final double cw;
        private final double ch;
        private final double cq;

        Species(double ke, double cw, double ch, double cq) {
            this.ke = ke;
            this.cw = cw;
            this.ch = ch;
            this.cq = cq;
        }

        /** Days in which the probit falls by one, at % wet basis of 3 to 18 and &deg;C of &minus;20 to 40. */
        public double sigma(double moisture, double store) {
            double m = MOISTURE.check("m", moisture);
            double t = STORE.check("t", store);
            return Math.pow(10, ke - cw * Math.log10(m) - ch * t - cq * t * t);
        }
    }

    /** @param germination percent at the start, above 0 and below 100: all of a hundred is not all of a lot */
    public static StorageLife of(Species species, double germination, double moisture, double store) {
        return new StorageLife(probit("g0", germination), species.sigma(moisture, store));
    }

    /**
     * A usual life, for a crop without fitted constants.
     *
     * @param days until the germination falls from one percentage to another
     * @param moisture that this holds for, % wet basis; {@code store} the &deg;C
     */
    public record Usual(double days, double moisture, double store, double from, double to) {}

    /**
     * Twice as long for each point of moisture less and for each 5 &deg;C less: from 5 to 14 % and 0 to 50 &deg;C only.
     * Far from what is usual it gives absurd decades; show no more than ten years.
     *
     * @param germination percent at the start
     */
    public static StorageLife byHarrington(Usual usual, double germination, double moisture, double store) {
        Range.above(0, 40_000, "days").check("life_days", usual.days());
        Range.of(5, 14, "% wet basis").check("m", moisture);
        Range.of(0, 50, "C").check("t", store);
        double fall = probit("g_ref", usual.from()) - probit("standard_ref", usual.to());
        return new StorageLife(probit("g0", germination), usual.days() / fall * harrington(usual, moisture, store));
    }

    /** How many times longer than usual seed keeps, by Harrington's rule. */
    public static double harrington(Usual usual, double moisture, double store) {
        return Math.pow(2, usual.moisture() - moisture + (usual.store() - store) / 5);
    }

    private static double probit(String field, double percent) {
        return Chance.normalQuantile(GERMINATION.check(field, percent) / 100);
    }

    /** Days until the germination falls to a standard, percent; 0 when it is below already. */
    public double daysTo(double standard) {
        return Math.max(0, sigma * (probit - probit("standard", standard)));
    }

    /** Days until half of it germinates. */
    public double halfLife() {
        return sigma * probit;
    }

    /** Percent that germinates after so many days. */
    public double after(double days) {
        return 100 * Chance.normalAtMost(probit - Range.of(0, 40_000, "days").check("after_days", days) / sigma);
    }

    /** The same seed after some days here and then in another store, where its probit falls by one in other days. */
    public StorageLife movedAfter(double days, double otherSigma) {
        return new StorageLife(probit - days / sigma, otherSigma);
    }

    /** &deg;F and % of relative humidity together: below 100 a store is good enough for a few years. */
    public static double sumRule(double store, double humidity) {
        return STORE.check("t", store) * 9 / 5 + 32 + Range.of(0, 100, "%").check("RH", humidity);
    }

    /** Days until the next test: a third of what is left to the standard, and a year at most. */
    public static int retestIn(double daysToStandard, double elapsed) {
        Range.of(0, 1e6, "days").check("elapsed", elapsed);
        Range.of(-1e6, 1e6, "days").check("daysToStandard", daysToStandard);
        return (int) Math.min(365, Math.max(0, daysToStandard - elapsed) / 3);
    }
}
