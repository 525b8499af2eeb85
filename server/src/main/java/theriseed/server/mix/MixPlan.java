package theriseed.server.mix;

import java.math.BigDecimal;
import java.util.List;
import theriseed.core.seedroom.SeedMix;
import theriseed.server.base.Maybe;

/**
 * What would come of putting lots together, without doing it. Grams.
 *
 * @param grams of each part, in their order
 * @param gramsPerSquareMetre absent where nobody said how thick it is sown
 */
public record MixPlan(
        List<BigDecimal> grams, SeedMix of, @Maybe Double gramsPerSquareMetre) {}
