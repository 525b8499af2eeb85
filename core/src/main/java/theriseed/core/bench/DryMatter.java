package theriseed.core.bench;

import theriseed.core.drying.Moisture;
import theriseed.core.measure.Range;

/**
 * Where the dry matter of a lot went in one step, grams. Where a moisture was not measured it is taken from what drying
 * shows, or as such a step usually leaves it: good for comparing and drawing, never a measured figure. {@code in} =
 * {@code out} + {@code left} + {@code unseen}.
 *
 * @param in that went in
 * @param out that came out
 * @param left weighed as something else; as moist as what came out
 * @param unseen the rest
 * @param measured whether the moisture of what came out was measured
 */
public record DryMatter(double in, double out, double left, double unseen, boolean measured) {
    private static final Range MASS = Range.of(0, 1e9, "g");

    /**
     * @param before dry matter there was, at least 0
     * @param massBefore grams it weighed, above 0; what went in is so much of it
     * @param massOut grams that came out, with {@code byProduct} grams weighed apart
     * @param moistureOut percent, measured or not
     */
    public static DryMatter of(
            double before,
            double massBefore,
            double massIn,
            double massOut,
            double byProduct,
            double moistureOut,
            boolean measured) {
        MASS.check("before", before);
        Range.above(0, 1e9, "g").check("massBefore", massBefore);
        double in = before * Math.min(1, MASS.check("massIn", massIn) / massBefore);
        double out = Math.min(in, Moisture.dry(massOut, moistureOut));
        double left = Math.min(in - out, Moisture.dry(byProduct, moistureOut));
        return new DryMatter(in, out, left, in - out - left, measured);
    }

    /**
     * Moisture that went onto a tray, told by what came off it: only water leaves in drying.
     *
     * @param massIn grams, above 0
     * @param massOut grams, up to massIn
     * @param moistureOut percent
     */
    public static double moistureBeforeDrying(double massIn, double massOut, double moistureOut) {
        Range.above(0, 1e9, "g").check("massIn", massIn);
        Range.of(0, massIn, "g").check("massOut", massOut);
        return 100 * (1 - Moisture.dry(massOut, moistureOut) / massIn);
    }
}
