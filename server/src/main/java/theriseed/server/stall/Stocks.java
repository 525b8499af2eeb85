package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.stall.StockOfLot;
import theriseed.server.base.FarmTakenIn;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.KeptEach;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.bench.LotWorkedOn;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotStates;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Transfers;

/** What is left of lots, and what is kept of them for the farm's own sowing. */
@Service
public class Stocks {
    /** More than stand in a seed room. */
    private static final int MOST_KEPT = 5000;

    private final PackingRunRepository runs;
    private final SaleRepository sales;
    private final WithdrawalRepository withdrawals;
    private final List<Promises> promises;
    private final Lots lots;
    private final LotDecisions decisions;
    private final Transfers transfers;
    private final Gate gate;
    private final LotStates states;
    private final KeptEach<UUID, Rests, StockView> kept = new KeptEach<>(MOST_KEPT, stock -> true);

    Stocks(
            PackingRunRepository runs,
            SaleRepository sales,
            WithdrawalRepository withdrawals,
            List<Promises> promises,
            Lots lots,
            LotDecisions decisions,
            Transfers transfers,
            Gate gate,
            LotStates states) {
        this.runs = runs;
        this.sales = sales;
        this.withdrawals = withdrawals;
        this.promises = promises;
        this.lots = lots;
        this.decisions = decisions;
        this.transfers = transfers;
        this.gate = gate;
        this.states = states;
    }

    /** What is left of each of these lots. */
    @ReadsOnly
    public Map<UUID, StockView> of(Collection<LotKnown> of) {
        return counted(
                of.stream().map(LotKnown::lot).toList(),
                of.stream()
                        .collect(Collectors.toMap(
                                known -> known.lot().id(),
                                known -> LotsAtBench.clean(known.bench(), known.harvest()))));
    }

    /** The same, where no more of the lots is asked than what came clean off the bench. */
    @ReadsOnly
    public Map<UUID, StockView> of(LotsAtBench of) {
        return counted(of.lots(), of.lots().stream().collect(Collectors.toMap(LotView::id, of::clean)));
    }

    /** What the stock of a lot rests on. @param clean grams that came clean off the bench */
    private record Rests(LotView lot, UUID state, BigDecimal clean) {}

