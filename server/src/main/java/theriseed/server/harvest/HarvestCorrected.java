package theriseed.server.harvest;

import java.math.BigDecimal;
import java.util.UUID;

/**
 * What was picked into a lot is said to have been otherwise. Who built on the old figure may refuse it by throwing.
 *
 * @param was grams, as it was thought
 * @param mass grams, as corrected
 * @param reason told for the correction
 */
public record HarvestCorrected(UUID lotId, BigDecimal was, BigDecimal mass, String reason) {}
