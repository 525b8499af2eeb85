package theriseed.server.quality;

import java.math.BigDecimal;
import java.time.LocalDate;

/** A purity test as it is told; grams. */
public record PurityFacts(
        LocalDate testedOn,
        BigDecimal initial,
        BigDecimal pure,
        BigDecimal other,
        BigDecimal weed,
        BigDecimal inert,
        String note) {}
