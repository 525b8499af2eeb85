package theriseed.core.seedroom;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;
import theriseed.core.population.SowingNeed;

/**
 * How long the stock of a variety lasts, year by year, and the last season in which it can be sown again in time. What
 * will be asked for is a guess, and no crop failure is in it: keep one season in reserve of what only you hold.
 * Germination is that at the start of each year; what is sold late is older.
 *
 * @param lead years from sowing until there is seed to sell: 1 for annuals, 2 for biennials
 */
public record StockForecast(List<Year> years, int lead) {
    /** Percent below which nobody sows it any more. */
    private static final double WORTH_SOWING = 1;

    /** What runs out. */
    public enum RunsOut {
        QUANTITY,
        GERMINATION
    }

    /**
     * A year.
     *
     * @param kilograms at its start
     * @param germination percent then
     * @param viable seeds that would germinate
     * @param ownSeeds seeds for the farm's own sowing, for a 95 % chance of the plants wanted
     * @param ownKilograms the same
     * @param runsOut what does not suffice; nothing when all does
     */
    public record Year(
            int year,
            double kilograms,
            double germination,
            double viable,
            int ownSeeds,
            double ownKilograms,
            Set<RunsOut> runsOut) {}

    /**
     * What is there, and how it ages.
     *
     * @param germination percent, above 0 and below 100
     * @param sigma days in which the probit of germination falls by one, by {@link StorageLife}
     * @param thousandSeedWeight grams; {@code purity} percent
     */
    public record Stock(double kilograms, double germination, double sigma, double thousandSeedWeight, double purity) {}

    /**
     * What it must do.
     *
     * @param standard percent of germination
     * @param demand kilograms in each year
     * @param ownPlants wanted from the farm's own sowing
     * @param establish share of germinated seed that becomes a plant, above 0 to 1
     * @param safety kilograms never sold
     * @param waste share of what is left that is lost in a year, 0 to 0.9
     */
    public record Needs(
            double standard, double[] demand, int ownPlants, double establish, double safety, double waste) {}

    /** @param first year of the demand; {@code lead} 1 to 4 */
    public static StockForecast of(Stock stock, Needs needs, int first, int lead) {
        Range.of(0, 1e6, "kg").check("kg0", stock.kilograms());
        double probit = Chance.normalQuantile(Range.between(0, 100, "%").check("g0", stock.germination()) / 100);
        Range.above(0, 1e7, "days").check("sigma_days", stock.sigma());
        Range.above(0, 5000, "g").check("tsw", stock.thousandSeedWeight());
        Range.above(0, 100, "%").check("purity", stock.purity());
        Range.of(0, 100, "%").check("standard", needs.standard());
        Range.of(0, 1e6, "kg").check("safety_kg", needs.safety());
        Range.of(0, 0.9, "").check("waste", needs.waste());
        Range.of(1, 4, "years").check("lead", lead);
        List<Year> years = new ArrayList<>();
        double kilograms = stock.kilograms();
        for (int i = 0; i < needs.demand().length; i++) {
            double demand = Range.of(0, 1e6, "kg").check("demand_kg[" + i + "]", needs.demand()[i]);
            double germination = 100 * Chance.normalAtMost(probit - 365.25 * i / stock.sigma());
            int seeds = germination < WORTH_SOWING
                    ? 0
                    : SowingNeed.of(needs.ownPlants(), 1, 0, germination / 100, needs.establish())
                            .seeds();
            double own = seeds * stock.thousandSeedWeight() / 1e6 / (stock.purity() / 100);
            Set<RunsOut> missing = EnumSet.noneOf(RunsOut.class);
            if (kilograms < demand + own + needs.safety()) {
                missing.add(RunsOut.QUANTITY);
            }
            if (germination < needs.standard()) {
                missing.add(RunsOut.GERMINATION);
            }
            double viable = Blend.seedsIn(kilograms, stock.purity(), stock.thousandSeedWeight()) * germination / 100;
            years.add(new Year(first + i, kilograms, germination, viable, seeds, own, missing));
            kilograms = Math.max(0, kilograms - demand - own) * (1 - needs.waste());
        }
        return new StockForecast(List.copyOf(years), lead);
    }

    /** The first year that does not suffice; nothing when all do. */
    public Optional<Integer> firstShort() {
        return years.stream()
                .filter(year -> !year.runsOut().isEmpty())
                .map(Year::year)
                .findFirst();
    }

    /** The last season to sow it so that there is seed again in time. */
    public Optional<Integer> latestSowing() {
        return firstShort().map(year -> year - lead);
    }

    /** Whether that season is over before the first year begins. */
    public boolean overdue() {
        return latestSowing().filter(season -> season < years.get(0).year()).isPresent();
    }

    /**
     * Plants that give so much clean seed.
     *
     * @param kilograms wanted
     * @param gramsEach a plant gives
     * @param recovery share of it left after cleaning, above 0 to 1
     * @param risk share of the crop to count as lost, 0 to below 1
     */
    public static int plantsFor(double kilograms, double gramsEach, double recovery, double risk) {
        Range.above(0, 1e6, "kg").check("kg_wanted", kilograms);
        Range.above(0, 1e5, "g").check("yield_g_plant", gramsEach);
        Range.above(0, 1, "").check("recovery", recovery);
        Range.below(0, 1, "").check("risk", risk);
        return Chance.roundUp(kilograms * 1000 / (gramsEach * recovery * (1 - risk)));
    }
}
