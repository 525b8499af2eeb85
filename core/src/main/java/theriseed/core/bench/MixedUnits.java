package theriseed.core.bench;

import java.util.OptionalDouble;
import theriseed.core.crop.Usual;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * Notices a mass typed in the wrong unit: grams for kilograms, or the other way round. It asks; only the grower
 * knows.
 */
public final class MixedUnits {
    /** How far from the usual a mass must lie before it is doubted; well under the thousandfold of a mistaken unit. */
    private static final double DOUBTED = 5;

    /** How near to the usual it must come in the other unit. */
    private static final double NEAR = 2;

    private MixedUnits() {}

    /** The mass that was probably meant, in the unit of {@code usual}; none where what was typed may well be right. */
    public static OptionalDouble meant(double typed, Usual usual) {
        if (typed < usual.low() / DOUBTED && near(typed * 1000, usual)) {
            return OptionalDouble.of(typed * 1000);
        }
        if (typed > usual.high() * DOUBTED && near(typed / 1000, usual)) {
            return OptionalDouble.of(typed / 1000);
        }
        return OptionalDouble.empty();
    }

    /**
     * Refuses a mass that cannot be, and asks whether its thousandth was meant where it is far too much and that can be.
     *
     * @param mass grams, above 0 up to {@code most}
     * @throws OutOfRange of the field
     */
    public static void checkAtMost(String field, Number mass, double most) {
        checkAtMost(field, mass, Range.above(0, most, "g"), most);
    }

    /** The same where there is a reason why it is at most so much. @param because key of the sentence that says it */
    public static void checkAtMost(String field, Number mass, double most, String because) {
        checkAtMost(field, mass, Range.above(0, most, "g").because(because), most);
    }

    private static void checkAtMost(String field, Number mass, Range allowed, double most) {
        double grams = mass.doubleValue();
        if (grams > DOUBTED * most && grams / 1000 <= most) {
            throw new OutOfRange(
                    field,
                    mass,
                    Refusal.AgainstRule.of("mass.thousandfold", "given", grams, "most", most, "meant", grams / 1000));
        }
        allowed.check(field, grams);
    }

    private static boolean near(double mass, Usual usual) {
        return mass >= usual.low() / NEAR && mass <= usual.high() * NEAR;
    }
}
