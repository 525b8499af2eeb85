package theriseed.server.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.FillWeight;
import theriseed.core.stall.PackingPlan;
import theriseed.core.stall.WeighingOut;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** Fills packets from what is in bulk, so that they hold at least what their label says. */
@Service
public class PackingRuns {
    private static final int RUNS_LOOKED_AT = 200;
    private static final int KINDS_SHOWN = 6;

    private final PackingRunRepository runs;
    private final Stocks stocks;
    private final Sales sales;
    private final Lots lots;
    private final Gate gate;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    PackingRuns(
            PackingRunRepository runs,
            Stocks stocks,
            Sales sales,
            Lots lots,
            Gate gate,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.runs = runs;
        this.stocks = stocks;
        this.sales = sales;
        this.lots = lots;
        this.gate = gate;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** Grams in a packet of each of these runs. */
    @ReadsOnly
    public Map<UUID, BigDecimal> fills(Collection<UUID> some) {
        return runs.findAllById(some).stream().collect(Collectors.toMap(PackingRun::id, PackingRun::fill));
    }

    /** Kinds of packets among the newest runs of the farm, those of the lot's variety first, then the newest. */
    @ReadsOnly
    public List<PackedBefore> before(String lotNumber) {
        LotView lot = lots.get(lotNumber);
        Set<UUID> same = lots.idsOfVariety(lot.varietyId());
        Map<List<Object>, PackedBefore> kinds = new LinkedHashMap<>();
        Stream.concat(
                        runs.findByLotIdInOrderByPackedOnDescIdDesc(same, Limit.of(RUNS_LOOKED_AT)).stream(),
                        runs.findAllByOrderByPackedOnDescIdDesc(Limit.of(RUNS_LOOKED_AT)).stream())
                .filter(PackingRun::kindKnown)
                .forEach(run -> kinds.putIfAbsent(run.kind(), run.before(same.contains(run.lotId()))));
        return kinds.values().stream().limit(KINDS_SHOWN).toList();
    }

    /** What a packing run would come to, without doing it. */
    @HandsWork
    @ReadsOnly
    public Packing.Plan plan(String lotNumber, Packing packing) {
        return plan(gate.of(lots.get(lotNumber)), packing);
    }

    /** What so many seeds a packet would come to out of all that is free; nothing where it cannot be packed, or was never weighed. */
    @ReadsOnly
    public Optional<Packing.Plan> couldFill(LotKnown known, int seeds, BigDecimal price, LocalDate on) {
        boolean able = known.bench() != null
                && known.bench().clean()
                && known.tests().seedWeight() != null
                && stocks.of(known).free().signum() > 0;
        Packing whole = new Packing(
                on,
                seeds,
                null,
                null,
                null,
                BigDecimal.ZERO,
                price,
                Packing.usualSowBy(on),
                1,
                null,
                Packing.Weighing.USUAL);
        return able ? Optional.of(plan(known, whole)) : Optional.empty();
    }

    @HandsWork
    @Transactional
    public PackingRunView pack(String lotNumber, Packing packing) {
        LotView lot = lots.lock(lotNumber);
        LotKnown known = gate.of(lot);
        Stall.checkOpen(known);
        SeasonDates.check("packedOn", packing.packedOn(), known.harvest().pickedOn(), time.today());
        Packing.Plan plan = plan(known, packing);
        if (plan.packets() == 0) {
            throw new Refused("packets", 0, "packing.notOne", "lot", lot.number());
        }
        int packets = packing.packets() == null
                ? plan.packets()
                : Range.of(1, plan.packets(), "packets").check("packets", packing.packets());
        BigDecimal fill = BigDecimal.valueOf(plan.fill()).setScale(4, RoundingMode.UP);
        BigDecimal taken = PackingPlan.taken(fill, packets).min(plan.bulk());
        return runs.save(new PackingRun(
                        lot.id(),
                        packing,
                        plan.seeds(),
                        fill,
                        packets,
                        plan.bulk(),
                        plan.bulk().subtract(taken),
                        stamps.now()))
                .view(0, 0);
    }

    /** What was packed turns out to have been otherwise; never fewer packets than left since, nor more than the bulk fills. */
    @HandsWork
    @Transactional
    public PackingRunView correct(UUID id, Changed made, PackingCorrection facts) {
        PackingRun run = runs.findById(id).orElseThrow(NotFound.of("packing run"));
        LotKnown known = gate.of(lots.lockAll(List.of(run.lotId())).get(0));
        StockView stock = stocks.of(known);
        PackingRunView before = stock.run(id);
        Clash.check(run, made.from(), before);
        SeasonDates.check(
                "packedOn",
                facts.packedOn(),
                known.harvest().pickedOn(),
                sales.firstLeft(id, stock).orElse(time.today()));
        Packing.check(facts.packedOn(), facts.price(), facts.sowBy(), facts.people(), facts.minutes());
        BigDecimal taken =
                facts.packets() == before.packets() ? run.taken() : PackingPlan.taken(run.fill(), facts.packets());
        Range.of(before.packets() - before.free(), 1e6, "packets")
                .because("LEFT_OR_PROMISED")
                .check("packets", facts.packets());
        if (taken.subtract(run.taken()).compareTo(stock.free()) > 0) {
            throw new Refused(
                    "packets",
                    facts.packets(),
                    "packing.notSoMuch",
                    "lot",
                    known.lot().number());
        }
        Map<String, Object> was = run.correctable();
        run.change(facts, taken);
        corrections.keep("packing run", id, was, run.correctable(), made.because());
        runs.flush();
        return stocks.of(known).run(id);
    }

    private Packing.Plan plan(LotKnown known, Packing packing) {
        StockView stock = stocks.of(known);
        BigDecimal bulk = stock.bulk();
        if (stock.free().signum() <= 0) {
            throw new Refused(
                    "number",
                    known.lot().number(),
                    bulk.signum() <= 0 ? "packing.noBulk" : "packing.reserved",
                    "lot",
                    known.lot().number());
        }
        Range.of(0, bulk.doubleValue(), "g").check("reserve", packing.reserve());
        double fill;
        Double meanCount = null;
        double overfill;
        Integer seeds = packing.metres() == null ? packing.seeds() : Integer.valueOf(seedsFor(known, packing.metres()));
        if (seeds != null) {
            FillWeight weight = fillByCount(known, seeds);
            fill = weight.grams();
            meanCount = weight.meanCount();
            overfill = weight.overfill();
        } else {
            double label = packing.grams().doubleValue();
            fill = FillWeight.byWeight(label, FillWeight.USUAL_SCOOP, FillWeight.USUAL_CONFIDENCE);
            overfill = 100 * (fill / label - 1);
        }
        Double ten = packing.weighing().tenSpoons();
        WeighingOut.Spoons spoons = ten == null ? null : WeighingOut.spoons(fill, ten);
        if (spoons != null) {
            overfill = 100 * ((1 + overfill / 100) * (1 + spoons.over() / 100) - 1);
            meanCount = meanCount == null ? null : Double.valueOf(meanCount * (1 + spoons.over() / 100));
            fill = spoons.grams();
        }
        BigDecimal kept =
                packing.reserve().max(stock.reserved()).add(stock.promised()).min(bulk);
        PackingPlan plan = PackingPlan.of(bulk.doubleValue(), kept.doubleValue(), PackingPlan.HANDLING_LOSS, fill);
        return new Packing.Plan(
                known.lot().id(),
                bulk,
                fill,
                seeds,
                meanCount,
                overfill,
                spoons == null ? WeighingOut.together(fill, packing.weighing().step()) : null,
                spoons,
                100 * PackingPlan.HANDLING_LOSS,
                plan.packets(),
                plan.leftOver(),
                known.purity(),
                known.tests().purity() != null,
                FillWeight.USUAL_CONFIDENCE);
    }

    private int seedsFor(LotKnown known, int metres) {
        if (known.tests().germination() == null) {
            throw new Refused(
                    "metres", metres, "packing.testFirst", "lot", known.lot().number());
        }
        return PackingPlan.seedsForRow(
                metres,
                known.planting() == null
                        ? crops.get(known.variety().cropKey()).inRow()
                        : known.planting().inRow(),
                known.tests().germination().result().mean());
    }

    private static FillWeight fillByCount(LotKnown known, int seeds) {
        if (known.tests().seedWeight() == null) {
            throw new Refused(
                    "seeds", seeds, "packing.weighFirst", "lot", known.lot().number());
        }
        return OutOfRange.named(
                "label",
                "seeds",
                () -> FillWeight.of(
                        seeds,
                        known.tests().seedWeight().result().thousandSeedWeight(),
                        known.purity(),
                        FillWeight.USUAL_LOT,
                        FillWeight.USUAL_SEED,
                        FillWeight.USUAL_SCOOP,
                        FillWeight.USUAL_CONFIDENCE));
    }
}
