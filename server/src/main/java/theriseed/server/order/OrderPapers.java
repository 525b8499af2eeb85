package theriseed.server.order;

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
import theriseed.server.letterhead.Letterheads;
import theriseed.server.pdf.Paper;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;

/** The papers of an order: what to take from which shelf, what went, and what it costs. */
@Component
class OrderPapers {
    private final Letterheads letterheads;
    private final Farms farms;
    private final FarmTime time;
    private final Readers readers;

    OrderPapers(Letterheads letterheads, Farms farms, FarmTime time, Readers readers) {
        this.letterheads = letterheads;
        this.farms = farms;
        this.time = time;
        this.readers = readers;
    }

    ResponseEntity<byte[]> packingList(OrderView order) {
        Reader reader = readers.now();
        Paper paper = paper("Packing list", order, reader);
        if (!order.note().isBlank()) {
            paper.words(order.note());
        }
        paper.table(
                List.of("lot", "variety", "what", "from", "done"),
                order.lines().stream()
                        .flatMap(line -> line.out().stream()
                                .filter(out -> out.delivery() == null)
                                .map(out -> List.of(
                                        out.number(),
                                        line.variety() + ", " + lower(line.crop()),
                                        line.much(reader, out.much()),
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
                .forEach(line ->
                        paper.words("Missing: " + line.much(reader, line.missing()) + " of " + line.variety() + "."));
        return paper.file("packing-list-" + order.number());
    }

    ResponseEntity<byte[]> deliveryNote(OrderView order, int delivery) {
        LocalDate on = order.deliveries().stream()
                .filter(one -> one.number() == delivery)
                .map(OrderView.Delivery::on)
                .findFirst()
                .orElseThrow(NotFound.of("delivery of this order"));
        Reader reader = readers.now();
        Paper paper = paper("Delivery note " + order.number() + "-" + delivery, order, reader);
        paper.words("Delivered " + reader.day(on) + ".");
        paper.table(
                List.of("lot", "variety", "harvest", "what"),
                rows(order, reader, out -> out.delivery() != null && out.delivery() == delivery),
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
                                    line.variety(),
                                    line.much(reader, line.wanted().subtract(line.delivered()))))
                            .toList(),
                    0.6,
                    0.4);
        }
        return paper.file("delivery-" + order.number() + "-" + delivery);
    }

    private static List<List<String>> rows(OrderView order, Reader reader, Predicate<OrderView.PromisedOut> which) {
        return order.lines().stream()
                .flatMap(line -> line.out().stream()
                        .filter(which)
                        .map(out -> List.of(
                                out.number(),
                                line.variety() + ", " + lower(line.crop()),
                                String.valueOf(out.season()),
                                line.much(reader, out.much()))))
                .toList();
    }

    private Paper paper(String what, OrderView order, Reader reader) {
        FarmView farm = farms.get();
        Paper paper = new Paper(what, farm.name() + ", " + reader.day(time.today()), reader);
        letterheads.head(paper);
        paper.title(
                what,
                "order " + order.number() + " of " + reader.day(order.orderedOn()) + ", wanted "
                        + reader.day(order.wantedOn()));
        paper.heading("To");
        paper.words(order.customer().name());
        paper.words(order.customer().address());
        paper.heading("What");
        return paper;
    }

    private static String lower(String words) {
        return words.toLowerCase(Locale.ROOT);
    }
}
