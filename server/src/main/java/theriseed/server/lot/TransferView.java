package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.drying.SeedMoisture;
import theriseed.server.base.Maybe;

/**
 * Seed of one lot transferred into another.
 *
 * @param from number of the lot it was taken from, {@code to} of the one it went into
 * @param mass grams
 * @param moisture of the lot it was taken from, as it was known that day
 */
public record TransferView(
        UUID id,
        int version,
        UUID fromId,
        String from,
        UUID toId,
        String to,
        LocalDate transferredOn,
        BigDecimal mass,
        @Maybe SeedMoisture moisture,
        String recordedBy) {}
