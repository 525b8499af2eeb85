package theriseed.core.harvest;

import theriseed.core.measure.Range;

/**
 * Cutting now against waiting through a storm that may come: expected shares of the seed. A grower with one lot may
 * rather take the safer cut.
 *
 * @param cutNow share collected now
 * @param laterIfDry share collected later if no storm comes
 * @param later share to expect later
 * @param breakEven chance of the storm from which cutting now is better, 0 to 1
 */
public record StormChoice(double cutNow, double laterIfDry, double later, double breakEven) {
    /**
     * What cutting takes along and what curing loses.
     *
     * @param cures share of the seed due to ripen within so many days that still ripens when cut, 0 to 1
     * @param within those days, 0 to 15
     * @param loss share lost in curing, 0 to 1
     */
    public record Curing(double cures, double within, double loss) {
        public Curing {
            Range.of(0, 1, "").check("kappa", cures);
            Range.of(0, 15, "days").check("w", within);
            Range.of(0, 1, "").check("cure_loss", loss);
        }

        double cut(RipeningCurve curve, double day) {
            return cut(curve, day, curve.collectable(day));
        }

        /** @param stands share of the seed that is ripe and still on the plants */
        double cut(RipeningCurve curve, double day, double stands) {
            double due = curve.ripe(day + within) - curve.ripe(day);
            return (stands + cures * due) * (1 - loss);
        }
    }

    /**
     * @param now day; {@code later} a day after it
     * @param chance of the storm in between, 0 to 1
     * @param lost share of the seed lost in it, 0 to 1
     */
    public static StormChoice of(
            RipeningCurve curve, Curing curing, double now, double later, double chance, double lost) {
        Range.above(now, now + 365, "day").check("later", later);
        Range.of(0, 1, "").check("P", chance);
        Range.of(0, 1, "").check("s", lost);
        double cutNow = curing.cut(curve, now);
        double dry = curing.cut(curve, later);
        double breakEven = lost == 0 || dry == 0 ? (cutNow >= dry ? 0 : 1) : (dry - cutNow) / (dry * lost);
        return new StormChoice(cutNow, dry, dry * (1 - chance * lost), Math.max(0, Math.min(1, breakEven)));
    }

    public boolean cutsNow() {
        return cutNow >= later;
    }

    /** What the better choice collects more than the other. */
    public double gain() {
        return Math.abs(cutNow - later);
    }
}
