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

    private Range(double low, boolean lowIncluded, double high, boolean highIncluded, String unit) {
        this.low = low;
        this.lowIncluded = lowIncluded;
        this.high = high;
        this.highIncluded = highIncluded;
        this.unit = unit;
    }

    /** Both ends belong: [low, high]. */
    public static Range of(double low, double high, String unit) {
        return new Range(low, true, high, true, unit);
    }

    /** The low end does not belong: (low, high]. */
    public static Range above(double low, double high, String unit) {
        return new Range(low, false, high, true, unit);
    }

    /** The high end does not belong: [low, high). */
    public static Range below(double low, double high, String unit) {
        return new Range(low, true, high, false, unit);
    }

    /** Neither end belongs: (low, high). */
    public static Range between(double low, double high, String unit) {
        return new Range(low, false, high, false, unit);
    }

    /**
     * Gives the value back, or refuses it.
     *
     * @throws OutOfRange if the value is not a number, infinite or outside
     */
    public double check(String field, double value) {
        boolean tooLow = lowIncluded ? value < low : value <= low;
        boolean tooHigh = highIncluded ? value > high : value >= high;
        if (Double.isNaN(value) || Double.isInfinite(value) || tooLow || tooHigh) {
            throw new OutOfRange(field, plain(value), text(), unit);
        }
        return value;
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

    /** The range as it is shown, without its unit: {@code [0, 100)}. */
    public String text() {
        return (lowIncluded ? "[" : "(") + plain(low) + ", " + plain(high) + (highIncluded ? "]" : ")");
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
