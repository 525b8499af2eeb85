package theriseed.core.quality;

import theriseed.core.crop.Grade;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * A sample of a lot sown beside true plants and looked through: what the seed itself is, whatever was seen of the rows it
 * came from. Clopper and Pearson (1934), one side. Good for traits that show by then; a cross that looks like the variety
 * is not seen.
 *
 * @param plants looked at; {@code offTypes} of them were none of the variety
 * @param share found, 0 to 1
 * @param lower exact 95 % limit of one side; {@code upper} likewise
 */
public record GrowOut(int plants, int offTypes, double share, double lower, double upper) {
    private static final double CONFIDENCE = 0.95;

    /** Shown to be within what the grade allows, not shown, or shown to be over it. */
    public enum Shows {
        WITHIN,
        NOTHING,
        OVER
    }

    /**
     * @param plants 10 to 100,000
     * @param offTypes 0 to plants
     */
    public static GrowOut of(int plants, int offTypes) {
        Range.of(10, 100_000, "plants").check("plants", plants);
        Range.of(0, plants, "plants").check("offTypes", offTypes);
        return new GrowOut(
                plants,
                offTypes,
                offTypes / (double) plants,
                Chance.lowerLimit(offTypes, plants, CONFIDENCE),
                Chance.upperLimit(offTypes, plants, CONFIDENCE));
    }

    /** What it shows of the off-types a grade allows. */
    public Shows at(Grade grade) {
        if (upper <= grade.offTypesAllowed()) {
            return Shows.WITHIN;
        }
        return lower > grade.offTypesAllowed() ? Shows.OVER : Shows.NOTHING;
    }

    /** Plants without an off-type among them that show what a grade allows. */
    public static int enough(Grade grade) {
        return (int) Math.ceil(Math.log(1 - CONFIDENCE) / Math.log1p(-grade.offTypesAllowed()));
    }
}
