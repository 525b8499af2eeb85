package theriseed.server.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.server.base.Changed;
import theriseed.server.farm.FarmClock;
import theriseed.server.history.LotPages;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.market.StallDayView;
import theriseed.server.market.StallDays;
import theriseed.server.order.OrderView;
import theriseed.server.order.Orders;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.CustomerKind;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.ListPriceFacts;
import theriseed.server.stall.PriceLists;
import theriseed.server.stall.SaleKind;

/** Who buys from the demo farm, what was ordered, and its days at the market. */
@Component
class DemoStall {
    private final FarmClock time;
    private final Customers customers;
    private final PriceLists priceLists;
    private final Orders orders;
    private final StallDays days;
    private final Lots lots;
    private final Varieties varieties;
    private final LotPages lotPages;
    private UUID shops;

    DemoStall(
            FarmClock time,
            Customers customers,
            PriceLists priceLists,
            Orders orders,
            StallDays days,
            Lots lots,
            Varieties varieties,
            LotPages lotPages) {
        this.time = time;
        this.customers = customers;
        this.priceLists = priceLists;
        this.orders = orders;
        this.days = days;
        this.lots = lots;
        this.varieties = varieties;
        this.lotPages = lotPages;
    }

    void make() {
        on("2026-03-01T19:00", () -> {
            shops = priceLists.make("Shops", 70).id();
            who("Market, spring", CustomerKind.MARKET, "", null);
            who("Market, summer", CustomerKind.MARKET, "", null);
            who("Inn shop", CustomerKind.SHOP, "At the harbour, Anvern", shops);
            who("Croft, east", CustomerKind.GROWER, "East road, Anvern", null);
        });
        on("2026-05-11T18:00", () -> {
            OrderView order = ordered("Inn shop", "2026-05-11", "2026-05-14", "", wanted("Lantern Quay", 25, 60));
            orders.deliver(order.id(), LocalDate.of(2026, 5, 11), "", null);
        });
        on(
                "2026-06-01T19:00",
                () -> priceLists.price(
                        shops,
                        new ListPriceFacts(variety("Lantern Quay").id(), 25, false, new BigDecimal("2.10")),
                        new Changed(null, null)));
        on("2026-08-08T18:00", () -> {
            String poppy = number("Slate", 2025);
            UUID run = lotPages.page(poppy).stock().runs().get(0).id();
            StallDayView day = days.take(
                    named("Market, summer").id(),
                    LocalDate.of(2026, 8, 8),
                    "rain from noon",
                    new BigDecimal("30.00"),
                    List.of(new StallDays.Along(poppy, run, 40, null)));
            days.count(
                    day.id(),
                    new StallDays.CameHome(
                            Map.of(run, 12),
                            Map.of(run, 1),
                            new BigDecimal("30.00"),
                            new BigDecimal("74.40"),
                            new BigDecimal("25.20")));
        });
        on(
                "2026-08-10T18:00",
                () -> ordered(
                        "Croft, east",
                        "2026-08-10",
                        "2026-09-20",
                        "for the autumn list",
                        wanted("Lantern Quay", 25, 600),
                        wanted("Slate", 500, 50)));
        on(
                "2026-08-12T18:00",
                () -> ordered("Inn shop", "2026-08-12", "2026-08-20", "before the regatta", wanted("Slate", 500, 30)));
    }

    private OrderView ordered(String customer, String day, String wantedOn, String note, Orders.Wanted... lines) {
        return orders.make(new Orders.OrderFacts(
                named(customer).id(),
                SaleKind.SALE,
                LocalDate.parse(day),
                LocalDate.parse(wantedOn),
                note,
                List.of(lines)));
    }

    private Orders.Wanted wanted(String variety, int seeds, int packets) {
        return new Orders.Wanted(variety(variety).id(), seeds, packets, null, null);
    }

    private void who(String name, CustomerKind kind, String address, UUID priceList) {
        CustomerView customer = named(name);
        customers.correct(
                customer.id(),
                new Changed(customer.version(), "written into the new book"),
                new Customers.CustomerFacts(name, kind, address, "", priceList));
    }

    private CustomerView named(String name) {
        return customers.all().stream()
                .filter(customer -> customer.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private VarietyView variety(String name) {
        return varieties.matching(name, 0, 1).items().get(0);
    }

    private String number(String variety, int season) {
        return lots.ofVarieties(List.of(variety(variety).id())).stream()
                .filter(lot -> lot.season() == season)
                .map(LotView::number)
                .findFirst()
                .orElseThrow();
    }

    private void on(String moment, Runnable act) {
        time.at(LocalDateTime.parse(moment).atZone(time.zone()).toInstant(), act);
    }
}
