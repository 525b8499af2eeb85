package theriseed.server.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.FillWeight;
import theriseed.core.stall.PackingPlan;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.bench.LotWorkedOn;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Pours;

/** Packing, stock and sales. Nothing passes that the gate holds back, and nothing is sold that is not there. */
@Service
public class Stall {
    private static final double CONFIDENCE = 0.95;
    private static final double HANDLING_LOSS = 0.01;

    private final PackingRunRepository runs;
    private final SaleRepository sales;
    private final TakingRepository takings;
    private final CustomerRepository customers;
    private final Lots lots;
    private final Pours pours;
    private final Gate gate;
    private final Stamps stamps;
    private final FarmTime time;

    Stall(
            PackingRunRepository runs,
            SaleRepository sales,
            TakingRepository takings,
            CustomerRepository customers,
            Lots lots,
            Pours pours,
            Gate gate,
            Stamps stamps,
            FarmTime time) {
        this.runs = runs;
        this.sales = sales;
        this.takings = takings;
        this.customers = customers;
        this.lots = lots;
        this.pours = pours;
        this.gate = gate;
        this.stamps = stamps;
        this.time = time;
    }

    /** What is left of each of these lots. */
    @Transactional(readOnly = true)
    public Map<UUID, StockView> stock(Collection<LotKnown> of) {
        List<UUID> ids = of.stream().map(known -> known.lot().id()).toList();
        Map<UUID, List<PackingRun>> packed = runs.findByLotIdInOrderByPackedOnAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(PackingRun::lotId));
        Map<UUID, List<Sale>> sold =
                sales.findByLotIdInOrderBySoldOnAscIdAsc(ids).stream().collect(Collectors.groupingBy(Sale::lotId));
        Map<UUID, List<Taking>> taken =
                takings.findByLotIdInOrderByTakenOnAscIdAsc(ids).stream().collect(Collectors.groupingBy(Taking::lotId));
        Map<UUID, StockView> stock = new HashMap<>();
        for (LotKnown known : of) {
            UUID id = known.lot().id();
            stock.put(
                    id,
                    stock(
                            known,
                            packed.getOrDefault(id, List.of()),
                            sold.getOrDefault(id, List.of()),
                            taken.getOrDefault(id, List.of())));
        }
        return stock;
    }

    @Transactional(readOnly = true)
    public StockView stock(LotKnown known) {
        return stock(List.of(known)).get(known.lot().id());
    }

    private static StockView stock(LotKnown known, List<PackingRun> packed, List<Sale> sold, List<Taking> taken) {
        BigDecimal bulk = known.bench() == null || !known.bench().clean()
                ? BigDecimal.ZERO
                : known.bench().mass().subtract(known.harvest().pouredOut());
        for (PackingRun run : packed) {
            bulk = bulk.subtract(run.taken());
        }
        Map<UUID, Integer> soldOfRun = new HashMap<>();
        Map<UUID, Integer> takenOfRun = new HashMap<>();
        for (Sale sale : sold) {
            bulk = bulk.subtract(sale.bulk());
            if (sale.packingRunId() != null) {
                soldOfRun.merge(sale.packingRunId(), sale.packets(), Integer::sum);
            }
        }
        for (Taking one : taken) {
            bulk = bulk.subtract(one.mass());
            if (one.packingRunId() != null) {
                takenOfRun.merge(one.packingRunId(), one.packets(), Integer::sum);
            }
        }
        BigDecimal reserved = known.lot().reserved().min(bulk.max(BigDecimal.ZERO));
        int all = packed.stream().mapToInt(PackingRun::packets).sum();
        int gone = soldOfRun.values().stream().mapToInt(Integer::intValue).sum();
        int used = takenOfRun.values().stream().mapToInt(Integer::intValue).sum();
        return new StockView(
                bulk,
                reserved,
                bulk.subtract(reserved),
                all - gone - used,
                gone,
                packed.stream()
                        .map(run ->
                                run.view(soldOfRun.getOrDefault(run.id(), 0) + takenOfRun.getOrDefault(run.id(), 0)))
                        .toList(),
                sold.stream().map(Sale::view).toList(),
                taken.stream().map(Taking::view).toList());
    }

    /** Seed that was packed or sold cannot turn out not to have been there, nor be cleaned again. */
    @EventListener
    void on(LotWorkedOn worked) {
        boolean takenFrom = !takings.findByLotIdInOrderByTakenOnAscIdAsc(List.of(worked.lotId()))
                        .isEmpty()
                || !runs.findByLotIdInOrderByPackedOnAscIdAsc(List.of(worked.lotId()))
                        .isEmpty()
                || !sales.findByLotIdInOrderBySoldOnAscIdAsc(List.of(worked.lotId()))
                        .isEmpty()
                || pours.anyOut(worked.lotId());
        if (!takenFrom) {
            return;
        }
        LotView lot = lots.byId(worked.lotId());
        BigDecimal bulk = stock(gate.of(lot)).bulk();
        if (worked.further() || bulk.signum() < 0) {
            throw new Refused(
                    "massOut",
                    lot.number(),
                    "what fits the packets",
                    worked.further()
                            ? "Seed of " + lot.number()
                                    + " is packed or poured already: it cannot be worked on any more."
                            : "More of " + lot.number()
                                    + " was packed, sold or poured than this would leave. Put the packets"
                                    + " right first.");
        }
    }

    /** What a packing run would come to, without doing it. */
    @HandsWork
    @Transactional(readOnly = true)
    public Packing.Plan plan(String lotNumber, Packing packing) {
        return plan(gate.of(lots.get(lotNumber)), packing);
    }

    @HandsWork
    @Transactional
    public PackingRunView pack(String lotNumber, Packing packing) {
        LotView lot = lots.lock(lotNumber);
        LotKnown known = gate.of(lot);
        checkOpen(known);
        SeasonDates.check("packedOn", packing.packedOn(), known.harvest().pickedOn(), time.today());
        Packing.Plan plan = plan(known, packing);
        if (plan.packets() == 0) {
            throw new Refused(
                    "packets",
                    0,
                    "at least one packet",
                    "What is left of " + lot.number() + " does not fill one packet.");
        }
        int packets = packing.packets() == null
                ? plan.packets()
                : Range.of(1, plan.packets(), "packets").check("packets", packing.packets());
        BigDecimal fill = BigDecimal.valueOf(plan.fill()).setScale(4, RoundingMode.UP);
        BigDecimal taken = fill.multiply(BigDecimal.valueOf(packets))
                .divide(BigDecimal.valueOf(1 - HANDLING_LOSS), 3, RoundingMode.UP)
                .min(plan.bulk());
        return runs.save(new PackingRun(
                        lot.id(),
                        packing.packedOn(),
                        packing.seeds(),
                        fill,
                        packets,
                        plan.bulk(),
                        plan.bulk().subtract(taken),
                        Range.of(0, 1e6, "").check("price", packing.price()),
                        stamps.now()))
                .view(0);
    }

    private Packing.Plan plan(LotKnown known, Packing packing) {
        StockView stock = stock(known);
        BigDecimal bulk = stock.bulk();
        if (stock.free().signum() <= 0) {
            throw new Refused(
                    "number",
                    known.lot().number(),
                    "a lot with clean seed left",
                    bulk.signum() <= 0
                            ? "There is no clean seed of " + known.lot().number() + " in bulk."
                            : "What is left of " + known.lot().number() + " is kept for the farm's own sowing.");
        }
        if ((packing.seeds() == null) == (packing.grams() == null)) {
            throw new Refused(
                    "seeds",
                    packing.seeds(),
                    "a count or a weight",
                    "Say how many seeds a packet holds, or what it weighs.");
        }
        Range.of(0, bulk.doubleValue(), "g").check("reserve", packing.reserve());
        double fill;
        Double meanCount = null;
        double overfill;
        if (packing.seeds() != null) {
            FillWeight weight = fillByCount(known, packing.seeds());
            fill = weight.grams();
            meanCount = weight.meanCount();
            overfill = weight.overfill();
        } else {
            double label = packing.grams().doubleValue();
            fill = FillWeight.byWeight(label, FillWeight.USUAL_SCOOP, CONFIDENCE);
            overfill = 100 * (fill / label - 1);
        }
        BigDecimal kept = packing.reserve().max(stock.reserved());
        PackingPlan plan = PackingPlan.of(bulk.doubleValue(), kept.doubleValue(), HANDLING_LOSS, fill);
        return new Packing.Plan(
                known.lot().id(),
                bulk,
                fill,
                meanCount,
                overfill,
                plan.packets(),
                plan.leftOver(),
                known.purity(),
                known.tests().purity() != null,
                CONFIDENCE);
    }

    private static FillWeight fillByCount(LotKnown known, int seeds) {
        if (known.tests().seedWeight() == null) {
            throw new Refused(
                    "seeds",
                    seeds,
                    "a lot whose thousand-seed weight is known",
                    "Weigh 100 seeds of " + known.lot().number() + " a few times first: without that no count can be"
                            + " filled by weight.");
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
                        CONFIDENCE));
    }

    PackingRunView runOf(StockView stock, UUID runId) {
        return stock.runs().stream()
                .filter(candidate -> candidate.id().equals(runId))
                .findFirst()
                .orElseThrow(NotFound.of("packing run of this lot"));
    }

    /** Sells packets of a run. */
    @GrowersWork
    @Transactional
    public SaleView sellPackets(
            String lotNumber, UUID runId, int packets, String customer, LocalDate soldOn, BigDecimal price) {
        LotView lot = lots.lock(lotNumber);
        LotKnown known = gate.of(lot);
        checkOpen(known);
        PackingRunView run = runOf(stock(known), runId);
        Range.of(1, run.left(), "packets, which this run has left").check("packets", packets);
        SeasonDates.check("soldOn", soldOn, run.packedOn(), time.today());
        return sales.save(new Sale(
                        customer(customer), lot.id(), runId, soldOn, packets, null, checked(price), stamps.now()))
                .view();
    }

    /** Sells seed by weight from the bulk. */
    @GrowersWork
    @Transactional
    public SaleView sellBulk(String lotNumber, BigDecimal grams, String customer, LocalDate soldOn, BigDecimal price) {
        LotView lot = lots.lock(lotNumber);
        LotKnown known = gate.of(lot);
        checkOpen(known);
        Range.above(0, stock(known).free().doubleValue(), "g, which may be sold")
                .check("bulk", grams);
        SeasonDates.check("soldOn", soldOn, known.harvest().pickedOn(), time.today());
        return sales.save(
                        new Sale(customer(customer), lot.id(), null, soldOn, null, grams, checked(price), stamps.now()))
                .view();
    }

    @Transactional(readOnly = true)
    public PageOf<SaleView> sales(int page, int size) {
        Page<Sale> found = sales.findAllByOrderBySoldOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Sale::view).toList());
    }

    /** Every sale of these lots, by day. */
    @Transactional(readOnly = true)
    public List<SaleView> soldOf(Collection<UUID> lotIds) {
        return sales.findByLotIdInOrderBySoldOnAscIdAsc(lotIds).stream()
                .map(Sale::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<String> customers() {
        return customers.findTop200ByOrderByName().stream().map(Customer::name).toList();
    }

    private Customer customer(String name) {
        Range.of(1, 80, "characters").check("customer", name.strip().length());
        return customers
                .findByNameIgnoreCase(name.strip())
                .orElseGet(() -> customers.save(new Customer(name, "", stamps.now())));
    }

    private static BigDecimal checked(BigDecimal price) {
        return Range.of(0, 1e7, "").check("price", price);
    }

    private static void checkOpen(LotKnown known) {
        if (!known.gate().mayBeSold()) {
            throw new Refused(
                    "number",
                    known.lot().number(),
                    "a lot that nothing holds back",
                    known.lot().number() + " may not be packed or sold: "
                            + known.gate().against().stream()
                                    .filter(one -> one.overruled() == null)
                                    .map(LotKnown.Objection::finding)
                                    .collect(Collectors.joining("; "))
                            + ".");
        }
    }
}
