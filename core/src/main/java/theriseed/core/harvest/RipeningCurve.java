package theriseed.core.harvest;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.gamma.Erfcx;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How a crop ripens and sheds: its seed ripens round a mean day, and ripe seed falls at an even rate. Shares are of seed
 * mass. The rate is a fair-weather average: wind and dry heat make it as much as the crop does. The first heads ripe are
 * often the best seed, so a later cut can lower quality.
 *
 * <p>A normal distribution of ripening convolved with exponential loss.
 *
 * @param mean day on which half is ripe, counted from any day
 * @param spread standard deviation of the ripening days, above 0 to 60
 * @param shatter share of the ripe seed on the plants that falls in a day, 0 to 1
 */
public record RipeningCurve(double mean, double spread, double shatter) {
    private static final double EARLIEST = 4;
    private static final double LATEST = 8;
    private static final double MOST_SPREADS = 25;

    public RipeningCurve {
        Range.of(-1000, 100_000, "day").check("mu", mean);
        Range.above(0, 60, "days").check("sigma", spread);
        Range.of(0, 1, "per day").check("lam", shatter);
    }

    /**
     * The curve through two counts in the field.
     *
     * @param day of the first count; {@code ripe} its ripe share, above 0 and below 1
     * @param later day of the second, after the first; {@code riper} its ripe share, more than the first
     */
    public static RipeningCurve through(double day, double ripe, double later, double riper, double shatter) {
        Range.between(0, 1, "").check("s1", ripe);
        Range.between(ripe, 1, "").check("s2", riper);
        Range.above(day, 100_000, "day").check("t2", later);
        double z = Chance.normalQuantile(ripe);
        double spread = (later - day) / (Chance.normalQuantile(riper) - z);
        return new RipeningCurve(day - z * spread, spread, shatter);
    }

    /** Share of the seed that is or was ripe by a day. */
    public double ripe(double day) {
        return Chance.normalAtMost((day - mean) / spread);
    }

    /** Day by which that share of the seed, above 0 and below 1, is or was ripe. */
    public double ripeOn(double share) {
        return mean + spread * Chance.normalQuantile(share);
    }

    /** Share of the seed that is ripe and still on the plants. */
    public double collectable(double day) {
        double x = (day - mean) / spread;
        double b = x - shatter * spread;
        // Both forms are the same; each is the one whose factors neither overflow nor vanish on its side.
        return b < 0
                ? 0.5 * Erfcx.value(-b / Math.sqrt(2)) * Math.exp(-x * x / 2)
                : Math.exp(-shatter * (day - mean) + shatter * shatter * spread * spread / 2) * Chance.normalAtMost(b);
    }

    /**
     * Share of the seed ripe and on the plants on a later day, where on a day before it was so much, by rain less than is usual.
     *
     * @param stands share on that day
     */
    double until(double day, double stands, double later) {
        return collectable(later) - (collectable(day) - stands) * Math.exp(-shatter * (later - day));
    }

    /** Share that has fallen by a day. */
    public double shattered(double day) {
        return ripe(day) - collectable(day);
    }

    /**
     * The day of the single cut that collects most.
     *
     * @throws theriseed.core.measure.OutOfRange when nothing shatters: then there is no best day, only a riper one
     */
    public double bestCut() {
        Range.above(0, 1, "per day").check("lam", shatter);
        double shed = shatter * spread;
        // Where as much falls as ripens, both divided by the density of ripening: neither vanishes in the tails.
        double b = Chance.rising(
                x -> shed * 0.5 * Erfcx.value(-x / Math.sqrt(2)), Chance.normalDensity(0), -shed - 40, MOST_SPREADS);
        return mean + spread * (b + shed);
    }

    /**
     * Whole days on which to pick, and the share they collect.
     *
     * @param collected by all of them
     */
    public record Pickings(List<Integer> days, double collected) {}

    /** The best whole days for so many pickings, 1 to 15. */
    public Pickings pickings(int number) {
        return pickings(number, Integer.MIN_VALUE);
    }

    /** The same, none before a day. */
    public Pickings pickings(int number, int notBefore) {
        Range.of(1, 15, "pickings").check("n", number);
        int first = Math.max(notBefore, (int) Math.floor(mean - EARLIEST * spread));
        int days = Math.max(number, (int) Math.ceil(mean + LATEST * spread) - first + 1);
        double[] onPlants = new double[days];
        double[] best = new double[days];
        for (int day = 0; day < days; day++) {
            onPlants[day] = collectable(first + day);
            best[day] = onPlants[day];
        }
        int[][] before = new int[number][days];
        for (int picking = 1; picking < number; picking++) {
            double[] next = new double[days];
            for (int day = 0; day < days; day++) {
                next[day] = -1;
                for (int earlier = 0; earlier < day; earlier++) {
                    double gain = onPlants[day] - onPlants[earlier] * Math.exp(-shatter * (day - earlier));
                    if (best[earlier] >= 0 && best[earlier] + gain > next[day]) {
                        next[day] = best[earlier] + gain;
                        before[picking][day] = earlier;
                    }
                }
            }
            best = next;
        }
        int last = 0;
        for (int day = 1; day < days; day++) {
            last = best[day] > best[last] ? day : last;
        }
        double collected = best[last];
        List<Integer> chosen = new ArrayList<>();
        for (int picking = number - 1; picking >= 0; picking--) {
            chosen.add(0, first + last);
            last = before[picking][last];
        }
        return new Pickings(List.copyOf(chosen), collected);
    }
}
