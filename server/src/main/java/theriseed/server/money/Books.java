package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import theriseed.core.stall.LotCosts;
import theriseed.core.stall.Paid;
import theriseed.core.stall.Spent;
import theriseed.core.stall.Work;
import theriseed.server.bench.BenchView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Origin;
import theriseed.server.lot.PourView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Purpose;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.StockView;

/** What was spent on the lots of a season and what they brought, calculated once. */
final class Books {
    private static final double DAYS_OF_A_YEAR = 365;

    private final List<LotView> ofSeason;
    private final Map<UUID, PlantingView> planted;
    private final Map<UUID, BenchView> worked;
    private final Map<UUID, StockView> stock;
    private final List<WorkDone> work;
    private final List<Outlay> outlays;
    private final MoneyRatesView rates;
    private final LocalDate today;
    private final Set<UUID> poured;
    private final Map<UUID, Spent> written = new HashMap<>();
    private final LotCosts<UUID> costs;
    private double growing;

    /**
     * @param all lots of the season, those they came of, and those picked from the same rows
     * @param planted rows of all of them, and the others of the season
     * @param givenUp plantings of the season that were given up
     */
    Books(
            List<LotView> ofSeason,
            Collection<LotView> all,
            List<PourView> pours,
            Map<UUID, PlantingView> planted,
            List<UUID> givenUp,
            Map<UUID, BenchView> worked,
            Map<UUID, StockView> stock,
            List<WorkDone> work,
            List<Outlay> outlays,
            MoneyRatesView rates,
            LocalDate today) {
        this.ofSeason = ofSeason;
        this.planted = planted;
        this.worked = worked;
        this.stock = stock;
        this.work = work;
        this.outlays = outlays;
        this.rates = rates;
        this.today = today;
        this.poured = pours.stream().map(PourView::fromId).collect(Collectors.toSet());
        work.forEach(done -> written.merge(done.on(), Spent.hours(done.kind(), done.hours()), Spent::plus));
        outlays.forEach(outlay -> written.merge(outlay.on(), outlay.spent(), Spent::plus));
        Set<UUID> own = ofSeason.stream().map(LotView::id).collect(Collectors.toSet());
        this.costs = LotCosts.of(
                onRows(all, givenUp),
                all.stream()
                        .map(lot -> new LotCosts.Lot<>(
                                lot.id(),
                                lot.origin() == Origin.PICKED ? lot.plantingId() : null,
                                clean(lot),
                                written(lot.id()).plus(atTheBench(lot)),
                                own.contains(lot.id()) && cameToNothing(lot),
                                own.contains(lot.id())))
                        .toList(),
                pours.stream()
                        .map(pour -> new LotCosts.Pour<>(
                                pour.fromId(), pour.toId(), pour.mass().doubleValue()))
                        .toList(),
                rates.wage().doubleValue());
    }

    /** What was spent on rows whose seed is in lots, or that are over; what still stands there is only growing. */
    private Map<UUID, Spent> onRows(Collection<LotView> all, List<UUID> givenUp) {
        Set<UUID> picked = all.stream()
                .filter(lot -> lot.origin() == Origin.PICKED)
                .map(LotView::plantingId)
                .collect(Collectors.toSet());
        Map<UUID, Spent> onRows = new HashMap<>();
        for (PlantingView planting : planted.values()) {
            if (picked.contains(planting.id()) || planting.groundTo().isBefore(today)) {
                if (planting.purpose() == Purpose.SEED) {
                    onRows.put(planting.id(), spentOn(planting));
                }
            } else if (planting.purpose() == Purpose.SEED) {
                growing += spentOn(planting).cost(rates.wage().doubleValue());
            }
        }
        givenUp.forEach(id -> onRows.put(id, written(id)));
        return onRows;
    }

    List<LotView> ofSeason() {
        return ofSeason;
    }

    Map<UUID, PlantingView> planted() {
        return planted;
    }

    Map<UUID, StockView> stock() {
        return stock;
    }

    List<WorkDone> work() {
        return work;
    }

    List<Outlay> outlays() {
        return outlays;
    }

    MoneyRatesView rates() {
        return rates;
    }

    double failed() {
        return costs.failed();
    }

    double carriedByNone() {
        return costs.carriedByNone();
    }

    double growing() {
        return growing;
    }

    /** Ground by the days it is taken, roots on theirs too, and what was written down. */
    private Spent spentOn(PlantingView planting) {
        double days = days(planting.groundFrom(), planting.groundTo())
                + (planting.rootsFrom() == null || planting.rootsTo() == null
                        ? 0
                        : days(planting.rootsFrom(), planting.rootsTo()));
        double ground =
                planting.spacing() * days / DAYS_OF_A_YEAR * rates.ground().doubleValue();
        return new Spent(planting.spacing(), ground, 0, 0, Map.of()).plus(written(planting.id()));
    }

