package theriseed.core.seedroom;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.crop.LifeCycle;
import theriseed.core.population.PopulationPlan;

/**
 * When a variety in stock must be grown again, how many plants of it, and from which lot. What a year takes is a guess, and
 * no crop failure is in the forecast; {@code plants} have one in reserve.
 *
 * @param grams in stock now, packets too; lots on hold do not count, for nobody knows whether they are any good
 * @param germination percent as it should be today, by weight
 * @param standard percent
 * @param forecast year by year, from this one on
 * @param sooner last season to sow it in when a year takes {@value #MORE} times as much, and {@code later} when it takes
 *     {@value #LESS} times
 * @param plants to grow: what gives {@value #YEARS_TO_LAST} years' demand, and at least what keeps a variety
 * @param forQuantity whether the demand sets them, not the least that keep a variety
 * @param from lot whose seed to sow; none where no lot that is left would do
 * @param <L> by what a lot is known
 */
public record Regeneration<L>(
        double grams,
        double germination,
        double standard,
        StockForecast forecast,
        Optional<Integer> sooner,
        Optional<Integer> later,
        int plants,
        boolean forQuantity,
        Optional<L> from) {
    /** Years looked ahead: seed of most crops is not worth keeping longer. */
    public static final int YEARS = 6;

    /** What a year may take instead of what is expected, as factors: markets vary by about a third. A guess. */
    static final double MORE = 1.3;

    static final double LESS = 0.7;

    /** Share of what is left that is lost in a year: spilt, eaten, dried out. Small farms' experience; watch stock-takings. */
    static final double WASTE = 0.02;

    /** Share of the seed a crop gives that is left after cleaning. Usual for small lots; the farm's own yields tell better. */
    static final double RECOVERY = 0.8;

    /** Share of a crop to count as lost to weather and pests: one in four. A guess, and too little in a bad place. */
    static final double RISK = 0.25;

    /** Years for which stock that is grown again should last; a crop that is easily grown may be grown more often. */
    static final int YEARS_TO_LAST = 3;

    /** Days in which the probit falls by one where nothing is left that ages. */
    private static final double ANY_SIGMA = 1000;

    /** Forecasts take germinations above 0 and below 100. */
    private static final double LEAST_GERMINATION = 0.5;

    private static final double MOST_GERMINATION = 99.5;

    /** How a lot ages. @param now percent it should germinate today, {@code sigma} by {@link StorageLife} */
    public record Ageing(double now, double sigma) {}

    /**
     * A clean lot of the variety that is left.
     *
     * @param grams in bulk and packets; below 0, where the books say that more left than there was, counts as nothing
     * @param reserved grams kept for the farm's own sowing
     * @param held whether it is on hold
     * @param ageing none where it cannot be told
     * @param germination percent by its last test
     * @param sound whether nothing found against it is inherited by what is sown of it: crossing, off-types, weevils
     */
    public record Lot<L>(
            L key,
            Grade grade,
            double grams,
            double reserved,
            boolean held,
            Optional<Ageing> ageing,
            OptionalDouble germination,
            boolean sound) {}

    /**
     * @param lots that are clean and here
     * @param demand grams a year, at least 0
     * @param thousandSeedWeight grams, as last weighed; none where it never was
     * @param purity percent that is taken to be pure seed
     * @param year the first year looked at
     */
    public static <L> Regeneration<L> of(
            Crop crop, List<Lot<L>> lots, double demand, OptionalDouble thousandSeedWeight, double purity, int year) {
        List<Lot<L>> good = lots.stream().filter(lot -> !lot.held()).toList();
        double standard = Math.min(99, crop.germinationStandard());
        double grams =
                good.stream().mapToDouble(lot -> Math.max(0, lot.grams())).sum();
        StockForecast.Stock stock = new StockForecast.Stock(
                grams / 1000,
                germination(good, standard),
                sigma(good),
                thousandSeedWeight.orElse(crop.thousandSeedWeight()),
                purity);
        double reserved = lots.stream().mapToDouble(Lot::reserved).sum();
        Forecasting forecasting = new Forecasting(crop, stock, standard, reserved, year);
        int least = (int) crop.plants().of(Grade.MARKET);
        double each = (crop.seedPerPlant().low() + crop.seedPerPlant().high()) / 2;
        int wanted = demand == 0 || each <= 0
                ? 0
                : StockForecast.plantsFor(demand * YEARS_TO_LAST / 1000, each, RECOVERY, RISK);
        return new Regeneration<>(
                grams,
                stock.germination(),
                standard,
                forecasting.of(demand),
                forecasting.of(demand * MORE).latestSowing(),
                forecasting.of(demand * LESS).latestSowing(),
                Math.max(least, wanted),
                wanted > least,
                mother(good));
    }

    /** Years from sowing until there is seed to sell: two where it flowers after a winter. */
    public static int lead(Crop crop) {
        return crop.lifeCycle() == LifeCycle.ANNUAL ? 1 : 2;
    }

    private record Forecasting(Crop crop, StockForecast.Stock stock, double standard, double reserved, int year) {
        StockForecast of(double demand) {
            double[] years = new double[YEARS];
            Arrays.fill(years, demand / 1000);
            StockForecast.Needs needs = new StockForecast.Needs(
                    standard,
                    years,
                    (int) crop.plants().of(Grade.MARKET),
                    PopulationPlan.USUAL_ESTABLISHMENT,
                    reserved / 1000,
                    WASTE);
            return StockForecast.of(stock, needs, year, lead(crop));
        }
    }

    private static double germination(List<? extends Lot<?>> good, double standard) {
        double mass = 0;
        double all = 0;
        for (Lot<?> lot : good) {
            if (lot.ageing().isPresent() && lot.grams() > 0) {
                mass += lot.grams();
                all += lot.grams() * lot.ageing().get().now();
            }
        }
        return Math.min(MOST_GERMINATION, Math.max(LEAST_GERMINATION, mass == 0 ? standard : all / mass));
    }

    /** The largest lot's: it is what lasts. */
    private static double sigma(List<? extends Lot<?>> good) {
        return good.stream()
                .filter(lot -> lot.ageing().isPresent() && lot.grams() > 0)
                .max(Comparator.comparingDouble(Lot::grams))
                .map(lot -> lot.ageing().get().sigma())
                .orElse(ANY_SIGMA);
    }

    /** The best of the highest grade that is left and sound. */
    private static <L> Optional<L> mother(List<Lot<L>> good) {
        return good.stream()
                .filter(lot -> lot.grams() > 0 && lot.germination().isPresent() && lot.sound())
                .max(Comparator.comparing((Lot<L> lot) -> lot.grade())
                        .thenComparingDouble(lot -> lot.germination().getAsDouble()))
                .map(Lot::key);
    }
}
