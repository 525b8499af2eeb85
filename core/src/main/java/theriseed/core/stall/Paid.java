package theriseed.core.stall;

import java.util.OptionalDouble;

/**
 * What a crop paid so far.
 *
 * @param cost of all that was spent on it, the wage of the hours and its share of what failed included
 * @param left of what it brought when all is paid; below 0 while it has not brought what it cost
 * @param perHour what an hour of work on it earned, before the wage; none where no hour was written down
 * @param perSquareMetre what is left when all is paid, for each square metre it took; none where the ground is not known
 */
public record Paid(double cost, double left, OptionalDouble perHour, OptionalDouble perSquareMetre) {
    /**
     * @param brought by sales of seed, before {@code fees}, a share of it from 0 to below 1; by-products have none
     * @param failed its share of what came to nothing
     */
    public static Paid of(double brought, double fees, Spent spent, double failed, double wage) {
        double cost = spent.cost(wage) + failed;
        double received = brought * (1 - fees) + spent.byProducts();
        double left = received - cost;
        return new Paid(
                cost,
                left,
                spent.hours() > 0
                        ? OptionalDouble.of((left + spent.hours() * wage) / spent.hours())
                        : OptionalDouble.empty(),
                spent.area() > 0 ? OptionalDouble.of(left / spent.area()) : OptionalDouble.empty());
    }
}
