package theriseed.core.measure;

import java.math.BigDecimal;

/**
 * The values a quantity may take, with its unit, and the one way a value outside them is refused.
 *
 * <p>Messages read {@code FIELD: VALUE is outside the valid range [LOW, HIGH] UNIT}; a square bracket includes the end,
 * a round one excludes it.
 */
public final class Range {
    private final double low;
    private final boolean lowIncluded;
    private final double high;
    private final boolean highIncluded;
    private final String unit;
    private final String because;

    private Range(double low, boolean lowIncluded, double high, boolean highIncluded, String unit, String because) {
        this.low = low;
        this.lowIncluded = lowIncluded;
        this.high = high;
        this.highIncluded = highIncluded;
        this.unit = unit;
        this.because = because;
    }

    /** Both ends belong: [low, high]. */
    public static Range of(double low, double high, String unit) {
        return new Range(low, true, high, true, unit, null);
    }

    /** The low end does not belong: (low, high]. */
    public static Range above(double low, double high, String unit) {
        return new Range(low, false, high, true, unit, null);
    }

    /** The high end does not belong: [low, high). */
    public static Range below(double low, double high, String unit) {
        return new Range(low, true, high, false, unit, null);
    }

    /** Neither end belongs: (low, high). */
    public static Range between(double low, double high, String unit) {
        return new Range(low, false, high, false, unit, null);
    }

    /** From that on, without an end: [low, inf). */
    public static Range from(double low, String unit) {
        return new Range(low, true, Double.POSITIVE_INFINITY, false, unit, null);
    }

    /** The same, with what sets it: a name in the catalogue of sentences. */
    public Range because(String limit) {
        return new Range(low, lowIncluded, high, highIncluded, unit, limit);
    }

    /**
     * Gives the value back, or refuses it.
     *
     * @throws OutOfRange if the value is not a number, infinite or outside
     */
    public double check(String field, double value) {
        if (!holds(value)) {
            throw new OutOfRange(field, plain(value), refusal());
        }
        return value;
    }

    /** Whether the value is a number within it. */
    public boolean holds(double value) {
        boolean tooLow = lowIncluded ? value < low : value <= low;
        boolean tooHigh = highIncluded ? value > high : value >= high;
        return Double.isFinite(value) && !tooLow && !tooHigh;
    }

    /** As {@link #check(String, double)} for whole numbers. */
    public int check(String field, int value) {
        check(field, (double) value);
        return value;
    }

    /** As {@link #check(String, double)} for exact decimals, which are given back exact. */
    public BigDecimal check(String field, BigDecimal value) {
        check(field, value.doubleValue());
        return value;
    }

    private Refusal refusal() {
        return new Refusal.Outside(low, lowIncluded, high, highIncluded, unit, because);
    }

    static String plain(double value) {
        if (Double.isNaN(value)) {
            return "not a number";
        }
        if (Double.isInfinite(value)) {
            return value > 0 ? "inf" : "-inf";
        }
        String digits = BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
        return digits.equals("-0") ? "0" : digits;
    }
}
