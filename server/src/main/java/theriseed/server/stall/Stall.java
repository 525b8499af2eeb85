package theriseed.server.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.FillWeight;
import theriseed.core.stall.PackingPlan;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.bench.LotWorkedOn;
import theriseed.server.bench.LotsAtBench;
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
    private final List<Promises> promises;
    private final Lots lots;
    private final Pours pours;
    private final Gate gate;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Stall(
            PackingRunRepository runs,
            SaleRepository sales,
            TakingRepository takings,
            CustomerRepository customers,
            List<Promises> promises,
            Lots lots,
            Pours pours,
            Gate gate,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.runs = runs;
        this.sales = sales;
        this.takings = takings;
        this.customers = customers;
        this.promises = promises;
        this.lots = lots;
        this.pours = pours;
        this.gate = gate;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** What is left of each of these lots. */
    @Transactional(readOnly = true)
    public Map<UUID, StockView> stock(Collection<LotKnown> of) {
        return stock(
                of.stream().map(LotKnown::lot).toList(),
                of.stream()
                        .collect(Collectors.toMap(
                                known -> known.lot().id(),
                                known -> LotsAtBench.clean(known.bench(), known.harvest()))));
    }

    /** The same, where no more of the lots is asked than what came clean off the bench. */
    @Transactional(readOnly = true)
    public Map<UUID, StockView> stock(LotsAtBench of) {
        return stock(of.lots(), of.lots().stream().collect(Collectors.toMap(LotView::id, of::clean)));
    }

    private Map<UUID, StockView> stock(Collection<LotView> of, Map<UUID, BigDecimal> clean) {
        Set<UUID> ids = clean.keySet();
        Map<UUID, List<PackingRun>> packed = runs.findByLotIdInOrderByPackedOnAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(PackingRun::lotId));
        Map<UUID, List<SaleRepository.Together>> sold =
                sales.together(ids).stream().collect(Collectors.groupingBy(SaleRepository.Together::lotId));
        Map<UUID, List<Taking>> taken =
                takings.findByLotIdInOrderByTakenOnAscIdAsc(ids).stream().collect(Collectors.groupingBy(Taking::lotId));
        Map<UUID, List<Promises.Promise>> promised = promises.stream()
                .flatMap(some -> some.of(ids).stream())
                .collect(Collectors.groupingBy(Promises.Promise::lotId));
        Map<UUID, StockView> stock = new HashMap<>();
        for (LotView lot : of) {
            UUID id = lot.id();
            stock.put(
                    id,
                    stock(
                            lot,
                            clean.get(id),
                            packed.getOrDefault(id, List.of()),
                            sold.getOrDefault(id, List.of()),
                            taken.getOrDefault(id, List.of()),
                            promised.getOrDefault(id, List.of())));
        }
        return stock;
    }

    @Transactional(readOnly = true)
    public StockView stock(LotKnown known) {
        return stock(List.of(known)).get(known.lot().id());
    }

    private static StockView stock(
            LotView lot,
            BigDecimal clean,
            List<PackingRun> packed,
            List<SaleRepository.Together> sold,
            List<Taking> taken,
            List<Promises.Promise> promised) {
        BigDecimal bulk = clean;
        for (PackingRun run : packed) {
            bulk = bulk.subtract(run.taken());
        }
        Map<UUID, Integer> gone = new HashMap<>();
        int packetsSold = 0;
        BigDecimal bulkSold = BigDecimal.ZERO;
        BigDecimal brought = BigDecimal.ZERO;
        for (SaleRepository.Together some : sold) {
            brought = brought.add(some.price());
            if (some.packingRunId() == null) {
                bulkSold = bulkSold.add(some.bulk());
            } else {
                packetsSold += some.packets();
                gone.merge(some.packingRunId(), some.packets().intValue(), Integer::sum);
            }
        }
        bulk = bulk.subtract(bulkSold);
        for (Taking one : taken) {
            bulk = bulk.subtract(one.mass());
            if (one.packingRunId() != null) {
                gone.merge(one.packingRunId(), one.packets(), Integer::sum);
            }
        }
        BigDecimal spoken = BigDecimal.ZERO;
        Map<UUID, Integer> spokenOf = new HashMap<>();
        for (Promises.Promise one : promised) {
            if (one.packingRunId() == null) {
                spoken = spoken.add(one.bulk());
            } else {
                spokenOf.merge(one.packingRunId(), one.packets(), Integer::sum);
            }
        }
        BigDecimal reserved = lot.reserved().min(bulk.max(BigDecimal.ZERO));
        List<PackingRunView> runs = packed.stream()
                .map(run -> run.view(gone.getOrDefault(run.id(), 0), spokenOf.getOrDefault(run.id(), 0)))
                .toList();
        return new StockView(
                bulk,
                reserved,
                spoken,
                bulk.subtract(reserved).subtract(spoken).max(BigDecimal.ZERO),
                runs.stream().mapToInt(PackingRunView::left).sum(),
                runs.stream().mapToInt(PackingRunView::free).sum(),
                packetsSold,
                bulkSold,
                brought,
                runs,
                taken.stream().map(Taking::view).toList());
    }

    /** Seed that was packed or sold cannot turn out not to have been there, nor be cleaned again. */
    @EventListener
    void on(LotWorkedOn worked) {
        boolean takenFrom = !takings.findByLotIdInOrderByTakenOnAscIdAsc(List.of(worked.lotId()))
                        .isEmpty()
                || !runs.findByLotIdInOrderByPackedOnAscIdAsc(List.of(worked.lotId()))
                        .isEmpty()
                || sales.existsByLotId(worked.lotId())
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
                        packing,
                        plan.seeds(),
                        fill,
                        packets,
                        plan.bulk(),
                        plan.bulk().subtract(taken),
                        stamps.now()))
                .view(0, 0);
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
            fill = FillWeight.byWeight(label, FillWeight.USUAL_SCOOP, CONFIDENCE);
            overfill = 100 * (fill / label - 1);
        }
        BigDecimal kept =
                packing.reserve().max(stock.reserved()).add(stock.promised()).min(bulk);
        PackingPlan plan = PackingPlan.of(bulk.doubleValue(), kept.doubleValue(), HANDLING_LOSS, fill);
        return new Packing.Plan(
                known.lot().id(),
                bulk,
                fill,
                seeds,
                meanCount,
                overfill,
                plan.packets(),
                plan.leftOver(),
                known.purity(),
                known.tests().purity() != null,
                CONFIDENCE);
    }

    /** Seeds for so much row: plants at their distance in it, and more where fewer germinate and come up. */
    private int seedsFor(LotKnown known, int metres) {
        if (known.tests().germination() == null) {
            throw new Refused(
                    "metres",
                    metres,
                    "a lot whose germination is known",
                    "Test the germination of " + known.lot().number() + " first: it says how thickly to sow.");
        }
        int plants = Math.max(1, (int) Math.ceil(metres / known.planting().inRow()));
        double germination = Math.max(1, known.tests().germination().result().mean()) / 100;
        return (int) Math.ceil(plants / (germination * PopulationPlan.USUAL_ESTABLISHMENT));
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

    /** Packing runs by id, as they were filled; what is left of them the stock of their lots tells. */
    @Transactional(readOnly = true)
    public Map<UUID, PackingRunView> runs(Collection<UUID> ids) {
        return runs.findAllById(ids).stream().collect(Collectors.toMap(PackingRun::id, run -> run.view(0, 0)));
    }

    /** The run of a lot with this id. */
    public PackingRunView runOf(StockView stock, UUID runId) {
        return stock.runs().stream()
                .filter(candidate -> candidate.id().equals(runId))
                .findFirst()
                .orElseThrow(NotFound.of("packing run of this lot"));
    }

    /** Packets of a run leave, that nobody else was promised. */
    @GrowersWork
    @Transactional
    public SaleView sellPackets(String lotNumber, UUID runId, int packets, String customer, Leaving how) {
        LotView lot = lots.lock(lotNumber);
        return new Till(List.of(lot)).sell(lot.id(), runId, packets, customer, how);
    }

    /** Seed by weight leaves from the bulk. */
    @GrowersWork
    @Transactional
    public SaleView sellBulk(String lotNumber, BigDecimal grams, String customer, Leaving how) {
        LotView lot = lots.lock(lotNumber);
        return new Till(List.of(lot)).sell(lot.id(), grams, customer, how);
    }

    /**
     * What left over the counter turns out to have been otherwise; nothing at all, where it never left.
     *
     * @param packets or {@code grams} of bulk, as it was sold; the other is null
     */
    @GrowersWork
    @Transactional
    public SaleView correctSale(
            UUID id, Changed made, Integer packets, BigDecimal grams, LocalDate on, BigDecimal price, String note) {
        Sale sale = sales.findById(id).orElseThrow(NotFound.of("sale"));
        LotKnown known = gate.of(lots.lockAll(List.of(sale.lotId())).get(0));
        Clash.check(sale, made.from(), sale.view());
        if (sale.delivery() != null) {
            throw new Refused(
                    "delivery",
                    sale.delivery(),
                    "a sale over the counter",
                    "This went out with an order, whose papers say so. Give the difference with its next delivery.");
        }
        if ((packets == null) != (sale.packingRunId() == null) || (packets == null) == (grams == null)) {
            throw new Refused(
                    "packets", packets, "packets where packets were sold, else grams", "Say how much it was.");
        }
        Leaving how = new Leaving(sale.kind(), on, price, note, null);
        StockView stock = stock(known);
        boolean none;
        if (packets != null) {
            PackingRunView run = runOf(stock, sale.packingRunId());
            Range.of(0, run.free() + sale.packets(), "packets, which this run had left")
                    .check("packets", packets);
            SeasonDates.check("soldOn", on, run.packedOn(), time.today());
            none = packets == 0;
        } else {
            Range.of(0, stock.free().add(sale.bulk()).doubleValue(), "g, which might be sold")
                    .check("bulk", grams);
            SeasonDates.check("soldOn", on, known.harvest().pickedOn(), time.today());
            none = grams.signum() == 0;
        }
        if (none && price.signum() > 0) {
            throw new Refused("price", price, "0", "Nothing left, so it brought nothing.");
        }
        Map<String, Object> before = sale.correctable();
        sale.change(packets, grams, on, how.price(), how.note());
        corrections.keep("sale", id, before, sale.correctable(), made.because());
        return sales.saveAndFlush(sale).view();
    }

    /** Promised seed that leaves now. */
    public record Going(Promises.Promise promised, Leaving how) {}

    /**
     * What was promised leaves; whoever promised it lets go of it in the same transaction.
     *
     * @return a sale for each, in their order
     */
    @GrowersWork
    @Transactional
    public List<SaleView> deliver(UUID customerId, List<Going> going) {
        Customer customer = customers.findById(customerId).orElseThrow(NotFound.of("customer"));
        Till till = new Till(
                lots.lockAll(going.stream().map(one -> one.promised().lotId()).collect(Collectors.toSet())));
        return going.stream()
                .map(one -> one.promised().packingRunId() == null
                        ? till.promised(one.promised().lotId(), one.promised().bulk(), customer, one.how())
                        : till.promised(
                                one.promised().lotId(),
                                one.promised().packingRunId(),
                                one.promised().packets(),
                                customer,
                                one.how()))
                .toList();
    }

    /** Sells from these lots several times. @param locked by {@link Lots#lock} in this transaction */
    @GrowersWork
    @Transactional
    public Till till(Collection<LotView> locked) {
        return new Till(locked);
    }

    /** Seed that leaves several times in one transaction, each time out of what is left by then. */
    public final class Till {
        private final Map<UUID, LotKnown> known;
        private final Map<UUID, StockView> stock;
        private final Map<UUID, Integer> packets = new HashMap<>();
        private final Map<UUID, BigDecimal> bulk = new HashMap<>();

        private Till(Collection<LotView> locked) {
            known = gate.of(locked).stream()
                    .collect(Collectors.toMap(lot -> lot.lot().id(), lot -> lot));
            stock = stock(known.values());
        }

        /** Packets that nobody else was promised. @param runId null for the oldest run that has so many */
        public SaleView sell(UUID lot, UUID runId, int asked, String customer, Leaving how) {
            checkOpen(known.get(lot));
            PackingRunView run = runId != null
                    ? runOf(stock.get(lot), runId)
                    : stock.get(lot).runs().stream()
                            .filter(one -> free(one) >= asked)
                            .findFirst()
                            .orElseThrow(() -> new Refused(
                                    "packets",
                                    asked,
                                    "packets of a run that has so many",
                                    "No packing run of " + known.get(lot).lot().number()
                                            + " has so many packets left."));
            Range.of(1, free(run), "packets, which this run has left").check("packets", asked);
            return gone(lot, run, asked, customer(customer), how);
        }

        /** Grams of bulk that nobody else was promised. */
        public SaleView sell(UUID lot, BigDecimal grams, String customer, Leaving how) {
            checkOpen(known.get(lot));
            Range.above(0, stock.get(lot).free().subtract(poured(lot)).doubleValue(), "g, which may be sold")
                    .check("bulk", grams);
            return gone(lot, grams, customer(customer), how);
        }

        private SaleView promised(UUID lot, UUID runId, int asked, Customer customer, Leaving how) {
            checkOpen(known.get(lot));
            PackingRunView run = runOf(stock.get(lot), runId);
            Range.of(1, run.left() - taken(run), "packets, which this run has left")
                    .check("packets", asked);
            return gone(lot, run, asked, customer, how);
        }

        private SaleView promised(UUID lot, BigDecimal grams, Customer customer, Leaving how) {
            checkOpen(known.get(lot));
            Range.above(0, stock.get(lot).bulk().subtract(poured(lot)).doubleValue(), "g, which is left")
                    .check("bulk", grams);
            return gone(lot, grams, customer, how);
        }

        private int taken(PackingRunView run) {
            return packets.getOrDefault(run.id(), 0);
        }

        private int free(PackingRunView run) {
            return run.free() - taken(run);
        }

        private BigDecimal poured(UUID lot) {
            return bulk.getOrDefault(lot, BigDecimal.ZERO);
        }

        private SaleView gone(UUID lot, PackingRunView run, int asked, Customer customer, Leaving how) {
            SaleView sale = leave(known.get(lot), run, asked, customer, how);
            packets.merge(run.id(), asked, Integer::sum);
            return sale;
        }

        private SaleView gone(UUID lot, BigDecimal grams, Customer customer, Leaving how) {
            SaleView sale = leave(known.get(lot), grams, customer, how);
            bulk.merge(lot, grams, BigDecimal::add);
            return sale;
        }
    }

    private SaleView leave(LotKnown known, PackingRunView run, int packets, Customer customer, Leaving how) {
        SeasonDates.check("soldOn", how.on(), run.packedOn(), time.today());
        return sales.save(new Sale(customer, known.lot().id(), run.id(), packets, null, how, stamps.now()))
                .view();
    }

    private SaleView leave(LotKnown known, BigDecimal grams, Customer customer, Leaving how) {
        SeasonDates.check("soldOn", how.on(), known.harvest().pickedOn(), time.today());
        return sales.save(new Sale(customer, known.lot().id(), null, null, grams, how, stamps.now()))
                .view();
    }

    @Transactional(readOnly = true)
    public Map<UUID, SaleView> sales(Collection<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : sales.findByIdIn(ids).stream().map(Sale::view).collect(Collectors.toMap(SaleView::id, sale -> sale));
    }

    @Transactional(readOnly = true)
    public PageOf<SaleView> sales(int page, int size) {
        Page<Sale> found = sales.findAllByOrderBySoldOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Sale::view).toList());
    }

    /** A sale with its lot's number. */
    public record Sold(SaleView sale, String number) {}

    /** The same with their lots' numbers. */
    @Transactional(readOnly = true)
    public PageOf<Sold> sold(int page, int size) {
        PageOf<SaleView> found = sales(page, size);
        Map<UUID, String> numbers =
                lots.byIds(found.items().stream().map(SaleView::lotId).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(LotView::id, LotView::number));
        return new PageOf<>(
                found.items().stream()
                        .map(sale -> new Sold(sale, numbers.get(sale.lotId())))
                        .toList(),
                found.page(),
                found.pages(),
                found.total());
    }

    /** The newest sales of a lot, newest first. @param most so many */
    @Transactional(readOnly = true)
    public List<SaleView> lastSales(UUID lotId, int most) {
        return sales.findByLotIdOrderBySoldOnDescIdDesc(lotId, Limit.of(most)).stream()
                .map(Sale::view)
                .toList();
    }

    /** Ids of the sales of a lot that were corrected. */
    @Transactional(readOnly = true)
    public List<UUID> changedSales(UUID lotId) {
        return sales.changed(lotId);
    }

    /** Everyone who got seed of these lots, by name and day. */
    @Transactional(readOnly = true)
    public List<HolderView> holders(Collection<UUID> lotIds) {
        return sales.holders(lotIds);
    }

    /** Grams of each of these lots that left since a day, in packets or not; those none left of are not there. */
    @Transactional(readOnly = true)
    public Map<UUID, BigDecimal> soldSince(Collection<UUID> lotIds, LocalDate since) {
        return sales.grams(lotIds, since).stream()
                .collect(Collectors.toMap(SaleRepository.Grams::lotId, SaleRepository.Grams::mass));
    }

    private Customer customer(String name) {
        Range.of(1, 80, "characters").check("customer", name.strip().length());
        return customers
                .findByNameIgnoreCase(name.strip())
                .orElseGet(() -> customers.save(new Customer(name, "", stamps.now())));
    }

    /**
     * Whether seed of a lot may leave.
     *
     * @throws Refused with everything that holds it back
     */
    public static void checkOpen(LotKnown known) {
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
