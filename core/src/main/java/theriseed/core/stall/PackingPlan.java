package theriseed.core.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;

/**
 * How many packets a bulk fills.
 *
 * @param leftOver grams that fill no further packet, handling loss taken off
 */
public record PackingPlan(int packets, double leftOver) {
    /** Share of what is scooped that is spilt or sticks to the scoop. Experience; dusty small seed loses more. */
    public static final double HANDLING_LOSS = 0.01;

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

    /** Grams of bulk that so many packets take, with what is spilt; to the milligram, rounded up. */
    public static BigDecimal taken(BigDecimal fill, int packets) {
        return fill.multiply(BigDecimal.valueOf(packets))
                .divide(BigDecimal.valueOf(1 - HANDLING_LOSS), 3, RoundingMode.UP);
    }

    /**
     * Seeds for so much row: plants at their distance in it, and more where fewer germinate and come up.
     *
     * @param inRow metres from plant to plant
     * @param germination percent; taken as 1 where it is less
     */
    public static int seedsForRow(int metres, double inRow, double germination) {
        Range.of(0, 1e6, "m").check("metres", metres);
        Range.above(0, 10, "m").check("inRow", inRow);
        Range.of(0, 100, "%").check("germination", germination);
        int plants = Math.max(1, (int) Math.ceil(metres / inRow));
        return (int) Math.ceil(plants / (Math.max(1, germination) / 100 * PopulationPlan.USUAL_ESTABLISHMENT));
    }
}
