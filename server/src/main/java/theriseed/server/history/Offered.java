package theriseed.server.history;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
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

/** What may be sold, and what is held back. */
@Service
class Offered {
    private final Gate gate;
    private final Stocks stocks;
    private final LotsHere here;
    private final FarmTime time;

    /** By the minute: whether a lot may be sold comes with the day. */
    private final Kept<Instant, LotsShown<Stocked>> kept;

    Offered(Gate gate, Stocks stocks, LotsHere here, FarmTime time, Changes changes) {
        this.gate = gate;
        this.stocks = stocks;
        this.here = here;
        this.time = time;
        this.kept = new Kept<>(changes.of(Object.class), 1);
    }

    /** A lot with seed left, as the stall asks for it. */
    record Stocked(LotView lot, VarietyView variety, LotKnown.GateView gate, StockView stock) {}

    /** @param ready how many of all may be sold; {@code wrong} those that can be shown only by their numbers */
    record Counter(PageOf<Stocked> lots, long ready, List<WrongLot> wrong) {}

    /** Every lot with seed left: first those that may be sold, of each the newest first. */
    @ReadsOnly
    LotsShown<Stocked> all() {
        return kept.of(time.now().truncatedTo(ChronoUnit.MINUTES), this::found);
    }

    /** A page of them. */
    @ReadsOnly
    Counter page(int page, int size) {
        LotsShown<Stocked> all = all();
        long ready = all.lots().stream().filter(lot -> lot.gate().mayBeSold()).count();
        return new Counter(PageOf.of(all.lots(), page, size), ready, all.wrong());
    }

    private LotsShown<Stocked> found() {
        LotsShown<Stocked> all = LotsShown.of(Wrong.each(here.all(), this::stocked));
        return all.with(all.lots().stream()
                .filter(one -> one.stock().any())
                .sorted(Comparator.comparing(one -> !one.gate().mayBeSold()))
                .toList());
    }

    private List<Stocked> stocked(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        var stock = stocks.of(known);
        return known.stream()
                .map(one -> new Stocked(
                        one.lot(),
                        one.variety(),
                        one.gate(),
                        stock.get(one.lot().id())))
                .toList();
    }
}
