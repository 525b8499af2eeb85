package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * How seed of a lot came here that no planting of these records gave.
 *
 * @param mass grams that came
 * @param fromWhom empty where it was grown here before
 * @param grownIn year of harvest
 * @param plants it was picked from; absent where nobody knows
 * @param treatment of the seed; empty for none
 * @param theirGermination percent, as they said it; no test of this farm's
 */
public record ArrivalView(
        UUID id,
        int version,
        UUID lotId,
        Came way,
        LocalDate cameOn,
        BigDecimal mass,
        String fromWhom,
        int grownIn,
        @Maybe Integer plants,
        String treatment,
        @Maybe Integer theirGermination,
        @Maybe LocalDate theirTestOn,
        String note,
        String recordedBy) {}
