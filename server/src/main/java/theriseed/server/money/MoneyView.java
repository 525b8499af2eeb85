package theriseed.server.money;

import java.math.BigDecimal;
import java.util.Map;
import theriseed.core.stall.Work;
import theriseed.server.base.Maybe;

/**
 * What a lot or a variety cost and brought so far, in the farm's currency.
 *
 * @param area ground it took, m&sup2; {@code ground} what that costs
 * @param hours by kind of work; {@code wages} for them
 * @param packets bags and labels
 * @param failed its share of what came to nothing
 * @param cost all of that
 * @param brought by sales of seed; {@code fees} of it; {@code byProducts} brought so much besides
 * @param left of what it brought when all is paid
 * @param perHour what an hour earned before the wage; {@code perSquareMetre} what is left for each; absent where not known
 * @param bulkLeft grams; with {@code packetsLeft} not sold yet, which are {@code worth} so much at the packets' price
 */
public record MoneyView(
        double area,
        double ground,
        Map<Work, Double> hours,
        double wages,
        double materials,
        double ownSeed,
        double packets,
        double failed,
        double cost,
        double brought,
        double byProducts,
        double fees,
        double left,
        @Maybe Double perHour,
        @Maybe Double perSquareMetre,
        int packetsSold,
        int packetsLeft,
        BigDecimal bulkLeft,
        double worth) {}
