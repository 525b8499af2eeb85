package theriseed.server.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.StockOfLot;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTakenIn;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.KeptEach;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.bench.LotWorkedOn;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotStates;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Pours;

/** Stock and sales. Nothing passes that the gate holds back, and nothing is sold that is not there. */
@Service
public class Stall {
    /** What a correction of a sale says it is of. */
    public static final String SALE = "sale";

    /** More than stand in a seed room. */
    private static final int MOST_KEPT = 5000;

    private final PackingRunRepository runs;
    private final SaleRepository sales;
    private final TakingRepository takings;
    private final CustomerRepository customers;
    private final PriceLists priceLists;
    private final List<Promises> promises;
    private final Lots lots;
    private final Pours pours;
    private final Gate gate;
    private final Corrections corrections;
    private final Stamps stamps;
    private final ApplicationEventPublisher events;
    private final FarmTime time;
    private final LotStates states;
    private final KeptEach<UUID, Rests, StockView> kept = new KeptEach<>(MOST_KEPT, stock -> true);

    Stall(
            PackingRunRepository runs,
            SaleRepository sales,
            TakingRepository takings,
            CustomerRepository customers,
            PriceLists priceLists,
            List<Promises> promises,
            Lots lots,
            Pours pours,
            Gate gate,
            Corrections corrections,
            Stamps stamps,
            ApplicationEventPublisher events,
            FarmTime time,
            LotStates states) {
        this.runs = runs;
        this.sales = sales;
        this.takings = takings;
        this.customers = customers;
        this.priceLists = priceLists;
        this.promises = promises;
        this.lots = lots;
        this.pours = pours;
        this.gate = gate;
        this.corrections = corrections;
        this.stamps = stamps;
        this.events = events;
        this.time = time;
        this.states = states;
    }

    /** What is left of each of these lots. */
    @ReadsOnly
    public Map<UUID, StockView> stock(Collection<LotKnown> of) {
        return stock(
                of.stream().map(LotKnown::lot).toList(),
                of.stream()
                        .collect(Collectors.toMap(
                                known -> known.lot().id(),
                                known -> LotsAtBench.clean(known.bench(), known.harvest()))));
    }

    /** The same, where no more of the lots is asked than what came clean off the bench. */
    @ReadsOnly
    public Map<UUID, StockView> stock(LotsAtBench of) {
        return stock(of.lots(), of.lots().stream().collect(Collectors.toMap(LotView::id, of::clean)));
    }

    /** What the stock of a lot rests on. @param clean grams that came clean off the bench */
    private record Rests(LotView lot, UUID state, BigDecimal clean) {}