    /** Until today, while it still stands. */
    private double days(LocalDate from, LocalDate to) {
        LocalDate until = to.isAfter(today) ? today : to;
        return Math.max(0, ChronoUnit.DAYS.between(from, until) + 1);
    }

    private Spent written(UUID plantingOrLot) {
        return written.getOrDefault(plantingOrLot, Spent.NONE);
    }

    private Spent atTheBench(LotView lot) {
        BenchView steps = worked.get(lot.id());
        return steps == null ? Spent.NONE : Spent.hours(Work.BENCH, steps.minutes() / 60.0);
    }

    /** Packets are not poured: they stay with the lot they were filled from. */
    private Spent packing(LotView lot) {
        return Spent.hours(
                Work.PACKING,
                stock.get(lot.id()).runs().stream()
                        .filter(run -> run.minutes() != null)
                        .mapToDouble(run -> run.people() * run.minutes() / 60.0)
                        .sum());
    }

    private double packets(LotView lot) {
        return stock.get(lot.id()).runs().stream()
                        .mapToInt(PackingRunView::packets)
                        .sum()
                * rates.packet().doubleValue();
    }

    /** Grams of clean seed; what is usual to come of it while it is not clean. */
    private double clean(LotView lot) {
        BenchView steps = worked.get(lot.id());
        if (steps == null) {
            return 0;
        }
        return steps.clean() || steps.expected() == null
                ? steps.mass().doubleValue()
                : (steps.expected().low() + steps.expected().high()) / 2;
    }

    /** Held back, never picked though its rows are cleared, or nothing left though nobody had any. */
    private boolean cameToNothing(LotView lot) {
        StockView left = stock.get(lot.id());
        if (left.anySold() || poured.contains(lot.id())) {
            return false;
        }
        BenchView steps = worked.get(lot.id());
        if (lot.hold() != null) {
            return true;
        }
        return steps == null
                ? planted.get(lot.plantingId()).groundTo().isBefore(today)
                : steps.clean() && left.bulk().signum() == 0 && left.packets() == 0;
    }

    List<SeasonMoneyView.VarietyMoney> byVariety() {
        return ofSeason.stream().collect(Collectors.groupingBy(LotView::varietyId)).entrySet().stream()
                .filter(variety -> of(variety.getValue()) != null)
                .map(variety -> new SeasonMoneyView.VarietyMoney(
                        variety.getKey(),
                        planted.get(variety.getValue().get(0).plantingId())
                                .variety()
                                .name(),
                        planted.get(variety.getValue().get(0).plantingId())
                                .variety()
                                .cropName(),
                        variety.getValue().size(),
                        of(variety.getValue())))
                .sorted(Comparator.comparing(
                                (SeasonMoneyView.VarietyMoney one) ->
                                        one.money().perHour(),
                                Comparator.nullsFirst(Comparator.<Double>naturalOrder()))
                        .reversed()
                        .thenComparing(SeasonMoneyView.VarietyMoney::variety))
                .toList();
    }

    /** The money of some lots together; null where all of them came to nothing. */
    MoneyView of(List<LotView> some) {
        List<LotView> kept =
                some.stream().filter(lot -> costs.byLot().containsKey(lot.id())).toList();
        if (kept.isEmpty()) {
            return null;
        }
        Spent spent = Spent.NONE;
        double failed = 0;
        double packets = 0;
        double brought = 0;
        double worth = 0;
        int sold = 0;
        int left = 0;
        BigDecimal bulk = BigDecimal.ZERO;
        for (LotView lot : kept) {
            StockView there = stock.get(lot.id());
            spent = spent.plus(costs.byLot().get(lot.id()).spent()).plus(packing(lot));
            failed += costs.byLot().get(lot.id()).failed();
            packets += packets(lot);
            brought += there.brought().doubleValue();
            worth += there.runs().stream()
                    .mapToDouble(run -> run.left() * run.price().doubleValue())
                    .sum();
            sold += there.packetsSold();
            left += there.packets();
            bulk = bulk.add(there.bulk());
        }
        Paid paid = Paid.of(
                brought,
                rates.fees() / 100,
                spent,
                failed + packets,
                rates.wage().doubleValue());
        return new MoneyView(
                spent.area(),
                spent.ground(),
                spent.byWork(),
                spent.hours() * rates.wage().doubleValue(),
                spent.materials(),
                spent.ownSeed(),
                packets,
                failed,
                paid.cost(),
                brought,
                brought * rates.fees() / 100,
                paid.left(),
                paid.perHour().isPresent() ? paid.perHour().getAsDouble() : null,
                paid.perSquareMetre().isPresent() ? paid.perSquareMetre().getAsDouble() : null,
                sold,
                left,
                bulk,
                worth);
    }
}
