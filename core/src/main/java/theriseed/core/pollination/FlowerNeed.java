package theriseed.core.pollination;

import theriseed.core.crop.Crop;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Fewest;
import theriseed.core.measure.Range;

/**
 * Flowers to pollinate so that enough fruits ripen. Flowers of one plant are not independent, and take drops in heat and
 * late in the season; the confidence holds for fruits and for flowers apart, jointly it is a little lower.
 *
 * @param fruits ripe fruits wanted
 * @param flowers to pollinate for them
 */
public record FlowerNeed(int fruits, int flowers) {
    /** Share of hand-pollinated flowers that set, and of set fruits that ripen, when the farm knows no better. */
    public static final double USUAL_TAKE = 0.6;

    public static final double USUAL_RIPE = 0.85;

    /** How much seeds a fruit vary, relative sd, when the farm knows no better. */
    public static final double USUAL_VARIATION = 0.4;

    /** Fruits a plant bears that were pollinated by hand: it drops more. Experience with squash; small fruit bear more. */
    private static final int USUAL_FRUITS = 2;

    private static final double SURE = 0.95;
    private static final Range SHARE = Range.above(0, 1, "");

    /** Seeds a fruit, at least 1, where all of a plant's usual seed comes of the fruits that were pollinated by hand. */
    public static double usualSeedsAFruit(Crop crop) {
        double aPlant = (crop.seedPerPlant().low() + crop.seedPerPlant().high()) / 2 / crop.thousandSeedWeight() * 1000;
        return Math.max(1, Math.round(aPlant / USUAL_FRUITS));
    }

    /**
     * For a number of seeds: as many fruits as reach it with the confidence asked, seeds a fruit varying.
     *
     * @param seeds wanted, at least 1
     * @param perFruit good seeds a ripe fruit, above 0
     * @param variation coefficient of variation of that, 0 to 2
     */
    public static FlowerNeed forSeeds(double seeds, double perFruit, double variation, double take, double ripe) {
        Range.of(1, 1e9, "seeds").check("target", seeds);
        Range.above(0, 1e5, "seeds").check("s", perFruit);
        Range.of(0, 2, "").check("cv", variation);
        double spread = Chance.normalQuantile(SURE) * variation;
        double root = (spread + Math.sqrt(spread * spread + 4 * seeds / perFruit)) / 2;
        return forFruits(Chance.roundUp(root * root), take, ripe);
    }

    /**
     * For a number of ripe fruits.
     *
     * @param take share of flowers that set, above 0 to 1
     * @param ripe share of fruits that ripen, above 0 to 1
     */
    public static FlowerNeed forFruits(int fruits, double take, double ripe) {
        Range.of(1, 1e6, "fruits").check("fruits", fruits);
        double each = SHARE.check("take", take) * SHARE.check("ripe", ripe);
        int flowers = Fewest.of("flowers", fruits, fruits / each, tried -> Chance.atLeast(fruits, tried, each) >= SURE);
        return new FlowerNeed(fruits, flowers);
    }

    /** Flowers a plant when so many plants share them. */
    public int perPlant(int plants) {
        return Chance.roundUp(flowers / (double) Range.of(1, 1e6, "plants").check("plants", plants));
    }
}
