package theriseed.core.store;

import java.time.MonthDay;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;

/**
 * Planting stock of a crop kept by tubers, bulbs or cloves: whether enough plants stand to keep the clone, and how many
 * pieces to put in store so that the same number can be planted again. Losses are usual ones of a cool store with clumped
 * rot until the farm has counts of its own.
 *
 * @param asked plants by the grade
 * @param enough whether the plants planned are as many
 * @param days in store
 * @param each plants that one stored piece gives at least: cloves of a bulb that is broken up when it is planted; else 1
 * @param need of stored pieces
 */
public record StockPlan(int asked, boolean enough, int days, int each, StoreNeed need) {
    /** Share lost a day. */
    public static final double USUAL_RATE = 0.0015;

    /** Share hurt when it is lifted and put in. */
    public static final double USUAL_START_LOSS = 0.02;

    /** Share of the sound pieces that the last choice keeps. */
    public static final double USUAL_KEPT = 0.85;

    /** Roots seldom keep longer in a store, north of the equator. */
    public static final MonthDay ROOTS_KEEP_UNTIL = MonthDay.of(5, 20);

    /** How clumped rot is. */
    public static final double USUAL_CLUSTERING = 0.08;

    /** Share of sick plants above which a stock is not kept. A rule of thumb: viruses that show late need less. */
    private static final double SICK = 0.02;

    private static final int LONGEST_DAYS = 400;

    /**
     * @param plants planned, 1 to a million
     * @param days from lifting until the stock is planted again, 0 to 400
     */
    public static StockPlan of(Crop crop, Grade grade, int plants, long days) {
        Range.of(1, 1e6, "plants").check("plants", plants);
        Range.of(0, LONGEST_DAYS, "days").check("days", (double) days);
        int asked = (int) crop.plants().of(grade);
        int each = each(crop);
        return new StockPlan(
                asked,
                plants >= asked,
                (int) days,
                each,
                StoreNeed.of(
                        (int) Math.ceil(Math.max(plants, asked) / (double) each),
                        USUAL_RATE,
                        days,
                        USUAL_START_LOSS,
                        USUAL_KEPT,
                        USUAL_CLUSTERING));
    }

    /** Bulbs are stored whole and broken up when they are planted; tubers are stored as they are planted. */
    private static int each(Crop crop) {
        boolean brokenUp = crop.family().equals("Amaryllidaceae");
        return brokenUp
                ? crop.handling().pieces().map(pieces -> (int) pieces.low()).orElse(1)
                : 1;
    }

    /** Whether so many sick plants among those looked at are too many to keep stock of them. */
    public static boolean tooSick(int sick, int lookedAt) {
        return lookedAt > 0 && sick > SICK * lookedAt;
    }
}
