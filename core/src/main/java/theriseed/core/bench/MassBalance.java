package theriseed.core.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import theriseed.core.drying.Moisture;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * Where the mass of a lot went, step by step, in any one unit of mass. Conservation of mass; wash water carries dry
 * matter nobody weighs, so a wet extraction balances to about 10 % at best.
 */
public final class MassBalance {
    /** Share of dry matter that may be missing before it is worth asking, percent. */
    public static final double USUAL_ALARM = 5;

    /** The same for wet steps, whose wash water is not weighed. */
    public static final double WET_ALARM = 10;

    private static final Range IN = Range.above(0, 1e9, "g");
    private static final Range OUT = Range.of(0, 1e9, "g");

    private MassBalance() {}

    /**
     * What was weighed in one step. An absent moisture is not evaluated, never zero.
     *
     * @param in entering, above 0
     * @param added water added, at least 0
     * @param seed kept
     * @param byProduct weighed and gone elsewhere
     * @param loss known to be lost
     */
    public record Weighed(
            double in,
            OptionalDouble moistureIn,
            double added,
            double seed,
            OptionalDouble moistureSeed,
            double byProduct,
            OptionalDouble moistureByProduct,
            double loss) {
        public Weighed {
            IN.check("in", in);
            OUT.check("added", added);
            OUT.check("seed", seed);
            OUT.check("by", byProduct);
            OUT.check("loss", loss);
            moistureIn.ifPresent(m -> Moisture.PERCENT.check("m_in", m));
            moistureSeed.ifPresent(m -> Moisture.PERCENT.check("m_seed", m));
            moistureByProduct.ifPresent(m -> Moisture.PERCENT.check("m_by", m));
        }

        /**
         * As a bench records it. More out than in is refused where no water was added; moistures are taken alike in and
         * out where a step neither wets nor dries, or only opens fruit.
         */
        public static Weighed recorded(
                StepKind kind,
                double in,
                double added,
                double out,
                double byProduct,
                OptionalDouble moistureIn,
                OptionalDouble moistureOut) {
            IN.check("massIn", in);
            Range.of(0, 1e9, "g").check("waterAdded", added);
            if (added > 0 && !kind.wet()) {
                throw new OutOfRange(
                        "waterAdded", added, new Refusal.Outside(0, true, 0, true, "g", "STEP_TAKES_NO_WATER"));
            }
            MixedUnits.checkAtMost("massOut", out, left(in, added));
            Range.of(0, left(in, added, out), "g").check("byProduct", byProduct);
            boolean alike = kind.keepsMass(added > 0) && moistureIn.isEmpty() && moistureOut.isEmpty();
            OptionalDouble in2 = alike ? OptionalDouble.of(0) : moistureIn;
            OptionalDouble out2 = alike ? OptionalDouble.of(0) : moistureOut;
            return new Weighed(in, in2, added, out, out2, byProduct, OptionalDouble.empty(), 0);
        }

        private double net() {
            return left(in, added, seed, byProduct, loss);
        }

        /**
         * What is left of what went in. Weights are decimals: what closes to the last digit must leave 0, which binary
         * fractions do not.
         */
        private static double left(double in, double added, double... out) {
            BigDecimal left = BigDecimal.valueOf(in).add(BigDecimal.valueOf(added));
            for (double gone : out) {
                left = left.subtract(BigDecimal.valueOf(gone));
            }
            return left.doubleValue();
        }

        private int weighings() {
            return 1 + (seed > 0 ? 1 : 0) + (byProduct > 0 ? 1 : 0) + (loss > 0 ? 1 : 0);
        }
    }

    /**
     * @param wetDifference entered less what left, wet; may be below 0 only where water was added
     * @param seedAtReference seed kept, at the reference moisture
     * @param recovery share of the dry matter kept in this step, 0 to 1
     * @param cumulative the same over all steps so far that could be evaluated
     * @param unaccounted percent of dry matter gone unseen; below 0 when a weight or a moisture is wrong
     * @param alarm whether that is worth asking about
     */
    public record Step(
            double wetDifference,
            OptionalDouble seedAtReference,
            OptionalDouble recovery,
            OptionalDouble cumulative,
            OptionalDouble unaccounted,
            boolean alarm) {}

    /**
     * @param reference moisture at which seed is compared, percent
     * @param alarm percent of dry matter
     * @param scaleError of one weighing, at least 0
     */
    public static List<Step> of(List<Weighed> steps, double reference, double alarm, double scaleError) {
        Moisture.PERCENT.check("m_ref", reference);
        Range.of(0, 100, "%").check("alarm", alarm);
        Range.of(0, 1e6, "g").check("scale_u", scaleError);
        List<Step> balance = new ArrayList<>();
        double cumulative = 1;
        for (Weighed step : steps) {
            OptionalDouble atReference = step.moistureSeed().isPresent()
                    ? OptionalDouble.of(
                            Moisture.at(step.seed(), step.moistureSeed().getAsDouble(), reference))
                    : OptionalDouble.empty();
            if (step.moistureIn().isEmpty() || step.moistureSeed().isEmpty()) {
                balance.add(new Step(
                        step.net(),
                        atReference,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        step.added() == 0 && step.net() < 0));
                continue;
            }
            double moistureIn = step.moistureIn().getAsDouble();
            double moistureSeed = step.moistureSeed().getAsDouble();
            double dryIn = Moisture.dry(step.in(), moistureIn);
            double drySeed = Moisture.dry(step.seed(), moistureSeed);
            double dryBy =
                    Moisture.dry(step.byProduct(), step.moistureByProduct().orElse(moistureSeed));
            double unaccounted = 100 * (dryIn - drySeed - dryBy - Moisture.dry(step.loss(), moistureIn)) / dryIn;
            double noise = 2 * 100 * scaleError * Math.sqrt(step.weighings()) / dryIn;
            cumulative *= drySeed / dryIn;
            balance.add(new Step(
                    step.net(),
                    atReference,
                    OptionalDouble.of(drySeed / dryIn),
                    OptionalDouble.of(cumulative),
                    OptionalDouble.of(unaccounted),
                    Math.abs(unaccounted) > Math.max(alarm, noise)));
        }
        return balance;
    }

    /**
     * What a lot gave for what it took.
     *
     * @param seedAtReference seed at the reference moisture, in the unit of mass given
     * @param perThousandOfInput grams of seed for each kilogram picked
     * @param inputPerHour picked mass handled an hour
     * @param seedPerHour seed an hour
     * @param labourPerUnit hours of one person for each unit of seed
     */
    public record Yield(
            double seedAtReference,
            double perThousandOfInput,
            double inputPerHour,
            double seedPerHour,
            double labourPerUnit) {

        /** @param hours worked by {@code people}, above 0 */
        public static Yield of(
                double seed, double moisture, double reference, double input, double hours, double people) {
            Range.above(0, 1e6, "kg").check("seed_kg", seed);
            Range.above(0, 1e6, "kg").check("fruit_kg", input);
            Range.above(0, 1e5, "h").check("hours", hours);
            Range.above(0, 1000, "people").check("people", people);
            double atReference = Moisture.at(seed, moisture, reference);
            return new Yield(
                    atReference,
                    1000 * atReference / input,
                    input / hours,
                    atReference / hours,
                    hours * people / atReference);
        }
    }
}
