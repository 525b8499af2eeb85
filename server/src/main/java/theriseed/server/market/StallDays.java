package theriseed.server.market;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.CustomerEnds;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PriceLists;
import theriseed.server.stall.Promises;
import theriseed.server.stall.SaleToCorrect;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.stall.Terms;

/** Takes packets along to a market; what does not come back was sold. */
@Service
public class StallDays {
    private static final int MOST_LINES = 300;

    private final StallDayRepository days;
    private final StallDayLineRepository lines;
    private final Customers customers;
    private final PriceLists priceLists;
    private final Lots lots;
    private final Varieties varieties;
    private final Gate gate;
    private final Stall stall;
    private final Stocks stocks;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    StallDays(
            StallDayRepository days,
            StallDayLineRepository lines,
            Customers customers,
            PriceLists priceLists,
            Lots lots,
            Varieties varieties,
            Gate gate,
            Stall stall,
            Stocks stocks,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.days = days;
        this.lines = lines;
        this.customers = customers;
        this.priceLists = priceLists;
        this.lots = lots;
        this.varieties = varieties;
        this.gate = gate;
        this.stall = stall;
        this.stocks = stocks;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** @param price a packet there; null for what the market's terms say */
    public record Along(String number, UUID packingRunId, int taken, BigDecimal price) {}

    @GrowersWork
    @Transactional
    public StallDayView take(UUID customerId, LocalDate heldOn, String note, List<Along> along) {
        CustomerView market = customers.get(customerId);
        SeasonDates.check(
                "heldOn", heldOn, time.today().minusDays(60), time.today().plusDays(60));
        Range.of(1, MOST_LINES, "lines").check("lines", along.size());
        StallDay day = days.save(new StallDay(market.id(), heldOn, note, stamps.now()));
        Map<String, LotView> locked =
                lots.lock(along.stream().map(Along::number).toList());
        List<LotKnown> known = gate.of(Set.copyOf(locked.values()));
        known.forEach(Stall::checkOpen);
        Map<UUID, StockView> stock = stocks.of(known);
        Terms terms = priceLists.of(market.id());
        Set<UUID> seen = new HashSet<>();
        for (int i = 0; i < along.size(); i++) {
            Along one = along.get(i);
            String at = "lines[" + i + "].";
            UUID lot = locked.get(one.number()).id();
            PackingRunView run = stock.get(lot).run(one.packingRunId());
            if (!seen.add(run.id())) {
                throw new Refused(at + "packingRunId", one.number(), "market.twice");
            }
            Range.of(1, run.free(), "packets").because("RUN_HAS_LEFT").check(at + "taken", one.taken());
            BigDecimal price = one.price() == null
                    ? terms.packet(locked.get(one.number()).varietyId(), run)
                    : Range.of(0, 1e4, "a packet").check(at + "price", one.price());
            lines.save(new StallDayLine(day.id(), lot, run.id(), one.taken(), price, stamps.now()));
        }
        lines.flush();
        return view(day);
    }

    /** What came back, by run; the rest was sold. */
    @GrowersWork
    @Transactional
    public StallDayView count(UUID id, Map<UUID, Integer> returned) {
        StallDay day = days.lock(id).orElseThrow(NotFound.of("stall day"));
        day.checkOpen();
        if (day.heldOn().isAfter(time.today())) {
            throw new Refused("heldOn", day.heldOn(), "market.notYet");
        }
        List<StallDayLine> all = lines.findByStallDayIdInOrderById(List.of(id));
        for (StallDayLine line : all) {
            Integer back = returned.get(line.packingRunId());
            if (back == null) {
                throw new Refused("returned", "nothing", "market.everyLine");
            }
            line.returned(
                    Range.of(0, line.taken(), "packets").because("TAKEN_ALONG").check("returned", back));
        }
        lines.flush();
        List<StallDayLine> gone = all.stream().filter(line -> line.sold() > 0).toList();
        List<SaleView> sold = stall.deliver(
                day.customerId(),
                gone.stream()
                        .map(line -> new Stall.Going(
                                new Promises.Promise(line.lotId(), line.packingRunId(), line.sold(), null),
                                Leaving.sold(day.heldOn(), line.brought())))
                        .toList());
        for (int i = 0; i < gone.size(); i++) {
            gone.get(i).sold(sold.get(i).id());
        }
        day.count();
        days.flush();
        return view(day);
    }

    /** The count was wrong: what was thought sold is away again, until it is counted anew. */
    @GrowersWork
    @Transactional
    public StallDayView countAnew(UUID id, String because) {
        StallDay day = days.lock(id).orElseThrow(NotFound.of("stall day"));
        if (!day.counted()) {
            throw new Refused("heldOn", day.heldOn(), "market.notCounted");
        }
        List<StallDayLine> all = lines.findByStallDayIdInOrderById(List.of(id));
        Map<String, String> counted = new LinkedHashMap<>();
        Map<String, String> nothing = new LinkedHashMap<>();
        view(day).lines().forEach(line -> {
            counted.put(counted(line), line.returned() + " of " + line.taken());
            nothing.put(counted(line), "counted anew");
        });
        stall.takeBack(
                all.stream().map(StallDayLine::saleId).filter(Objects::nonNull).toList(), because);
        all.forEach(StallDayLine::countAnew);
        day.countAnew();
        corrections.keep("stall day", id, counted, nothing, because);
        days.flush();
        return view(day);
    }

    private static String counted(StallDayView.AlongLine line) {
        return "back of " + line.number() + (line.seeds() == null ? "" : ", packets of " + line.seeds());
    }

    @EventListener
    void on(SaleToCorrect sale) {
        if (lines.existsBySaleId(sale.saleId())) {
            throw new Refused("sale", "counted", "market.saleOfADay");
        }
    }

    @EventListener
    void on(CustomerEnds ends) {
        if (days.existsByCustomerIdAndCountedFalse(ends.customerId())) {
            throw new Refused("customer", ends.name(), "market.dayToCount", "customer", ends.name());
        }
    }

    @ReadsOnly
    public StallDayView get(UUID id) {
        return view(days.findById(id).orElseThrow(NotFound.of("stall day")));
    }

    @ReadsOnly
    public PageOf<StallDayView> page(int page, int size) {
        Page<StallDay> found = days.findAllByOrderByHeldOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, views(found.getContent()));
    }

