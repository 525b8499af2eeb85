package theriseed.server.market;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.stall.CashCount;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.Stocks;

/** Days at the stall as they are shown: their lines, their tally, and what the cash box says. */
@Component
class StallDayViews {
    private final StallDayLineRepository lines;
    private final HandedRepository handed;
    private final Customers customers;
    private final Lots lots;
    private final Varieties varieties;
    private final Stocks stocks;

    StallDayViews(
            StallDayLineRepository lines,
            HandedRepository handed,
            Customers customers,
            Lots lots,
            Varieties varieties,
            Stocks stocks) {
        this.lines = lines;
        this.handed = handed;
        this.customers = customers;
        this.lots = lots;
        this.varieties = varieties;
        this.stocks = stocks;
    }

    /** What went over the table of each of these lines and was not taken back, in its order. */
    Map<UUID, List<Handed>> tally(Collection<StallDayLine> of) {
        return handed
                .findByStallDayLineIdInAndTakenBackFalseOrderById(
                        of.stream().map(StallDayLine::id).toList())
                .stream()
                .collect(Collectors.groupingBy(Handed::stallDayLineId));
    }

    /** Of each, in their order, in a number of queries that does not grow with them. */
    List<StallDayView> of(List<StallDay> of) {
        if (of.isEmpty()) {
            return List.of();
        }
        List<StallDayLine> all =
                lines.findByStallDayIdInOrderById(of.stream().map(StallDay::id).toList());
        Map<UUID, LotView> lot = lots
                .byIds(all.stream().map(StallDayLine::lotId).collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(LotView::id, one -> one));
        Map<UUID, VarietyView> variety =
                varieties.byIds(lot.values().stream().map(LotView::varietyId).collect(Collectors.toSet()));
        Map<UUID, PackingRunView> runs =
                stocks.runs(all.stream().map(StallDayLine::packingRunId).toList());
        Map<UUID, CustomerView> markets =
                customers.byIds(of.stream().map(StallDay::customerId).collect(Collectors.toSet()));
        Map<UUID, List<Handed>> tally = tally(all);
        Map<UUID, List<StallDayLine>> byDay = all.stream().collect(Collectors.groupingBy(StallDayLine::stallDayId));
        return of.stream()
                .map(day -> {
                    List<StallDayLine> own = byDay.getOrDefault(day.id(), List.of());
                    Shown shown = new Shown(lot, variety, runs, tally);
                    List<CashCount.Line> counted = day.counted()
                            ? own.stream().map(StallDayLine::counted).toList()
                            : List.of();
                    return new StallDayView(
                            day.id(),
                            day.customerId(),
                            markets.get(day.customerId()).name(),
                            day.heldOn(),
                            day.note(),
                            day.counted(),
                            own.stream().map(shown::line).toList(),
                            CashCount.due(counted),
                            day.floatCash(),
                            day.cashCounted(),
                            day.paidOtherwise(),
                            day.cashCounted() == null
                                    ? null
                                    : CashCount.of(counted, day.floatCash(), day.cashCounted(), day.paidOtherwise())
                                            .difference(),
                            own.stream()
                                    .flatMap(shown::tally)
                                    .map(Handed::price)
                                    .reduce(BigDecimal.ZERO, BigDecimal::add),
                            day.counted() ? List.of() : shown.handed(own));
                })
                .toList();
    }

    /** What the lines of days are shown with. */
    private record Shown(
            Map<UUID, LotView> lots,
            Map<UUID, VarietyView> varieties,
            Map<UUID, PackingRunView> runs,
            Map<UUID, List<Handed>> tally) {
        Stream<Handed> tally(StallDayLine line) {
            return tally.getOrDefault(line.id(), List.of()).stream();
        }

        private String variety(StallDayLine line) {
            return varieties.get(lots.get(line.lotId()).varietyId()).name();
        }

        StallDayView.AlongLine line(StallDayLine line) {
            PackingRunView run = runs.get(line.packingRunId());
            return new StallDayView.AlongLine(
                    run.id(),
                    lots.get(line.lotId()).number(),
                    variety(line),
                    run.seeds(),
                    run.byWeight(),
                    run.metres(),
                    line.taken(),
                    line.returned(),
                    line.returned() == null ? null : line.given(),
                    line.price(),
                    tally(line).mapToInt(Handed::packets).sum(),
                    tally(line).filter(Handed::gift).mapToInt(Handed::packets).sum());
        }

        /** What went over the table at once, the last first. */
        List<StallDayView.HandedView> handed(List<StallDayLine> own) {
            Map<UUID, StallDayLine> byId = own.stream().collect(Collectors.toMap(StallDayLine::id, one -> one));
            return own.stream()
                    .flatMap(this::tally)
                    .sorted(Comparator.comparing(Handed::id).reversed())
                    .collect(Collectors.groupingBy(Handed::atOnceId, LinkedHashMap::new, Collectors.toList()))
                    .values()
                    .stream()
                    .map(some -> handed(some, byId))
                    .toList();
        }

        private StallDayView.HandedView handed(List<Handed> some, Map<UUID, StallDayLine> lines) {
            Handed first = some.get(0);
            return new StallDayView.HandedView(
                    first.atOnceId(),
                    some.stream()
                            .map(one -> {
                                StallDayLine line = lines.get(one.stallDayLineId());
                                return new StallDayView.HandedLine(
                                        line.packingRunId(),
                                        lots.get(line.lotId()).number(),
                                        variety(line),
                                        one.packets());
                            })
                            .toList(),
                    first.gift(),
                    some.stream().map(Handed::price).reduce(BigDecimal.ZERO, BigDecimal::add),
                    first.handedAt(),
                    first.recordedBy());
        }
    }
}
