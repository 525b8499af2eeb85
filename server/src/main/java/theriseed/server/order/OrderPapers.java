package theriseed.server.order;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import theriseed.server.base.FarmTime;
import theriseed.server.base.NotFound;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.paper.Paper;
import theriseed.server.stall.SaleKind;

/** The papers of an order: what to take from which shelf, what went, and what it costs. */
@Component
class OrderPapers {
    private static final int PAGES = 40;

    private final Farms farms;
    private final FarmTime time;

    OrderPapers(Farms farms, FarmTime time) {
        this.farms = farms;
        this.time = time;
    }

    ResponseEntity<byte[]> packingList(OrderView order) {
        Paper paper = paper("Packing list", order);
        paper.table(
                List.of("lot", "variety", "what", "from", "done"),
                order.lines().stream()
                        .flatMap(line -> line.out().stream()
                                .filter(out -> out.delivery() == null)
                                .map(out -> List.of(
                                        out.number(),
                                        line.variety() + ", " + lower(line.crop()),
                                        much(line, out.much()),
                                        String.join(", ", out.shelves()),
                                        "[   ]")))
                        .toList(),
                0.18,
                0.3,
                0.24,
                0.2,
                0.08);
        order.lines().stream()
                .filter(line -> line.missing().signum() > 0)
                .forEach(line -> paper.words("Missing: " + much(line, line.missing()) + " of " + line.variety() + "."));
        return paper.file("packing-list-" + order.number());
    }

    ResponseEntity<byte[]> deliveryNote(OrderView order, int delivery) {
        LocalDate on = order.deliveries().stream()
                .filter(one -> one.number() == delivery)
                .map(OrderView.Delivery::on)
                .findFirst()
                .orElseThrow(NotFound.of("delivery of this order"));
        Paper paper = paper("Delivery note " + order.number() + "-" + delivery, order);
        paper.words("Delivered " + Paper.day(on) + ".");
        paper.table(
                List.of("lot", "variety", "harvest", "what"),
                rows(order, out -> out.delivery() != null && out.delivery() == delivery),
                0.2,
                0.4,
                0.14,
                0.26);
        List<OrderView.OrderedLine> rest = order.lines().stream()
                .filter(line -> line.wanted().compareTo(line.delivered()) > 0)
                .toList();
        if (!rest.isEmpty()) {
            paper.heading("Still to come");
            paper.table(
                    List.of(),
                    rest.stream()
                            .map(line -> List.of(
                                    line.variety(), much(line, line.wanted().subtract(line.delivered()))))
                            .toList(),
                    0.6,
                    0.4);
        }
        return paper.file("delivery-" + order.number() + "-" + delivery);
    }

    private static List<List<String>> rows(OrderView order, Predicate<OrderView.PromisedOut> which) {
        return order.lines().stream()
                .flatMap(line -> line.out().stream()
                        .filter(which)
                        .map(out -> List.of(
                                out.number(),
                                line.variety() + ", " + lower(line.crop()),
                                String.valueOf(out.season()),
                                much(line, out.much()))))
                .toList();
    }

    /** Of what was delivered. */
    ResponseEntity<byte[]> invoice(OrderView order) {
        FarmView farm = farms.get();
        Paper paper = paper("Invoice " + order.number(), order);
        paper.table(
                List.of("variety", "what", "each, " + farm.currency(), farm.currency()),
                order.lines().stream()
                        .filter(line -> line.delivered().signum() > 0)
                        .map(line -> List.of(
                                line.variety() + ", " + lower(line.crop()),
                                much(line, line.delivered()),
                                line.price().setScale(2, RoundingMode.HALF_UP) + (line.bulk() ? " / 100 g" : ""),
                                money(line.price().multiply(line.delivered()).movePointLeft(line.bulk() ? 2 : 0))))
                        .toList(),
                0.42,
                0.26,
                -0.16,
                -0.16);
        paper.table(List.of("To pay", money(order.delivered()) + " " + farm.currency()), List.of(), 0.68, -0.32);
        if (order.kind() != SaleKind.SALE) {
            paper.words(
                    order.kind() == SaleKind.GIFT
                            ? "A gift: nothing is to be paid."
                            : "A swap: nothing is to be paid.");
        }
        paper.words("Prices as agreed. Taxes are not reckoned here: add what your law asks.");
        return paper.file("invoice-" + order.number());
    }

    private Paper paper(String what, OrderView order) {
        FarmView farm = farms.get();
        Paper paper = new Paper(what, farm.name() + ", " + Paper.day(time.today()), PAGES);
        paper.title(
                what,
                "order " + order.number() + " of " + Paper.day(order.orderedOn()) + ", wanted "
                        + Paper.day(order.wantedOn()),
                null);
        paper.heading("To");
        paper.words(order.customer().name());
        order.customer().address().lines().forEach(paper::words);
        if (!order.note().isBlank()) {
            paper.heading("Note");
            paper.words(order.note());
        }
        paper.heading("What");
        return paper;
    }

    private static String much(OrderView.OrderedLine line, BigDecimal much) {
        String figure = much.stripTrailingZeros().toPlainString();
        return line.bulk()
                ? figure + " g"
                : figure
                        + (much.compareTo(BigDecimal.ONE) == 0 ? " packet" : " packets")
                        + (line.seeds() == null ? "" : " of " + line.seeds());
    }

    private static String money(BigDecimal amount) {
        return amount.setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    private static String lower(String words) {
        return words.toLowerCase(Locale.ROOT);
    }
}
