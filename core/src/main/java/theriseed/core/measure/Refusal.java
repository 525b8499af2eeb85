package theriseed.core.measure;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;

/** Why a value is not taken, with the figures. How people are told stands in the catalogue of sentences. */
public sealed interface Refusal {
    /** What would be taken, as programs and the worked examples read it. */
    String valid();

    /**
     * The value lies outside a range.
     *
     * @param low of the range, and {@code high}: infinite where it has no such end
     * @param unit a symbol, or what is counted; empty for a plain number
     * @param because what sets the range, by its name in the catalogue; null where nothing needs to be said
     */
    record Outside(double low, boolean lowIncluded, double high, boolean highIncluded, String unit, String because)
            implements Refusal {
        @Override
        public String valid() {
            return ((lowIncluded ? "[" : "(") + Range.plain(low) + ", " + Range.plain(high)
                            + (highIncluded ? "] " : ") ") + unit)
                    .strip();
        }
    }

    /** The day, or moment, lies outside two others; null where one of them has no such end. */
    record OutsideDays(LocalDate low, LocalDate high) implements Refusal {
        @Override
        public String valid() {
            return low == null
                    ? "on or before " + high
                    : high == null ? "on or after " + low : "[" + low + ", " + high + "]";
        }
    }

    /** Nothing was given where something is needed. */
    record Missing() implements Refusal {
        @Override
        public String valid() {
            return "a value";
        }
    }

    /**
     * A rule of the work does not allow it.
     *
     * @param rule by its name in the catalogue
     * @param figures that the rule's sentence tells
     */
    record AgainstRule(String rule, Map<String, Object> figures) implements Refusal {
        /** @param namesAndFigures each figure behind its name */
        public static AgainstRule of(String rule, Object... namesAndFigures) {
            Map<String, Object> figures = new LinkedHashMap<>();
            for (int i = 0; i < namesAndFigures.length; i += 2) {
                figures.put((String) namesAndFigures[i], namesAndFigures[i + 1]);
            }
            return new AgainstRule(rule, figures);
        }

        @Override
        public String valid() {
            return rule + (figures.isEmpty() ? "" : " " + figures);
        }
    }
}
