package theriseed.server.regeneration;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.lot.SaleGate;
import theriseed.core.quality.PurityResult;
import theriseed.core.seedroom.Regeneration;
import theriseed.core.seedroom.StockForecast;
import theriseed.server.base.Changed;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Kept;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.FilledLot;
import theriseed.server.lot.FilledLots;
import theriseed.server.lot.LotsHere;
import theriseed.server.quality.Quality;
import theriseed.server.quality.SeedWeightView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.seedroom.KeepingView;
import theriseed.server.seedroom.Keepings;
import theriseed.server.stall.Sales;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** Calculates for every variety in stock when it must be grown again. Demand is a guess, and no crop failure is in it. */
@Service
public class Regenerations {
    /** What leaves in a year is taken from the last two. */
    private static final int YEARS_OF_SALES = 2;

    private final VarietyDemandRepository demands;
    private final LotsHere here;
    private final FilledLots filled;
    private final Gate gate;
    private final Quality quality;
    private final Stocks stocks;
    private final Sales sales;
    private final Keepings keepings;
    private final Varieties varieties;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final Kept<LocalDate, List<RegenerationView>> found;

    Regenerations(
            VarietyDemandRepository demands,
            LotsHere here,
            FilledLots filled,
            Gate gate,
            Quality quality,
            Stocks stocks,
            Sales sales,
            Keepings keepings,
            Varieties varieties,
            Plantings plantings,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            Changes changes) {
        this.demands = demands;
        this.here = here;
        this.filled = filled;
        this.gate = gate;
        this.quality = quality;
        this.stocks = stocks;
        this.sales = sales;
        this.keepings = keepings;
        this.varieties = varieties;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.found = new Kept<>(changes.of(Object.class), 1);
    }

    /**
     * Every variety that has or had clean seed of the last twelve seasons; what must be sown first comes first. Of lots that
     * are gone only what was used of them and their seed weight tells anything. The same for all who ask on a day until
     * something is written.
     */
    @ReadsOnly
    public List<RegenerationView> all() {
        return found.of(time.today(), this::find);
    }

    private List<RegenerationView> find() {
        Map<Boolean, List<LotKnown>> there = gate.of(here.all()).stream()
                .collect(Collectors.partitioningBy(
                        lot -> lot.bench() != null && lot.bench().clean()));
        List<LotKnown> known = there.get(true);
        Set<UUID> notClean =
                there.get(false).stream().map(lot -> lot.lot().id()).collect(Collectors.toSet());
        List<FilledLot> ever = filled.since(here.since()).stream()
                .filter(lot -> !notClean.contains(lot.id()))
                .toList();
        Map<UUID, StockView> stock = stocks.of(known);
        Map<UUID, BigDecimal> used = sales.usedSince(time.today().minusYears(YEARS_OF_SALES));
        Map<UUID, KeepingView> kept = keepings.of(known);
        Map<UUID, List<LotKnown>> left =
                known.stream().collect(Collectors.groupingBy(lot -> lot.lot().varietyId()));
        Map<UUID, List<FilledLot>> byVariety = ever.stream().collect(Collectors.groupingBy(FilledLot::varietyId));
        Map<UUID, SeedWeightView> weighed =
                quality.lastSeedWeights(ever.stream().collect(Collectors.toMap(FilledLot::id, FilledLot::varietyId)));
        Map<UUID, VarietyView> named = varieties.byIds(byVariety.keySet());
        Map<UUID, List<Integer>> planned =
                plantings.seasonsForSeed(byVariety.keySet(), time.today().getYear());
        Map<UUID, VarietyDemand> wanted = demands.findByVarietyIdIn(byVariety.keySet()).stream()
                .collect(Collectors.toMap(VarietyDemand::varietyId, Function.identity()));
        return byVariety.entrySet().stream()
                .map(variety -> new Outlook(
                                named.get(variety.getKey()),
                                crops.get(named.get(variety.getKey()).cropKey()),
                                variety.getValue(),
                                left.getOrDefault(variety.getKey(), List.of()),
                                stock,
                                used,
                                kept,
                                Optional.ofNullable(weighed.get(variety.getKey())),
                                Optional.ofNullable(wanted.get(variety.getKey())),
                                planned.getOrDefault(variety.getKey(), List.of()),
                                time.today())
                        .view())
                .sorted(Comparator.comparing(
                                (RegenerationView one) -> one.sowBy() == null ? Integer.MAX_VALUE : one.sowBy())
                        .thenComparing(RegenerationView::variety))
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
    private record Outlook(
            VarietyView variety,
            Crop crop,
            List<FilledLot> ever,
            List<LotKnown> lots,
            Map<UUID, StockView> stock,
            Map<UUID, BigDecimal> used,
            Map<UUID, KeepingView> kept,
            Optional<SeedWeightView> weighed,
            Optional<VarietyDemand> expected,
            List<Integer> planned,
            LocalDate today) {

        RegenerationView view() {
            double demand = expected.map(one -> one.grams().doubleValue()).orElseGet(this::left);
            Regeneration<String> again = Regeneration.of(
                    crop,
                    lots.stream().map(this::lot).toList(),
                    demand,
                    seedWeight(),
                    PurityResult.TAKEN,
                    today.getYear());
            StockForecast forecast = again.forecast();
            return new RegenerationView(
                    variety.id(),
                    variety.name(),
                    variety.cropName(),
                    again.grams(),
                    again.germination(),
                    again.standard(),
                    demand,
                    expected.isEmpty(),
                    expected.map(VarietyDemand::version).orElse(null),
                    forecast.years(),
                    forecast.firstShort().orElse(null),
                    forecast.latestSowing().orElse(null),
                    again.sooner().orElse(null),
                    again.later().orElse(null),
                    forecast.overdue(),
                    forecast.years().stream()
                            .filter(year -> !year.runsOut().isEmpty())
                            .findFirst()
                            .map(year -> List.copyOf(year.runsOut()))
                            .orElse(List.of()),
                    again.plants(),
                    again.forQuantity() ? RegenerationView.SetBy.QUANTITY : RegenerationView.SetBy.POPULATION,
                    again.from().orElse(null),
                    planned.stream()
                            .filter(season -> ever.stream().noneMatch(lot -> lot.season() == season))
                            .toList(),
                    forecast.lead());
        }

        private Regeneration.Lot<String> lot(LotKnown lot) {
            StockView own = stock.get(lot.lot().id());
            return new Regeneration.Lot<>(
                    lot.lot().number(),
                    lot.lot().grade(),
                    own.bulk().doubleValue() + own.inPackets(),
                    own.reserved().doubleValue(),
                    lot.lot().hold() != null,
                    Optional.ofNullable(kept.get(lot.lot().id()))
                            .map(keeping ->
                                    new Regeneration.Ageing(keeping.now().middle(), keeping.sigma())),
                    lot.tests().germination() == null
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(
                                    lot.tests().germination().result().mean()),
                    lot.gate().reasons().stream().noneMatch(SaleGate.Reason::inherited));
        }

        private OptionalDouble seedWeight() {
            return weighed.map(last -> OptionalDouble.of(last.result().thousandSeedWeight()))
                    .orElse(OptionalDouble.empty());
        }

        /** Grams that left in a year, by sales, gifts, swaps and own sowing. */
        private double left() {
            return ever.stream()
                            .mapToDouble(lot ->
                                    used.getOrDefault(lot.id(), BigDecimal.ZERO).doubleValue())
                            .sum()
                    / YEARS_OF_SALES;
        }
    }
}