    private Map<UUID, StockView> stock(Collection<LotView> of, Map<UUID, BigDecimal> clean) {
        Map<UUID, LotView> byId = of.stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        Map<UUID, Rests> rests = states.of(byId.keySet()).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        one -> new Rests(byId.get(one.getKey()), one.getValue(), clean.get(one.getKey()))));
        return kept.of(rests, ids -> counted(ids, rests));
    }

    private Map<UUID, StockView> counted(List<UUID> ids, Map<UUID, Rests> rests) {
        Map<UUID, List<PackingRun>> packed = runs.findByLotIdInOrderByPackedOnAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(PackingRun::lotId));
        Map<UUID, List<SaleRepository.Together>> sold =
                sales.together(ids).stream().collect(Collectors.groupingBy(SaleRepository.Together::lotId));
        Map<UUID, List<Taking>> taken =
                takings.findByLotIdInOrderByTakenOnAscIdAsc(ids).stream().collect(Collectors.groupingBy(Taking::lotId));
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
                                promised.getOrDefault(id, List.of()))));
    }

    @ReadsOnly
    public StockView stock(LotKnown known) {
        return stock(List.of(known)).get(known.lot().id());
    }

    /** Keeps so many grams for the farm's own sowing, of what is there or, until it is clean, of what is at the bench. */
    @GrowersWork
    @Transactional
    public LotView reserve(String number, int version, BigDecimal grams) {
        LotKnown known = gate.of(lots.lock(number));
        BigDecimal there = known.bench().clean()
                ? stock(known).bulk().max(BigDecimal.ZERO)
                : known.bench().mass();
        Range.of(0, there.doubleValue(), "g").because("IS_THERE").check("grams", grams);
        return lots.reserve(number, version, grams);
    }

    private static StockView stock(
            LotView lot,
            BigDecimal clean,
            List<PackingRun> packed,
            List<SaleRepository.Together> sold,
            List<Taking> taken,
            List<Promises.Promise> promised) {
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
                stock.brought(),
                runs,
                taken.stream().map(Taking::view).toList());
    }

    /** Whether seed of a lot was packed, sold, poured or taken in any other way. */
    @ReadsOnly
    public boolean anyTaken(UUID lotId) {
        return runs.existsByLotId(lotId)
                || sales.existsByLotId(lotId)
                || takings.existsByLotId(lotId)
                || pours.anyOut(lotId);
    }

    /** Seed that was packed or sold cannot turn out not to have been there, nor be cleaned again. */
    @EventListener
    void on(LotWorkedOn worked) {
        if (!anyTaken(worked.lotId())) {
            return;
        }
        LotView lot = lots.byId(worked.lotId());
        BigDecimal bulk = stock(gate.of(lot)).bulk();
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
        events.publishEvent(new SaleToCorrect(id));
        if (sale.delivery() != null) {
            throw new Refused("delivery", sale.delivery(), "sale.ofAnOrder");
        }
        if ((packets == null) != (sale.packingRunId() == null) || (packets == null) == (grams == null)) {
            throw new Refused("packets", packets, "sale.sayHowMuch");
        }
        Leaving how = new Leaving(sale.kind(), on, price, note, null);
        StockView stock = stock(known);
        boolean none;
        if (packets != null) {
            PackingRunView run = runOf(stock, sale.packingRunId());
            Range.of(0, run.free() + sale.packets(), "packets")
                    .because("RUN_HAS_LEFT")
                    .check("packets", packets);
            SeasonDates.check("soldOn", on, run.packedOn(), time.today());
            none = packets == 0;
        } else {
            Range.of(0, stock.free().add(sale.bulk()).doubleValue(), "g")
                    .because("MAY_BE_SOLD")
                    .check("bulk", grams);
            SeasonDates.check("soldOn", on, known.harvest().pickedOn(), time.today());
            none = grams.signum() == 0;
        }
        if (none && price.signum() > 0) {
            throw new Refused("price", price, "sale.nothingLeft");
        }
        Map<String, Object> before = sale.correctable();
        sale.change(packets, grams, on, how.price(), how.note());
        corrections.keep(SALE, id, before, sale.correctable(), made.because());
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

    /** What was thought to have left did not: nothing was paid for it either. Whoever keeps it promised does so again. */
    @GrowersWork
    @Transactional
    public void takeBack(Collection<UUID> saleIds, String because) {
        List<Sale> back = sales.findByIdIn(saleIds);
        lots.lockAll(back.stream().map(Sale::lotId).collect(Collectors.toSet()));
        for (Sale sale : back) {
            Map<String, Object> before = sale.correctable();
            sale.undo();
            corrections.keep(SALE, sale.id(), before, sale.correctable(), because);
        }
        sales.flush();
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
                                    "sale.noRun",
                                    "lot",
                                    known.get(lot).lot().number()));
            Range.of(1, free(run), "packets").because("RUN_HAS_LEFT").check("packets", asked);
            return gone(lot, run, asked, customer(customer), how);
        }

        /** Grams of bulk that nobody else was promised. */
        public SaleView sell(UUID lot, BigDecimal grams, String customer, Leaving how) {
            checkOpen(known.get(lot));
            Range.above(0, stock.get(lot).free().subtract(poured(lot)).doubleValue(), "g")
                    .because("MAY_BE_SOLD")
                    .check("bulk", grams);
            return gone(lot, grams, customer(customer), how);
        }

        private SaleView promised(UUID lot, UUID runId, int asked, Customer customer, Leaving how) {
            checkOpen(known.get(lot));
            PackingRunView run = runOf(stock.get(lot), runId);
            Range.of(1, run.left() - taken(run), "packets")
                    .because("RUN_HAS_LEFT")
                    .check("packets", asked);
            return gone(lot, run, asked, customer, how);
        }

        private SaleView promised(UUID lot, BigDecimal grams, Customer customer, Leaving how) {
            checkOpen(known.get(lot));
            Range.above(0, stock.get(lot).bulk().subtract(poured(lot)).doubleValue(), "g")
                    .because("IS_LEFT")
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
        Leaving priced = how.at(() ->
                priceLists.of(customer).packet(known.lot().varietyId(), run).multiply(BigDecimal.valueOf(packets)));
        return sales.save(new Sale(customer, known.lot().id(), run.id(), packets, null, priced, stamps.now()))
                .view();
    }

    private SaleView leave(LotKnown known, BigDecimal grams, Customer customer, Leaving how) {
        SeasonDates.check("soldOn", how.on(), known.harvest().pickedOn(), time.today());
        Leaving priced = how.at(() -> priceLists
                .of(customer)
                .bulk(known.lot().varietyId())
                .orElseThrow(() -> new Refused("price", "nothing", "price.noBulk", "customer", customer.name()))
                .multiply(grams)
                .movePointLeft(2)
                .setScale(2, RoundingMode.HALF_UP));
        return sales.save(new Sale(customer, known.lot().id(), null, null, grams, priced, stamps.now()))
                .view();
    }

    @ReadsOnly
    public Map<UUID, SaleView> sales(Collection<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : sales.findByIdIn(ids).stream().map(Sale::view).collect(Collectors.toMap(SaleView::id, sale -> sale));
    }

    @ReadsOnly
    public Stream<ListedSale> everySale() {
        return sales.listed();
    }

    @ReadsOnly
    public PageOf<SaleView> sales(int page, int size) {
        Page<Sale> found = sales.findAllByOrderBySoldOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Sale::view).toList());
    }

    /** A sale with its lot's number. */
    public record Sold(SaleView sale, String number) {}

    /** The same with their lots' numbers. */
    @ReadsOnly
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

    /** The newest sales of a lot, newest first, without those that turned out not to have been. @param most so many */
    @ReadsOnly
    public List<SaleView> lastSales(UUID lotId, int most) {
        return sales.last(lotId, Limit.of(most)).stream().map(Sale::view).toList();
    }

    /** First day on which seed of a lot was sold. */
    @ReadsOnly
    public Optional<LocalDate> firstSold(UUID lotId) {
        return sales.firstSold(lotId);
    }

    /** First day on which packets of a run were sold or taken. @param stock of its lot */
    Optional<LocalDate> firstLeft(UUID runId, StockView stock) {
        return Stream.concat(
                        sales.firstSoldOf(runId).stream(),
                        stock.takings().stream()
                                .filter(taking -> runId.equals(taking.packingRunId()))
                                .map(TakingView::takenOn))
                .min(Comparator.naturalOrder());
    }

    /** Ids of the sales of a lot that were corrected. */
    @ReadsOnly
    public List<UUID> changedSales(UUID lotId) {
        return sales.changed(lotId);
    }

    /** Everyone who got seed of these lots, by name and day. */
    @ReadsOnly
    public List<HolderView> holders(Collection<UUID> lotIds) {
        return sales.holders(lotIds);
    }

    /**
     * Grams of each lot that left since a day, in packets or not, and those that were sown; lots that were not used are not
     * there.
     */
    @ReadsOnly
    public Map<UUID, BigDecimal> usedSince(LocalDate since) {
        return Stream.of(sales.grams(since), takings.grams(TakenFor.SOWN, since))
                .flatMap(List::stream)
                .collect(Collectors.toMap(SaleRepository.Grams::lotId, SaleRepository.Grams::mass, BigDecimal::add));
    }

    /** Whoever has that name, on the list again where they had gone; else somebody new. */
    private Customer customer(String name) {
        Range.of(1, 80, "characters").check("customer", name.strip().length());
        Customer customer = customers
                .findByNameIgnoreCase(name.strip())
                .orElseGet(() -> customers.save(new Customer(name, "", stamps.now())));
        if (customer.ended()) {
            Map<String, Object> before = customer.correctable();
            customer.comesBack();
            corrections.keep("customer", customer.id(), before, customer.correctable(), "got seed again");
        }
        return customer;
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
                    "gate.shut",
                    "lot",
                    known.lot().number(),
                    "findings",
                    known.gate().against().stream()
                            .filter(one -> one.overruled() == null)
                            .map(LotKnown.Objection::finding)
                            .toList());
        }
    }

    /** Every lot can be shown, and what is there of it. */
    @EventListener
    void takenIn(FarmTakenIn farm) {
        stock(gate.of(lots.since(0)));
    }
}
