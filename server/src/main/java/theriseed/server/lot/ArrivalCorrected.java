package theriseed.server.lot;

import java.math.BigDecimal;
import java.util.UUID;

/** More or less of a lot's seed came than was thought, grams. Who built on it may refuse it by throwing. */
public record ArrivalCorrected(UUID lotId, BigDecimal was, BigDecimal mass, String reason) {}