    private StallDayView view(StallDay day) {
        return views(List.of(day)).get(0);
    }

    private List<StallDayView> views(List<StallDay> of) {
        if (of.isEmpty()) {
            return List.of();
        }
        List<StallDayLine> all =
                lines.findByStallDayIdInOrderById(of.stream().map(StallDay::id).toList());
        Map<UUID, LotView> lot = lots
                .byIds(all.stream().map(StallDayLine::lotId).collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(LotView::id, one -> one));
        Map<UUID, VarietyView> variety =
                varieties.byIds(lot.values().stream().map(LotView::varietyId).collect(Collectors.toSet()));
        Map<UUID, PackingRunView> runs =
                stocks.runs(all.stream().map(StallDayLine::packingRunId).toList());
        Map<UUID, CustomerView> markets =
                customers.byIds(of.stream().map(StallDay::customerId).collect(Collectors.toSet()));
        Map<UUID, List<StallDayLine>> byDay = all.stream().collect(Collectors.groupingBy(StallDayLine::stallDayId));
        return of.stream()
                .map(day -> {
                    List<StallDayLine> own = byDay.getOrDefault(day.id(), List.of());
                    return new StallDayView(
                            day.id(),
                            day.customerId(),
                            markets.get(day.customerId()).name(),
                            day.heldOn(),
                            day.note(),
                            day.counted(),
                            own.stream()
                                    .map(line -> new StallDayView.AlongLine(
                                            line.packingRunId(),
                                            lot.get(line.lotId()).number(),
                                            variety.get(lot.get(line.lotId()).varietyId())
                                                    .name(),
                                            runs.get(line.packingRunId()).seeds(),
                                            line.taken(),
                                            line.returned(),
                                            line.price()))
                                    .toList(),
                            own.stream()
                                    .filter(line -> line.returned() != null)
                                    .map(StallDayLine::brought)
                                    .reduce(BigDecimal.ZERO, BigDecimal::add));
                })
                .toList();
    }
}
