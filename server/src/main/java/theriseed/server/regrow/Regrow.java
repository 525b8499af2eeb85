package theriseed.server.regrow;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.crop.LifeCycle;
import theriseed.core.population.PopulationPlan;
import theriseed.core.seedroom.StockForecast;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.quality.Quality;
import theriseed.server.quality.SeedWeightView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.seedroom.KeepingView;
import theriseed.server.seedroom.Keepings;
import theriseed.server.stall.LotsHere;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;

/** Calculates for every variety in stock when it must be grown again. Demand is a guess, and no crop failure is in it. */
@Service
public class Regrow {
    private static final int YEARS = 6;

    /** What leaves in a year is taken from the last two. */
    private static final int YEARS_OF_SALES = 2;

    private static final double MORE = 1.3;
    private static final double LESS = 0.7;
    private static final double WASTE = 0.02;
    private static final double RECOVERY = 0.8;
    private static final double RISK = 0.25;

    /** Stock to grow again should last this long. */
    private static final int YEARS_TO_LAST = 3;

    /** Where nothing is left there is nothing that ages. */
    private static final double ANY_SIGMA = 1000;

    private final VarietyDemandRepository demands;
    private final LotsHere here;
    private final Gate gate;
    private final Quality quality;
    private final Stall stall;
    private final Keepings keepings;
    private final Varieties varieties;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Regrow(
            VarietyDemandRepository demands,
            LotsHere here,
            Gate gate,
            Quality quality,
            Stall stall,
            Keepings keepings,
            Varieties varieties,
            Plantings plantings,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.demands = demands;
        this.here = here;
        this.gate = gate;
        this.quality = quality;
        this.stall = stall;
        this.keepings = keepings;
        this.varieties = varieties;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * Every variety that has or had clean seed of the last twelve seasons; what must be sown first comes first. Of lots that
     * are gone only what was used of them and their seed weight tells anything.
     */
    @ReadsOnly
    public List<RegrowView> all() {
        Map<Boolean, List<LotKnown>> there = gate.of(here.all()).stream()
                .collect(Collectors.partitioningBy(
                        lot -> lot.bench() != null && lot.bench().clean()));
        List<LotKnown> known = there.get(true);
        Set<UUID> notClean =
                there.get(false).stream().map(lot -> lot.lot().id()).collect(Collectors.toSet());
        List<LotView> ever =
                here.ever().stream().filter(lot -> !notClean.contains(lot.id())).toList();
        Map<UUID, StockView> stock = stall.stock(known);
        List<UUID> ids = ever.stream().map(LotView::id).toList();
        Map<UUID, BigDecimal> used = stall.usedSince(ids, time.today().minusYears(YEARS_OF_SALES));
        Map<UUID, KeepingView> kept = keepings.of(known);
        Map<UUID, List<LotKnown>> left =
                known.stream().collect(Collectors.groupingBy(lot -> lot.lot().varietyId()));
        Map<UUID, List<LotView>> byVariety = ever.stream().collect(Collectors.groupingBy(LotView::varietyId));
        Map<UUID, SeedWeightView> weighed = quality.seedWeights(ids);
        Map<UUID, VarietyView> named = varieties.byIds(byVariety.keySet());
        Map<UUID, List<Integer>> planned =
                plantings.seasonsForSeed(byVariety.keySet(), time.today().getYear());
        Map<UUID, VarietyDemand> wanted = demands.findByVarietyIdIn(byVariety.keySet()).stream()
                .collect(Collectors.toMap(VarietyDemand::varietyId, Function.identity()));
        return byVariety.entrySet().stream()
                .map(variety -> new Reckoning(
                                named.get(variety.getKey()),
                                crops.get(named.get(variety.getKey()).cropKey()),
                                variety.getValue(),
                                left.getOrDefault(variety.getKey(), List.of()),
                                stock,
                                used,
                                kept,
                                weighed,
                                Optional.ofNullable(wanted.get(variety.getKey())),
                                planned.getOrDefault(variety.getKey(), List.of()),
                                time.today())
                        .view())
                .sorted(Comparator.comparing((RegrowView one) -> one.sowBy() == null ? Integer.MAX_VALUE : one.sowBy())
                        .thenComparing(RegrowView::variety))
                .toList();
    }

    /** Says what the farm will need of a variety in a year. @param made of the figure that stood there, if any */
    @GrowersWork
    @Transactional
    public void expect(UUID varietyId, BigDecimal grams, String note, Changed made) {
        varieties.get(varietyId);
        Optional<VarietyDemand> before = demands.findByVarietyId(varietyId);
        if (before.isEmpty()) {
            demands.saveAndFlush(new VarietyDemand(varietyId, grams, note, stamps.now()));
            return;
        }
        VarietyDemand demand = before.get();
        Clash.check(demand, made.from(), demand.correctable());
        Map<String, Object> was = demand.correctable();
        demand.change(grams, note);
        corrections.keep("demand", demand.id(), was, demand.correctable(), made.because());
        demands.flush();
    }

    /** One variety. @param ever its lots that are or were clean, and {@code lots} those of them that are here */
    private record Reckoning(
            VarietyView variety,
            Crop crop,
            List<LotView> ever,
            List<LotKnown> lots,
            Map<UUID, StockView> stock,
            Map<UUID, BigDecimal> used,
            Map<UUID, KeepingView> kept,
            Map<UUID, SeedWeightView> weighed,
            Optional<VarietyDemand> expected,
            List<Integer> planned,
            LocalDate today) {

        RegrowView view() {
            double demand = expected.map(one -> one.grams().doubleValue()).orElseGet(this::left);
            StockForecast forecast = forecast(demand);
            Optional<StockForecast.Year> first = forecast.years().stream()
                    .filter(year -> !year.runsOut().isEmpty())
                    .findFirst();
            Set<StockForecast.RunsOut> out =
                    first.map(StockForecast.Year::runsOut).orElse(EnumSet.noneOf(StockForecast.RunsOut.class));
            int least = (int) crop.plants().of(Grade.MARKET);
            double each = (crop.seedPerPlant().low() + crop.seedPerPlant().high()) / 2;
            int forQuantity = demand == 0 || each <= 0
                    ? 0
                    : StockForecast.plantsFor(demand * YEARS_TO_LAST / 1000, each, RECOVERY, RISK);
            return new RegrowView(
                    variety.id(),
                    variety.name(),
                    variety.cropName(),
                    grams(),
                    germination(),
                    standard(),
                    demand,
                    expected.isEmpty(),
                    expected.map(VarietyDemand::version).orElse(null),
                    forecast.years(),
                    forecast.firstShort().orElse(null),
                    forecast.latestSowing().orElse(null),
                    forecast(demand * MORE).latestSowing().orElse(null),
                    forecast(demand * LESS).latestSowing().orElse(null),
                    forecast.overdue(),
                    List.copyOf(out),
                    Math.max(least, forQuantity),
                    forQuantity > least ? RegrowView.SetBy.QUANTITY : RegrowView.SetBy.POPULATION,
                    fromLot().map(lot -> lot.lot().number()).orElse(null),
                    planned.stream()
                            .filter(season -> ever.stream().noneMatch(lot -> lot.season() == season))
                            .toList(),
                    lead());
        }

        private StockForecast forecast(double demand) {
            double[] years = new double[YEARS];
            Arrays.fill(years, demand / 1000);
            double reserved = lots.stream()
                    .mapToDouble(lot -> stock.get(lot.lot().id()).reserved().doubleValue())
                    .sum();
            return StockForecast.of(
                    new StockForecast.Stock(
                            grams() / 1000, germination(), sigma(), seedWeight(), LotKnown.PURITY_TAKEN),
                    new StockForecast.Needs(
                            standard(),
                            years,
                            (int) crop.plants().of(Grade.MARKET),
                            PopulationPlan.USUAL_ESTABLISHMENT,
                            reserved / 1000,
                            WASTE),
                    today.getYear(),
                    lead());
        }

        /** Two years to seed where it flowers after a winter. */
        private int lead() {
            return crop.lifeCycle() == LifeCycle.ANNUAL ? 1 : 2;
        }

        private double standard() {
            return Math.min(99, crop.germinationStandard());
        }

        private double grams(LotKnown lot) {
            StockView own = stock.get(lot.lot().id());
            return own.bulk().doubleValue()
                    + own.runs().stream()
                            .mapToDouble(run -> run.left() * run.fill().doubleValue())
                            .sum();
        }

        /** Held lots do not count: nobody knows whether they are any good. */
        private Collection<LotKnown> good() {
            return lots.stream().filter(lot -> lot.lot().hold() == null).toList();
        }

        private double grams() {
            return good().stream().mapToDouble(this::grams).sum();
        }

        /** By weight, as it should be today. */
        private double germination() {
            double mass = 0;
            double all = 0;
            for (LotKnown lot : good()) {
                KeepingView keeping = kept.get(lot.lot().id());
                if (keeping != null) {
                    mass += grams(lot);
                    all += grams(lot) * keeping.now().middle();
                }
            }
            return Math.min(99.5, Math.max(0.5, mass == 0 ? standard() : all / mass));
        }

        private double sigma() {
            return good().stream()
                    .filter(lot -> kept.containsKey(lot.lot().id()) && grams(lot) > 0)
                    .max(Comparator.comparingDouble(this::grams))
                    .map(lot -> kept.get(lot.lot().id()).sigma())
                    .orElse(ANY_SIGMA);
        }

        private double seedWeight() {
            return ever.stream()
                    .map(lot -> weighed.get(lot.id()))
                    .filter(Objects::nonNull)
                    .max(Comparator.comparing(SeedWeightView::weighedOn))
                    .map(last -> last.result().thousandSeedWeight())
                    .orElse(crop.thousandSeedWeight());
        }

        /** Grams that left in a year, by sales, gifts, swaps and own sowing. */
        private double left() {
            return ever.stream()
                            .mapToDouble(lot ->
                                    used.getOrDefault(lot.id(), BigDecimal.ZERO).doubleValue())
                            .sum()
                    / YEARS_OF_SALES;
        }

        /** The best of the highest grade that is left. */
        private Optional<LotKnown> fromLot() {
            return good().stream()
                    .filter(lot -> grams(lot) > 0
                            && lot.tests().germination() != null
                            && lot.gate().reasons().stream().noneMatch(reason -> switch (reason) {
                                case ISOLATION_FAILED, OFF_TYPES_OVER, SHED_UNDECIDED, WEEVILS -> true;
                                default -> false;
                            }))
                    .max(Comparator.comparing((LotKnown lot) -> lot.lot().grade())
                            .thenComparingDouble(
                                    lot -> lot.tests().germination().result().mean()));
        }
    }
}
