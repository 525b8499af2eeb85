package theriseed.server.quality;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.quality.PurityResult;

/** A purity test with what it says. Grams. */
public record PurityView(
        UUID id,
        int version,
        LocalDate testedOn,
        BigDecimal initial,
        BigDecimal pure,
        BigDecimal other,
        BigDecimal weed,
        BigDecimal inert,
        Says result,
        String note,
        String recordedBy) {

    /** The test itself. */
    public PurityResult test() {
        return PurityResult.of(
                initial.doubleValue(),
                pure.doubleValue(),
                other.doubleValue(),
                weed.doubleValue(),
                inert.doubleValue());
    }

    /**
     * Percent of the sum of the parts, to one decimal; together 100.
     *
     * @param weightChange percent by which the parts differ from the start; {@code changeAllowed} percent is allowed
     * @param valid whether that is at most 5 %
     */
    public record Says(
            double weightChange,
            double changeAllowed,
            boolean valid,
            double pure,
            double other,
            double weed,
            double inert) {
        static Says of(PurityResult test) {
            double[] reported = test.reported();
            return new Says(
                    test.weightChange(),
                    PurityResult.CHANGE_ALLOWED,
                    test.valid(),
                    reported[0],
                    reported[1],
                    reported[2],
                    reported[3]);
        }
    }
}
