package theriseed.core.quality;

import java.util.Arrays;
import java.util.List;
import theriseed.core.drying.WaterContent;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * Moisture of a drawn sample, percent of its wet mass. The oven drives the water out and is the measure of every meter;
 * ISTA Rules, moisture chapter. A meter is as good as its setting for the crop: a point either way is usual.
 *
 * @param moisture mean, percent
 * @param apart between the dishes or readings, points
 * @param let points that are allowed
 */
public record MoistureResult(double moisture, double apart, double let) {
    /** Points by which two dishes of one sample may differ. */
    public static final double DISHES_APART = 0.2;

    /** Points by which readings of a meter may differ before the sample should be mixed and read again; a rule of thumb. */
    public static final double READINGS_APART = 1;

    /**
     * A dish with its seed, weighed before the oven and after, grams.
     *
     * @param empty with its lid
     */
    public record Dish(double empty, double before, double after) {}

    /** @param dishes at least one; two are asked for */
    public static MoistureResult ofOven(List<Dish> dishes) {
        Range.of(1, 20, "dishes").check("dishes", dishes.size());
        double[] moisture = new double[dishes.size()];
        for (int i = 0; i < moisture.length; i++) {
            Dish dish = dishes.get(i);
            String at = "dishes[" + i + "].";
            Range.above(0, 1e4, "g").check(at + "empty", dish.empty());
            Range.above(dish.empty(), 1e4, "g").check(at + "before", dish.before());
            if (!(dish.after() > dish.empty() && dish.after() <= dish.before())) {
                throw new OutOfRange(
                        at + "after",
                        dish.after(),
                        new Refusal.Outside(dish.empty(), false, dish.before(), true, "g", null));
            }
            moisture[i] = WaterContent.oven(dish.empty(), dish.before(), dish.after());
        }
        return of(moisture, DISHES_APART);
    }

    /** @param readings of the meter, percent, at least one */
    public static MoistureResult ofMeter(List<Double> readings) {
        Range.of(1, 20, "readings").check("readings", readings.size());
        double[] moisture = new double[readings.size()];
        for (int i = 0; i < moisture.length; i++) {
            moisture[i] = Range.between(0, 60, "%").check("readings[" + i + "]", readings.get(i));
        }
        return of(moisture, READINGS_APART);
    }

    private static MoistureResult of(double[] moisture, double let) {
        return new MoistureResult(
                Arrays.stream(moisture).average().orElseThrow(),
                Arrays.stream(moisture).max().orElseThrow()
                        - Arrays.stream(moisture).min().orElseThrow(),
                let);
    }

    /** Whether they agree; if not, mix the sample and measure again. */
    public boolean agrees() {
        return apart <= let + 1e-9;
    }
}
