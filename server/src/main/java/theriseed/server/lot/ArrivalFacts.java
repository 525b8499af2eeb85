package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Refused;

/**
 * What is told of seed that came here, or was here before there were records.
 *
 * @param mass grams, above 0
 * @param oldNumber the number it had; empty for none
 * @param grownIn year of harvest
 * @param plants it was picked from; null where nobody knows
 * @param treatment of the seed; empty for none
 * @param theirGermination percent by whoever it is from; null where none was told
 */
public record ArrivalFacts(
        Came way,
        LocalDate cameOn,
        BigDecimal mass,
        String fromWhom,
        String oldNumber,
        int grownIn,
        Integer plants,
        String treatment,
        Integer theirGermination,
        LocalDate theirTestOn,
        String note) {
    /** Older seed hardly comes up. */
    private static final int OLDEST_YEARS = 30;

    public ArrivalFacts {
        fromWhom = fromWhom.strip();
        oldNumber = oldNumber.strip();
        treatment = treatment.strip();
        note = note.strip();
        if (way.elsewhere() && fromWhom.isEmpty()) {
            throw Refused.missing("fromWhom");
        }
        Range.of(cameOn.getYear() - OLDEST_YEARS, cameOn.getYear(), "year").check("grownIn", grownIn);
        Range.above(0, 1e6, "g").check("mass", mass);
        if (plants != null) {
            Range.of(1, 1e5, "plants").check("plants", plants);
        }
        if (theirGermination != null) {
            Range.of(0, 100, "%").check("theirGermination", theirGermination);
        }
        if (theirTestOn != null) {
            SeasonDates.check("theirTestOn", theirTestOn, LocalDate.of(grownIn, 1, 1), cameOn);
        }
    }
}
