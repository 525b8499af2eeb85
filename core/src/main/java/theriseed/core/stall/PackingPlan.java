package theriseed.core.stall;

import theriseed.core.measure.Range;

/**
 * How many packets a bulk fills.
 *
 * @param leftOver grams that fill no further packet, handling loss taken off
 */
public record PackingPlan(int packets, double leftOver) {
    /**
     * @param bulk grams at hand, above 0
     * @param reserve grams kept back, 0 to bulk
     * @param loss share lost in handling, 0 to below 1
     * @param fill grams a packet, above 0
     */
    public static PackingPlan of(double bulk, double reserve, double loss, double fill) {
        Range.above(0, 1e9, "g").check("lot_g", bulk);
        Range.of(0, bulk, "g").check("reserve_g", reserve);
        Range.below(0, 1, "").check("handling_loss", loss);
        Range.above(0, 1e6, "g").check("fill_g", fill);
        double usable = (bulk - reserve) * (1 - loss);
        int packets = (int) Math.floor(usable / fill + 1e-9);
        return new PackingPlan(packets, Math.max(0, usable - packets * fill));
    }
}
