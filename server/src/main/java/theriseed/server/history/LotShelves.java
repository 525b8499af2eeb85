package theriseed.server.history;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.CleanLots;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.FilledLot;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.LotsShown;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** Gathers the lots for their shelves: all of them, and those at the bench. */
@Service
class LotShelves {
    private final Lots lots;
    private final LotsHere here;
    private final CleanLots cleaned;
    private final Bench bench;
    private final Gate gate;
    private final Stocks stocks;
    private final FarmTime time;

    LotShelves(Lots lots, LotsHere here, CleanLots cleaned, Bench bench, Gate gate, Stocks stocks, FarmTime time) {
        this.lots = lots;
        this.here = here;
        this.cleaned = cleaned;
        this.bench = bench;
        this.gate = gate;
        this.stocks = stocks;
        this.time = time;
    }

    /** One lot on a shelf. */
    record Shelved(LotKnown known, StockView stock) {
        private boolean atBench() {
            return known.bench() == null
                    || !known.bench().transferred()
                            && (!known.bench().clean()
                                    || known.toDry()
                                            && stock.runs().isEmpty()
                                            && stock.free().signum() > 0);
        }
    }

    /** A page of all lots, newest first. */
    record Shelves(List<Shelved> items, int page, int pages, long total, List<WrongLot> wrong) {}

    @ReadsOnly
    public Shelves all(int page, int size) {
        PageOf<LotView> found = lots.page(page, size);
        LotsShown<Shelved> shown = LotsShown.of(Wrong.each(found.items(), this::shelved));
        return new Shelves(shown.lots(), found.page(), found.pages(), found.total(), shown.wrong());
    }

    /**
     * Every lot that is here and not clean yet, newest first, and the clean ones of this season and the last that are still to
     * be dried for the store; of all others that are clean nothing is calculated.
     */
    @ReadsOnly
    public LotsShown<Shelved> atBench() {
        List<FilledLot> all = here.filled();
        Set<UUID> clean = cleaned.among(all).stream().map(FilledLot::id).collect(Collectors.toSet());
        int lastSeason = time.today().getYear() - 1;
        List<LotView> asked = lots
                .byIds(all.stream()
                        .filter(lot -> !clean.contains(lot.id()) || lot.season() >= lastSeason)
                        .map(FilledLot::id)
                        .toList())
                .stream()
                .sorted(Comparator.comparingInt(LotView::season).reversed().thenComparing(LotView::number))
                .toList();
        LotsShown<Shelved> shown = LotsShown.of(Wrong.each(asked, some -> shelved(withSteps(some, clean))));
        return shown.with(shown.lots().stream().filter(Shelved::atBench).toList());
    }

    /** Those that are not clean, and of the clean ones those that have drying before them. */
    private List<LotView> withSteps(List<LotView> some, Set<UUID> clean) {
        Map<UUID, BenchView> worked = bench.of(
                        some.stream().filter(lot -> clean.contains(lot.id())).toList())
                .worked();
        return some.stream()
                .filter(lot -> !clean.contains(lot.id())
                        || worked.containsKey(lot.id()) && worked.get(lot.id()).next() != null)
                .toList();
    }

    private List<Shelved> shelved(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        Map<UUID, StockView> stock = stocks.of(known);
        return known.stream()
                .map(one -> new Shelved(one, stock.get(one.lot().id())))
                .toList();
    }
}
