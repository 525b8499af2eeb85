package theriseed.server.bench;

import java.util.List;
import theriseed.core.bench.LotYield;
import theriseed.server.base.Maybe;

/**
 * What came of what was picked into a lot, through all lots its seed went into.
 *
 * @param clean grams of clean seed so far
 * @param waiting share of what was picked that is not clean yet, 0 to 1
 * @param into numbers of the lots its seed stands in now
 * @param minutes of one person's work at the bench, of blends its share
 * @param yield against what is usual, once all of it is clean
 */
public record PickingView(
        double clean,
        double waiting,
        List<String> into,
        double minutes,
        @Maybe LotYield yield) {}
