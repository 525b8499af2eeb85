package theriseed.server.seedroom;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Kept;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.LotsShown;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** All that is to be counted, shelf by shelf as one walks past it. */
@Service
class Counting {
    private static final Comparator<ToCount> AS_ONE_WALKS = Comparator.comparing(
                    (ToCount lot) -> lot.shelves().isEmpty())
            .thenComparing(lot -> lot.shelves().isEmpty() ? "" : lot.shelves().get(0))
            .thenComparing(lot -> lot.lot().number());

    private final Gate gate;
    private final Stocks stocks;
    private final LotsHere here;
    private final Keepings keepings;
    private final FarmTime time;

    /** By the minute: whether a lot may be sold comes with the day. */
    private final Kept<Instant, LotsShown<ToCount>> kept;

    Counting(Gate gate, Stocks stocks, LotsHere here, Keepings keepings, FarmTime time, Changes changes) {
        this.gate = gate;
        this.stocks = stocks;
        this.here = here;
        this.keepings = keepings;
        this.time = time;
        this.kept = new Kept<>(changes.of(Object.class), 1);
    }

    /** @param shelves it stands on, by name; none while nobody put it away */
    record ToCount(LotView lot, VarietyView variety, StockView stock, List<String> shelves) {}

    /** @param lots those with seed left; {@code wrong} those that can be shown only by their numbers */
    record CountingPage(PageOf<ToCount> lots, List<WrongLot> wrong) {}

    /** A page of the lots with seed left, in the order of their shelves; last what nobody put away. */
    @ReadsOnly
    public CountingPage stocked(int page, int size) {
        LotsShown<ToCount> all = kept.of(time.now().truncatedTo(ChronoUnit.MINUTES), this::ordered);
        return new CountingPage(PageOf.of(all.lots(), page, size), all.wrong());
    }

    private LotsShown<ToCount> ordered() {
        LotsShown<ToCount> all = LotsShown.of(Wrong.each(here.all(), this::toCount));
        return all.with(all.lots().stream().sorted(AS_ONE_WALKS).toList());
    }

    private List<ToCount> toCount(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        Map<UUID, StockView> stock = stocks.of(known);
        Map<UUID, List<String>> shelves = keepings.standing(known).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, standing -> standing.getValue().shelves()));
        return known.stream()
                .map(one -> new ToCount(
                        one.lot(),
                        one.variety(),
                        stock.get(one.lot().id()),
                        shelves.get(one.lot().id())))
                .filter(one -> one.stock().any())
                .toList();
    }
}
