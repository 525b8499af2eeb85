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
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.MixedUnits;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** Seed that leaves. Nothing passes that the gate holds back, and nothing is sold that is not there. */
@Service
public class Stall {
    /** What a correction of a sale says it is of. */
    public static final String SALE = "sale";

    private final SaleRepository sales;
    private final Customers customers;
    private final PriceLists priceLists;
    private final Lots lots;
    private final Gate gate;
    private final Corrections corrections;
    private final Stamps stamps;
    private final ApplicationEventPublisher events;
    private final FarmTime time;
    private final Stocks stocks;

    Stall(
            SaleRepository sales,
            Customers customers,
            PriceLists priceLists,
            Lots lots,
            Gate gate,
            Corrections corrections,
            Stamps stamps,
            ApplicationEventPublisher events,
            FarmTime time,
            Stocks stocks) {
        this.sales = sales;
        this.customers = customers;
        this.priceLists = priceLists;
        this.lots = lots;
        this.gate = gate;
        this.corrections = corrections;
        this.stamps = stamps;
        this.events = events;
        this.time = time;
        this.stocks = stocks;
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
        Sale sale = sales.findById(id).filter(one -> one.returnOf() == null).orElseThrow(NotFound.of("sale"));
        LotKnown known = gate.of(lots.lockAll(List.of(sale.lotId())).get(0));
        Clash.check(sale, made.from(), sale.view());
        events.publishEvent(new SaleToCorrect(id));
        if (sale.delivery() != null) {
            throw new Refused("delivery", sale.delivery(), "sale.ofAnOrder");
        }
        SaleRepository.Back back = sales.back(id, id);
        if ((packets == null) != (sale.packingRunId() == null) || (packets == null) == (grams == null)) {
            throw new Refused("packets", packets, "sale.sayHowMuch");
        }
        Leaving how = new Leaving(sale.kind(), on, price, note, null);
        StockView stock = stocks.of(known);
        boolean none;
        if (packets != null) {
            PackingRunView run = stock.run(sale.packingRunId());
            Range.of(-back.packets(), run.free() + sale.packets(), "packets")
                    .because("RUN_HAS_LEFT")
                    .check("packets", packets);
            SeasonDates.check("soldOn", on, run.packedOn(), time.today());
            none = packets == 0;
        } else {
            Range.of(-back.bulk().doubleValue(), stock.free().add(sale.bulk()).doubleValue(), "g")
                    .because("MAY_BE_SOLD")
                    .check("bulk", grams);
            SeasonDates.check("soldOn", on, known.harvest().pickedOn(), time.today());
            none = grams.signum() == 0;
        }
        Range.of(-back.price().doubleValue(), 1e6, "").because("PAID_BACK").check("price", price);
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
        Customer customer = customers.find(customerId);
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
        if (sales.anyBack(saleIds)) {
            throw new Refused("sale", "returned", "sale.cameBack");
        }
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
            stock = stocks.of(known.values());
        }

        /** Packets that nobody else was promised. @param runId null for the oldest run that has so many */
        public SaleView sell(UUID lot, UUID runId, int asked, String customer, Leaving how) {
            checkOpen(known.get(lot));
            PackingRunView run = runId != null
                    ? stock.get(lot).run(runId)
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
            return gone(lot, run, asked, customers.named(customer), how);
        }

        /** Grams of bulk that nobody else was promised. */
        public SaleView sell(UUID lot, BigDecimal grams, String customer, Leaving how) {
            checkOpen(known.get(lot));
            MixedUnits.checkAtMost(
                    "bulk",
                    grams,
                    stock.get(lot).free().subtract(transferred(lot)).doubleValue(),
                    "MAY_BE_SOLD");
            return gone(lot, grams, customers.named(customer), how);
        }

        /**
         * Grams that left before there were these records. That happened, whatever would be asked of the lot now.
         *
         * @throws Refused where there would be less than nothing left
         */
        public SaleView leftBefore(UUID lot, BigDecimal grams, String customer, Leaving how) {
            MixedUnits.checkAtMost(
                    "bulk",
                    grams,
                    stock.get(lot).bulk().subtract(transferred(lot)).doubleValue(),
                    "IS_LEFT");
            return gone(lot, grams, customers.named(customer), how);
        }

        private SaleView promised(UUID lot, UUID runId, int asked, Customer customer, Leaving how) {
            checkOpen(known.get(lot));
            PackingRunView run = stock.get(lot).run(runId);
            Range.of(1, run.left() - taken(run), "packets")
                    .because("RUN_HAS_LEFT")
                    .check("packets", asked);
            return gone(lot, run, asked, customer, how);
        }

        private SaleView promised(UUID lot, BigDecimal grams, Customer customer, Leaving how) {
            checkOpen(known.get(lot));
            Range.above(0, stock.get(lot).bulk().subtract(transferred(lot)).doubleValue(), "g")
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

        private BigDecimal transferred(UUID lot) {
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
                    known.gate().holding());
        }
    }
}
