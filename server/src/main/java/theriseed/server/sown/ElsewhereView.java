package theriseed.server.sown;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** Seed from elsewhere that was sown. @param mass grams, where it was weighed */
public record ElsewhereView(
        UUID id,
        int version,
        UUID plantingId,
        LocalDate sownOn,
        String supplier,
        String theirNumber,
        @Maybe Integer grownIn,
        String treatment,
        @Maybe BigDecimal mass,
        String note,
        String recordedBy) {}
