package theriseed.core.stall;

import java.util.EnumMap;
import java.util.Map;
import theriseed.core.measure.Range;

/**
 * What was spent on a planting or a lot, in the farm's currency, and the hours worked on it, whose wage is in none of the
 * amounts.
 *
 * @param area ground it took, m&sup2;
 * @param ground for that ground
 * @param materials bought for it
 * @param ownSeed seed that was sown
 * @param byWork hours of each kind
 * @param byProducts what was sold of it besides seed: flesh, sauce, straw, cut flowers
 */
public record Spent(
        double area, double ground, double materials, double ownSeed, Map<Work, Double> byWork, double byProducts) {
    public static final Spent NONE = new Spent(0, 0, 0, 0, Map.of());

    /** Where nothing was sold besides seed. */
    public Spent(double area, double ground, double materials, double ownSeed, Map<Work, Double> byWork) {
        this(area, ground, materials, ownSeed, byWork, 0);
    }

    /** What was sold besides seed alone. @param money in the farm's currency */
    public static Spent sold(double money) {
        return new Spent(0, 0, 0, 0, Map.of(), Range.of(0, 1e6, "").check("amount", money));
    }

    /** Hours alone. */
    public static Spent hours(Work work, double hours) {
        return new Spent(0, 0, 0, 0, Map.of(work, Range.of(0, 1e6, "h").check("hours", hours)));
    }

    public Spent plus(Spent other) {
        Map<Work, Double> both = new EnumMap<>(Work.class);
        both.putAll(byWork);
        other.byWork.forEach((work, hours) -> both.merge(work, hours, Double::sum));
        return new Spent(
                area + other.area,
                ground + other.ground,
                materials + other.materials,
                ownSeed + other.ownSeed,
                both,
                byProducts + other.byProducts);
    }

    /** @param share 0 to 1 */
    public Spent times(double share) {
        Map<Work, Double> part = new EnumMap<>(Work.class);
        byWork.forEach((work, hours) -> part.put(work, hours * share));
        return new Spent(area * share, ground * share, materials * share, ownSeed * share, part, byProducts * share);
    }

    public double hours() {
        return byWork.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Before what by-products brought. @param wage an hour */
    public double cost(double wage) {
        return ground + materials + ownSeed + hours() * wage;
    }
}
