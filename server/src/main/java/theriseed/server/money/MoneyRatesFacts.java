package theriseed.server.money;

import java.math.BigDecimal;

/**
 * What costs are calculated with, in the farm's currency.
 *
 * @param wage an hour, one's own hours too
 * @param ground a square metre and year
 * @param packet bag and label of one packet
 * @param fees percent of the price that the stall, the post or the bank keeps
 * @param unsold percent of the packets that are never sold
 * @param margin percent of the price to keep
 */
public record MoneyRatesFacts(
        BigDecimal wage, BigDecimal ground, BigDecimal packet, double fees, double unsold, double margin) {}
