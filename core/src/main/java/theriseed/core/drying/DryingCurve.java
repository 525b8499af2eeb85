package theriseed.core.drying;

import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * How a batch dries, from what it weighed: the water above what the air will leave shrinks as exp(&minus;k t^n). Holds
 * for this batch, layer and air; look ahead at most twice as far as was weighed, and do not mix two drying rooms.
 *
 * <p>Page (1949); with n = 1 Lewis (1921).
 *
 * @param k of hours
 * @param n shape
 * @param misfit root mean square of the moisture ratio against the curve
 * @param targetRatio moisture ratio at the target
 * @param targetMass grams at the target
 * @param hoursToTarget from the beginning
 * @param hoursLeft from the last weighing
 */
public record DryingCurve(
        double k,
        double n,
        double misfit,
        double targetRatio,
        double targetMass,
        double hoursToTarget,
        double hoursLeft) {
    /** Whether the shape is fitted or taken to be 1. */
    public enum Shape {
        PAGE,
        NEWTON
    }

    /**
     * @param hours of the weighings, the first 0, rising
     * @param masses then, grams, not rising
     * @param moisture at the first, % wet basis
     * @param equilibrium moisture that the air leaves, % wet basis
     * @param target moisture, above the equilibrium and below that of the first
     */
    public static DryingCurve through(
            double[] hours, double[] masses, double moisture, double equilibrium, double target, Shape shape) {
        Range.of(3, 10_000, "weighings").check("times", hours.length);
        Range.of(hours.length, hours.length, "weighings").check("masses", masses.length);
        WaterContent.WET_BASIS.check("m0", moisture);
        Range.below(0, moisture, "% wet basis").check("me", equilibrium);
        Range.between(equilibrium, moisture, "% wet basis").check("mt", target);
        Range.of(0, 0, "h").check("times[0]", hours[0]);
        Range.above(0, 1e9, "g").check("masses[0]", masses[0]);
        double dry = Moisture.dry(masses[0], moisture);
        double left = WaterContent.dryBasis(equilibrium);
        double first = WaterContent.dryBasis(moisture);
        double[] ratios = new double[hours.length];
        for (int i = 0; i < hours.length; i++) {
            if (i > 0) {
                Range.above(hours[i - 1], 1e5, "h").check("times[" + i + "]", hours[i]);
                Range.above(0, masses[i - 1], "g").check("masses[" + i + "]", masses[i]);
            }
            double water = 100 * (masses[i] - dry) / dry;
            if (water <= left) {
                throw new OutOfRange(
                        "masses[" + i + "]",
                        masses[i],
                        new Refusal.Outside(
                                dry * (1 + left / 100),
                                false,
                                Double.POSITIVE_INFINITY,
                                false,
                                "g",
                                "AIR_LEAVES_WATER"));
            }
            ratios[i] = (water - left) / (first - left);
        }
        double[] x = IntStream.range(1, hours.length)
                .mapToDouble(i -> Math.log(hours[i]))
                .toArray();
        double[] y = IntStream.range(1, hours.length)
                .mapToDouble(i -> Math.log(-Math.log(ratios[i])))
                .toArray();
        double n = shape == Shape.NEWTON ? 1 : slope(x, y);
        double k = Math.exp(mean(y) - n * mean(x));
        DoubleUnaryOperator curve = t -> Math.exp(-k * Math.pow(t, n));
        double squares = 0;
        for (int i = 0; i < hours.length; i++) {
            squares += Math.pow(ratios[i] - curve.applyAsDouble(hours[i]), 2);
        }
        double ratio = (WaterContent.dryBasis(target) - left) / (first - left);
        double reached = Math.pow(-Math.log(ratio) / k, 1 / n);
        return new DryingCurve(
                k,
                n,
                Math.sqrt(squares / x.length),
                ratio,
                WaterContent.massAt(masses[0], moisture, target),
                reached,
                Math.max(0, reached - hours[hours.length - 1]));
    }

    private static double slope(double[] x, double[] y) {
        double together = 0;
        double alone = 0;
        double middle = mean(x);
        double level = mean(y);
        for (int i = 0; i < x.length; i++) {
            together += (x[i] - middle) * (y[i] - level);
            alone += (x[i] - middle) * (x[i] - middle);
        }
        return together / alone;
    }

    private static double mean(double[] values) {
        return IntStream.range(0, values.length).mapToDouble(i -> values[i]).sum() / values.length;
    }
}