    private Map<UUID, StockView> counted(Collection<LotView> of, Map<UUID, BigDecimal> clean) {
        Map<UUID, LotView> byId = of.stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        Map<UUID, Rests> rests = states.of(byId.keySet()).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        one -> new Rests(byId.get(one.getKey()), one.getValue(), clean.get(one.getKey()))));
        return kept.of(rests, ids -> count(ids, rests));
    }

    private Map<UUID, StockView> count(List<UUID> ids, Map<UUID, Rests> rests) {
        Map<UUID, List<PackingRun>> packed = runs.findByLotIdInOrderByPackedOnAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(PackingRun::lotId));
        Map<UUID, List<SaleRepository.Together>> sold =
                sales.together(ids).stream().collect(Collectors.groupingBy(SaleRepository.Together::lotId));
        Map<UUID, List<Withdrawal>> taken = withdrawals.findByLotIdInOrderByTakenOnAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(Withdrawal::lotId));
        Map<UUID, BigDecimal> inMixes = sales.broughtInMixes(ids).stream()
                .collect(Collectors.toMap(SaleRepository.Earned::getLotId, SaleRepository.Earned::getMoney));
        Map<UUID, List<Promises.Promise>> promised = promises.stream()
                .flatMap(some -> some.of(ids).stream())
                .collect(Collectors.groupingBy(Promises.Promise::lotId));
        return ids.stream()
                .collect(Collectors.toMap(
                        id -> id,
                        id -> stock(
                                rests.get(id).lot(),
                                rests.get(id).clean(),
                                packed.getOrDefault(id, List.of()),
                                sold.getOrDefault(id, List.of()),
                                taken.getOrDefault(id, List.of()),
                                promised.getOrDefault(id, List.of()),
                                inMixes.getOrDefault(id, BigDecimal.ZERO))));
    }

    @ReadsOnly
    public StockView of(LotKnown known) {
        return of(List.of(known)).get(known.lot().id());
    }

    private static StockView stock(
            LotView lot,
            BigDecimal clean,
            List<PackingRun> packed,
            List<SaleRepository.Together> sold,
            List<Withdrawal> taken,
            List<Promises.Promise> promised,
            BigDecimal broughtInMixes) {
        StockOfLot<UUID> stock = StockOfLot.of(
                clean,
                lot.reserved(),
                packed.stream()
                        .map(run -> new StockOfLot.Packed<>(run.id(), run.taken()))
                        .toList(),
                sold.stream()
                        .map(some -> new StockOfLot.Sold<>(
                                Optional.ofNullable(some.packingRunId()),
                                some.packets() == null ? 0 : some.packets().intValue(),
                                some.bulk(),
                                some.price()))
                        .toList(),
                taken.stream()
                        .map(one -> new StockOfLot.Taken<>(
                                Optional.ofNullable(one.packingRunId()), one.packets(), one.mass()))
                        .toList(),
                promised.stream()
                        .map(one -> new StockOfLot.Promised<>(
                                Optional.ofNullable(one.packingRunId()), one.packets(), one.bulk()))
                        .toList());
        List<PackingRunView> runs = packed.stream()
                .map(run -> run.view(
                        stock.runs().get(run.id()).gone(),
                        stock.runs().get(run.id()).promised()))
                .toList();
        return new StockView(
                stock.bulk(),
                stock.reserved(),
                stock.promised(),
                stock.free(),
                runs.stream().mapToInt(PackingRunView::left).sum(),
                runs.stream().mapToInt(PackingRunView::free).sum(),
                stock.packetsSold(),
                stock.bulkSold(),
                stock.brought().add(broughtInMixes),
                runs,
                taken.stream().map(Withdrawal::view).toList());
    }

    /** Keeps so many grams for the farm's own sowing, of what is there or, until it is clean, of what is at the bench. */
    @GrowersWork
    @Transactional
    public LotView reserve(String number, int version, BigDecimal grams) {
        LotKnown known = gate.of(lots.lock(number));
        BigDecimal there = known.bench().clean()
                ? of(known).bulk().max(BigDecimal.ZERO)
                : known.bench().mass();
        Range.of(0, there.doubleValue(), "g").because("IS_THERE").check("grams", grams);
        return decisions.reserve(number, version, grams);
    }

    /** Whether seed of a lot was packed, sold, transferred or taken in any other way. */
    @ReadsOnly
    public boolean anyTaken(UUID lotId) {
        return runs.existsByLotId(lotId)
                || sales.existsByLotId(lotId)
                || withdrawals.existsByLotId(lotId)
                || transfers.anyOut(lotId);
    }

    /** Seed that was packed or sold cannot turn out not to have been there, nor be cleaned again. */
    @EventListener
    void on(LotWorkedOn worked) {
        if (!anyTaken(worked.lotId())) {
            return;
        }
        LotView lot = lots.byId(worked.lotId());
        BigDecimal bulk = of(gate.of(lot)).bulk();
        if (worked.further() || bulk.signum() < 0) {
            throw new Refused(
                    "massOut",
                    lot.number(),
                    worked.further() ? "lot.packedAlready" : "lot.wouldLeaveTooLittle",
                    "lot",
                    lot.number());
        }
    }

    /** Packing runs by id, as they were filled; what is left of them the stock of their lots tells. */
    @ReadsOnly
    public Map<UUID, PackingRunView> runs(Collection<UUID> ids) {
        return runs.findAllById(ids).stream().collect(Collectors.toMap(PackingRun::id, run -> run.view(0, 0)));
    }

    /** Every lot can be shown, and what is there of it. */
    @EventListener
    void takenIn(FarmTakenIn farm) {
        of(gate.of(lots.since(0)));
    }
}
