package theriseed.server.bench;

import theriseed.core.bench.OwnRange;
import theriseed.server.base.Maybe;

/**
 * What the rules would say of a step, before it is kept.
 *
 * @param meant grams that were probably meant, where the mass out looks typed in the wrong unit
 * @param place among the farm's own steps of the kind with the crop; absent while there are too few
 * @param changes to steps that stand already, and to the yield
 */
public record StepTried(
        StepView step, @Maybe Double meant, @Maybe OwnRange.Place place, LotChanges changes) {}
