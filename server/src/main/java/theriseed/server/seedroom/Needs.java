package theriseed.server.seedroom;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.bench.StepKind;
import theriseed.core.lot.LotNeed;
import theriseed.core.lot.LotNeeds;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.StepView;
import theriseed.server.bench.Washes;
import theriseed.server.gate.LotKnown;
import theriseed.server.quality.GerminationView;
import theriseed.server.stall.StockView;

/** Asks of lots what they wait for, with everything that is known of them. */
@Service
public class Needs {
    private final Keepings keepings;
    private final Washes washes;
    private final FarmTime time;

    Needs(Keepings keepings, Washes washes, FarmTime time) {
        this.washes = washes;
        this.keepings = keepings;
        this.time = time;
    }

    /** What each of these lots waits for, the most pressing first. @param stock what is left of each */
    @ReadsOnly
    public Map<UUID, List<LotNeed>> of(List<LotKnown> lots, Map<UUID, StockView> stock) {
        Map<UUID, KeepingView> kept = keepings.of(lots);
        Map<UUID, Instant> washed = washed(lots);
        return lots.stream().collect(Collectors.toMap(lot -> lot.lot().id(), lot -> {
            UUID id = lot.lot().id();
            return of(lot, stock.get(id), kept.get(id), washed);
        }));
    }

    /** When the washes that are under way in these lots are to end, by step. */
    private Map<UUID, Instant> washed(List<LotKnown> lots) {
        return washes.outAt(lots.stream()
                .map(LotKnown::bench)
                .filter(work -> work != null && work.underWay() != null)
                .map(BenchView::underWay)
                .filter(step -> step.kind() == StepKind.CHEMICAL_WASH)
                .toList());
    }

    /** The same of one. @param keeping null where it cannot be told */
    List<LotNeed> of(LotKnown known, StockView stock, KeepingView keeping) {
        return of(known, stock, keeping, washed(List.of(known)));
    }

    private List<LotNeed> of(LotKnown known, StockView stock, KeepingView keeping, Map<UUID, Instant> washed) {
        Optional<BenchView> bench = Optional.ofNullable(known.bench());
        return LotNeeds.of(
                new LotNeeds.Known(
                        Optional.ofNullable(known.lot().hold()).map(hold -> hold.reason()),
                        Optional.ofNullable(known.weevils()),
                        bench.map(BenchView::underWay)
                                .filter(step -> step.kind() == StepKind.FREEZE)
                                .isPresent(),
                        known.tests().running().stream().map(Needs::running).toList(),
                        bench.map(work -> atBench(work, !work.clean() || known.toDry(), washed)),
                        left(stock),
                        known.gate().holding(),
                        Optional.ofNullable(keeping).map(KeepingView::retestOn),
                        Optional.ofNullable(keeping).map(one -> one.below().middle())),
                time.now(),
                time.today());
    }

    private static LotNeeds.Running running(GerminationView test) {
        return new LotNeeds.Running(
                test.replicates() * test.perReplicate(),
                test.setOn(),
                test.firstDue(),
                test.finalDue(),
                test.firstOn() != null);
    }

    private static LotNeeds.AtBench atBench(BenchView work, boolean goesOn, Map<UUID, Instant> washed) {
        return new LotNeeds.AtBench(
                Optional.ofNullable(work.wrong()),
                Optional.ofNullable(work.underWay()).map(step -> underWay(step, washed)),
                Optional.ofNullable(goesOn ? work.next() : null),
                work.clean() ? work.mass().doubleValue() : 0,
                work.transferred());
    }

    private static LotNeeds.UnderWay underWay(StepView step, Map<UUID, Instant> washed) {
        return new LotNeeds.UnderWay(
                step.kind(),
                step.begunAt(),
                Optional.ofNullable(step.ferment())
                        .map(ferment -> new LotNeeds.Ferment(
                                ferment.state(),
                                ferment.temperature(),
                                ferment.readyAt(),
                                ferment.overAt(),
                                Optional.ofNullable(ferment.lastStirred()))),
                Optional.ofNullable(step.drying())
                        .map(drying -> new LotNeeds.Tray(
                                drying.moisture(),
                                drying.target(),
                                Optional.ofNullable(drying.dryAt()),
                                drying.tooWarm(),
                                drying.rewetted(),
                                drying.sinceWeighed())),
                Optional.ofNullable(washed.get(step.id())));
    }

    private static LotNeeds.Left left(StockView stock) {
        return new LotNeeds.Left(
                stock.any(),
                stock.free().doubleValue(),
                stock.inPackets(),
                !stock.runs().isEmpty());
    }
}
