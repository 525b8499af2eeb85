package theriseed.server.market;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.AgreedPrice;
import theriseed.core.stall.CashCount;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.stall.CustomerEnds;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PriceLists;
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
    private static final Range MONEY = Range.of(0, 1e6, "");

    private final StallDayRepository days;
    private final StallDayLineRepository lines;
    private final HandedRepository handed;
    private final StallDayViews views;
    private final Customers customers;
    private final PriceLists priceLists;
    private final Lots lots;
    private final Gate gate;
    private final Stall stall;
    private final Stocks stocks;
    private final Corrections corrections;
    private final Stamps stamps;
    private final Once once;
    private final FarmTime time;

    StallDays(
            StallDayRepository days,
            StallDayLineRepository lines,
            HandedRepository handed,
            StallDayViews views,
            Customers customers,
            PriceLists priceLists,
            Lots lots,
            Gate gate,
            Stall stall,
            Stocks stocks,
            Corrections corrections,
            Stamps stamps,
            Once once,
            FarmTime time) {
        this.once = once;
        this.days = days;
        this.lines = lines;
        this.handed = handed;
        this.views = views;
        this.customers = customers;
        this.priceLists = priceLists;
        this.lots = lots;
        this.gate = gate;
        this.stall = stall;
        this.stocks = stocks;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** @param price a packet there; null for what the market's terms say */
    public record Along(String number, UUID packingRunId, int taken, BigDecimal price) {}

    /** @param floatCash change in the cash box before the first sale */
    @GrowersWork
    @Transactional
    public StallDayView take(UUID customerId, LocalDate heldOn, String note, BigDecimal floatCash, List<Along> along) {
        CustomerView market = customers.get(customerId);
        MONEY.check("floatCash", floatCash);
        SeasonDates.check(
                "heldOn", heldOn, time.today().minusDays(60), time.today().plusDays(60));
        Range.of(1, MOST_LINES, "lines").check("lines", along.size());
        StallDay day = days.save(new StallDay(market.id(), heldOn, note, floatCash, stamps.now()));
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
            if (heldOn.isBefore(run.packedOn())) {
                throw new Refused("heldOn", heldOn, "market.packedAfter", "lot", one.number(), "day", run.packedOn());
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

    /** Packets of a run that go over the table. */
    public record Hand(UUID packingRunId, int packets) {}

    /**
     * Packets that go over the table at once.
     *
     * @param id made on the phone, under which it is kept once
     * @param price agreed in all; null for the price of each
     * @param at when, by the farm's clock
     */
    @HandsWork
    @Transactional
    public StallDayView hand(UUID id, UUID dayId, List<Hand> hands, boolean gift, BigDecimal price, Instant at) {
        StallDay day = days.lock(dayId).orElseThrow(NotFound.of("stall day"));
        once.record(id, () -> kept(id), () -> {
            day.checkOpen();
            checkCome(day);
            Range.of(1, MOST_LINES, "lines").check("lines", hands.size());
            List<StallDayLine> along = lines.findByStallDayIdInOrderById(List.of(dayId));
            Map<UUID, List<Handed>> tally = views.tally(along);
            List<StallDayLine> of = new ArrayList<>();
            for (int i = 0; i < hands.size(); i++) {
                Hand one = hands.get(i);
                StallDayLine line = along.stream()
                        .filter(some -> some.packingRunId().equals(one.packingRunId()))
                        .findFirst()
                        .orElseThrow(NotFound.of("packets taken along"));
                if (of.contains(line)) {
                    throw new Refused("lines[" + i + "].packingRunId", one.packingRunId(), "market.twice");
                }
                int gone = tally.getOrDefault(line.id(), List.of()).stream()
                        .mapToInt(Handed::packets)
                        .sum();
                Range.of(1, line.taken() - gone, "packets")
                        .because("ON_THE_TABLE")
                        .check("lines[" + i + "].packets", one.packets());
                of.add(line);
            }
            List<BigDecimal> prices = IntStream.range(0, hands.size())
                    .mapToObj(i -> gift
                            ? BigDecimal.ZERO
                            : of.get(i)
                                    .price()
                                    .multiply(BigDecimal.valueOf(hands.get(i).packets())))
                    .toList();
            List<BigDecimal> paid = price == null ? prices : AgreedPrice.shares(prices, price);
            return handed.saveAllAndFlush(IntStream.range(0, hands.size())
                    .mapToObj(i ->
                            new Handed(id, of.get(i).id(), hands.get(i).packets(), gift, paid.get(i), at, stamps.now()))
                    .toList());
        });
        return view(day);
    }

    private Optional<List<Handed>> kept(UUID atOnce) {
        return Optional.of(handed.findByAtOnceIdOrderById(atOnce)).filter(some -> !some.isEmpty());
    }

    /** What was tapped by mistake did not go over the table. */
    @HandsWork
    @Transactional
    public StallDayView takeBack(UUID dayId, UUID handedId) {
        StallDay day = days.lock(dayId).orElseThrow(NotFound.of("stall day"));
        day.checkOpen();
        Set<UUID> own = lines.findByStallDayIdInOrderById(List.of(dayId)).stream()
                .map(StallDayLine::id)
                .collect(Collectors.toSet());
        kept(handedId)
                .filter(some -> own.contains(some.get(0).stallDayLineId()))
                .orElseThrow(NotFound.of("sale of this tally"))
                .forEach(Handed::takeBack);
        handed.flush();
        return view(day);
    }

    private void checkCome(StallDay day) {
        if (day.heldOn().isAfter(time.today())) {
            throw new Refused("heldOn", day.heldOn(), "market.notYet");
        }
    }

    /**
     * What came home from a stall.
     *
     * @param returned packets that came back, by run, of each; {@code given} of the others, where not all were sold
     * @param floatCash change that was in the cash box before
     * @param cashCounted in it after the last sale; null where nobody counted it
     */
    public record CameHome(
            Map<UUID, Integer> returned,
            Map<UUID, Integer> given,
            BigDecimal floatCash,
            BigDecimal cashCounted,
            BigDecimal paidOtherwise) {}

    /** Books the day: what did not come back was sold, unless it was given. */
    @GrowersWork
    @Transactional
    public StallDayView count(UUID id, CameHome home) {
        StallDay day = days.lock(id).orElseThrow(NotFound.of("stall day"));
        day.checkOpen();
        checkCome(day);
        List<StallDayLine> all = lines.findByStallDayIdInOrderById(List.of(id));
        Map<UUID, List<Handed>> tally = views.tally(all);
        MONEY.check("floatCash", home.floatCash());
        MONEY.check("paidOtherwise", home.paidOtherwise());
        if (home.cashCounted() != null) {
            MONEY.check("cashCounted", home.cashCounted());
        }
        for (StallDayLine line : all) {
            Integer back = home.returned().get(line.packingRunId());
            if (back == null) {
                throw new Refused("returned", "nothing", "market.everyLine");
            }
            Range.of(0, line.taken(), "packets").because("TAKEN_ALONG").check("returned", back);
            int gifts = home.given().getOrDefault(line.packingRunId(), 0);
            Range.of(0, line.taken() - back, "packets")
                    .because("DID_NOT_COME_BACK")
                    .check("given", gifts);
            line.count(
                    back, gifts, letOff(line, line.taken() - back - gifts, tally.getOrDefault(line.id(), List.of())));
        }
        lines.flush();
        List<Booking> bookings =
                all.stream().flatMap(line -> bookings(day, line)).toList();
        List<SaleView> booked = stall.deliver(
                day.customerId(), bookings.stream().map(Booking::going).toList());
        for (int i = 0; i < bookings.size(); i++) {
            bookings.get(i).kept().accept(booked.get(i).id());
        }
        day.count(home.floatCash(), home.cashCounted(), home.paidOtherwise());
        days.flush();
        return view(day);
    }

    /** What leaves, and who keeps which sale that became. */
    private record Booking(Stall.Going going, Consumer<UUID> kept) {}

    private static Stream<Booking> bookings(StallDay day, StallDayLine line) {
        CashCount.Line counted = line.counted();
        List<Booking> both = new ArrayList<>();
        if (counted.sold() > 0) {
            both.add(new Booking(
                    new Stall.Going(line.promise(counted.sold()), Leaving.sold(day.heldOn(), counted.brought())),
                    line::sold));
        }
        if (counted.given() > 0) {
            both.add(new Booking(
                    new Stall.Going(line.promise(counted.given()), Leaving.given(day.heldOn())), line::given));
        }
        return both.stream();
    }

    /** What the tally let off the price, no more than what those sold would have brought. */
    private static BigDecimal letOff(StallDayLine line, int sold, List<Handed> tally) {
        BigDecimal off = tally.stream()
                .filter(one -> !one.gift())
                .map(one ->
                        line.price().multiply(BigDecimal.valueOf(one.packets())).subtract(one.price()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return off.min(line.price().multiply(BigDecimal.valueOf(sold)));
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
        counted.put("cash", String.valueOf(day.cashCounted()));
        nothing.put("cash", "counted anew");
        stall.takeBack(all.stream().flatMap(StallDayLine::booked).toList(), because);
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
        if (lines.existsBySaleIdOrGiftSaleId(sale.saleId(), sale.saleId())) {
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
        return PageOf.of(found, views.of(found.getContent()));
    }

    private StallDayView view(StallDay day) {
        return views.of(List.of(day)).get(0);
    }

    /** Days that have come and are not counted, the first first. */
    @ReadsOnly
    public List<StallDayView> toCount() {
        return views.of(days.findByCountedFalseAndHeldOnLessThanEqualOrderByHeldOnAscIdAsc(time.today()));
    }
}
