package theriseed.core.drying;

import java.util.Collection;
import java.util.Optional;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;

/**
 * How moist seed is, as far as anybody can know, percent wet basis.
 *
 * @param percent the best guess
 * @param low end of the range it lies in, {@code high} the other
 * @param by what it is known
 */
public record SeedMoisture(double percent, double low, double high, By by) {
    /** Points by which a meter is easily off, however often it is read. */
    public static final double METER_OFF = 1;

    /** Points by which seed that has settled with dry air may differ from what the equation says. */
    private static final double AIR_OFF = 1.5;

    /** Percent relative humidity above which the equation reads high, most for starchy seed. */
    private static final double READS_HIGH_ABOVE = 40;

    /** Points by which it does so more for each percent: two and a half at 70 %, as maize by an equation of its own shows. */
    private static final double READS_HIGH = 2.5 / 30;

    /** Points by which seed that was threshed or taken out may be drier or damper than what it lay in. */
    private static final double UNLIKE_ITS_STRAW = 1;

    private static final double WETTEST = 99.9;

    /** How it is known: read or dried in an oven, calculated from weights, or by the air it has settled with. */
    public enum By {
        MEASURED,
        WEIGHT,
        AIR
    }

    /** @param off points by which the way of measuring is easily wrong */
    public static SeedMoisture measured(double percent, double off) {
        Range.of(0, WETTEST, "% wet basis").check("moisture", percent);
        Range.of(0, 10, "points").check("off", off);
        return within(percent, percent - off, percent + off, By.MEASURED);
    }

    /** Seed that gives no more water to this air and takes none from it. @param humidity percent */
    public static SeedMoisture settled(Crop crop, double celsius, double humidity) {
        double air = Math.max(0, Math.min(50, celsius));
        double percent = DryingWatch.floor(crop, new DryingWatch.Room(air, humidity));
        double high = READS_HIGH * Math.max(0, humidity - READS_HIGH_ABOVE);
        return within(percent, percent - AIR_OFF - high, percent + AIR_OFF, By.AIR);
    }

    /**
     * The same seed after nothing but water left it.
     *
     * @param from grams, above 0, and {@code to} grams, above 0
     * @return nothing where so light it would be less than its dry matter: then it began drier than was taken
     */
    public Optional<SeedMoisture> weighing(double from, double to) {
        Range.above(0, 1e9, "g").check("from", from);
        Range.above(0, 1e9, "g").check("to", to);
        double left = after(percent, from, to);
        return left < 0
                ? Optional.empty()
                : Optional.of(within(left, after(low, from, to), after(high, from, to), By.WEIGHT));
    }

    private static double after(double moisture, double from, double to) {
        return 100 - (100 - moisture) * from / to;
    }

    /** The seed in what was this moist, once it is out of it. */
    public SeedMoisture takenOut() {
        return within(percent, low - UNLIKE_ITS_STRAW, high + UNLIKE_ITS_STRAW, by);
    }

    /** So many grams of seed. */
    public record Part(double mass, Optional<SeedMoisture> moisture) {}

    /** All together, once they have evened out; nothing where nobody knows of one of them. */
    public static Optional<SeedMoisture> together(Collection<Part> parts) {
        if (parts.isEmpty() || parts.stream().anyMatch(part -> part.moisture().isEmpty())) {
            return Optional.empty();
        }
        double mass = parts.stream().mapToDouble(Part::mass).sum();
        double percent = 0;
        double low = 0;
        double high = 0;
        By by = By.MEASURED;
        for (Part part : parts) {
            SeedMoisture one = part.moisture().orElseThrow();
            double share = part.mass() / mass;
            percent += share * one.percent;
            low += share * one.low;
            high += share * one.high;
            by = one.by.compareTo(by) > 0 ? one.by : by;
        }
        return Optional.of(new SeedMoisture(percent, low, high, by));
    }

    private static SeedMoisture within(double percent, double low, double high, By by) {
        return new SeedMoisture(percent, Math.max(0, low), Math.min(WETTEST, high), by);
    }
}
