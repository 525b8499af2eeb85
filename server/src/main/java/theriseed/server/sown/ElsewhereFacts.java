package theriseed.server.sown;

import java.math.BigDecimal;
import java.time.LocalDate;
import theriseed.core.measure.Range;
import theriseed.server.base.Refused;

/**
 * What is known of seed from elsewhere that was sown.
 *
 * @param supplier who it is from: a seed house, a neighbour, one's own jar of before
 * @param theirNumber of their lot; empty where it has none
 * @param grownIn year of its harvest; null where that is not known
 * @param treatment what it was treated with; empty for nothing
 * @param mass grams; null where it was not weighed
 */
public record ElsewhereFacts(
        LocalDate sownOn,
        String supplier,
        String theirNumber,
        Integer grownIn,
        String treatment,
        BigDecimal mass,
        String note) {
    /** Older seed hardly comes up. */
    private static final int OLDEST_YEARS = 30;

    public ElsewhereFacts {
        if (supplier.isBlank()) {
            throw Refused.missing("supplier");
        }
        if (grownIn != null) {
            Range.of(sownOn.getYear() - OLDEST_YEARS, sownOn.getYear(), "year").check("grownIn", grownIn);
        }
        if (mass != null) {
            Range.above(0, 1e6, "g").check("mass", mass);
        }
    }
}
