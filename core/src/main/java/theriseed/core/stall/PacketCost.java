package theriseed.core.stall;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * What a packet cost and what it must bring, in the farm's currency.
 *
 * @param fixed spent whether or not a packet is sold
 * @param perFilled cost of each packet filled
 * @param perSold cost of each packet sold
 * @param priceForMargin price that leaves the margin
 * @param breakEven packets sold from which it pays; 0 when it never does
 */
public record PacketCost(double fixed, double perFilled, double perSold, double priceForMargin, int breakEven) {
    /**
     * @param hours of labour at {@code wage} each
     * @param perPacket bag, label and the like
     * @param unsold share that stays unsold, 0 to below 1
     * @param margin share of the price kept; with {@code fees} below 1
     * @param price asked, or not a number to take the price for the margin
     */
    public static PacketCost of(
            double land,
            double materials,
            double hours,
            double wage,
            double ownSeed,
            double perPacket,
            int packets,
            double unsold,
            double margin,
            double fees,
            double price) {
        Range.of(1, 1e7, "packets").check("packets", packets);
        Range.below(0, 1, "").check("unsold", unsold);
        Range.below(0, 1, "").check("margin+fees", margin + fees);
        double fixed = land + materials + hours * wage + ownSeed;
        double total = fixed + perPacket * packets;
        double perSold = total / (packets * (1 - unsold));
        double forMargin = perSold / (1 - margin - fees);
        double gain = (Double.isNaN(price) ? forMargin : price) * (1 - fees) - perPacket;
        return new PacketCost(fixed, total / packets, perSold, forMargin, gain > 0 ? Chance.roundUp(fixed / gain) : 0);
    }
}
