package theriseed.core.bench;

import java.util.Optional;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;

/**
 * What a lot gave, against what is usual for its crop. The usual ranges are wide and of low certainty: they warn, they do
 * not judge.
 *
 * @param clean grams of clean seed
 * @param share of the mass picked, 0 to 1
 * @param usualShare of the crop table
 * @param perPlant grams
 * @param usualPerPlant grams, of the crop table
 */
public record LotYield(double clean, double share, Usual usualShare, Mark mark, double perPlant, Usual usualPerPlant) {
    /** Shares of what was picked are not told to the last digit. */
    private static final double ROUNDING = 1e-9;

    /** Where the share lies. */
    public enum Mark {
        BELOW_USUAL,
        USUAL,
        ABOVE_USUAL
    }

    /** Clean seed that a picked mass usually gives, grams; of low certainty, as the crop table's shares are. */
    public static Optional<Usual> expected(Crop crop, double picked) {
        Range.above(0, 1e9, "g").check("picked", picked);
        return crop.seedShare().map(share -> new Usual(picked * share.low(), picked * share.high()));
    }

    /**
     * @param picked grams, above 0
     * @param plants picked, above 0; of a part of what was picked its part of them
     * @param clean grams, above 0 up to picked: no yield is over 100 %
     */
    public static LotYield of(Crop crop, double picked, double plants, double clean) {
        Range.above(0, 1e9, "g").check("picked", picked);
        Range.above(0, 1e6, "plants").check("plants", plants);
        Range.above(0, picked * (1 + ROUNDING), "g").check("clean", clean);
        double share = Math.min(1, clean / picked);
        Usual usual = crop.seedShare().orElse(new Usual(0, 1));
        Mark mark = share < usual.low() ? Mark.BELOW_USUAL : share > usual.high() ? Mark.ABOVE_USUAL : Mark.USUAL;
        return new LotYield(clean, share, usual, mark, clean / plants, crop.seedPerPlant());
    }
}
