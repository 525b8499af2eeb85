package theriseed.server.invoice;

import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import theriseed.core.stall.InvoiceSum;
import theriseed.server.farm.Farms;
import theriseed.server.letterhead.LetterheadFacts;
import theriseed.server.letterhead.Letterheads;
import theriseed.server.order.OrderView;
import theriseed.server.order.Orders;
import theriseed.server.pdf.Paper;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;

/** An invoice as it is sent. */
@Component
class InvoicePaper {
    private final Orders orders;
    private final Letterheads letterheads;
    private final Farms farms;
    private final Readers readers;

    InvoicePaper(Orders orders, Letterheads letterheads, Farms farms, Readers readers) {
        this.orders = orders;
        this.letterheads = letterheads;
        this.farms = farms;
        this.readers = readers;
    }

    ResponseEntity<byte[]> of(InvoiceView invoice) {
        OrderView order = orders.get(invoice.orderId());
        Reader reader = readers.now();
        String currency = farms.get().currency();
        LetterheadFacts terms = letterheads.get().facts();
        Paper paper =
                new Paper("Invoice " + invoice.number(), farms.get().name() + ", invoice " + invoice.number(), reader);
        letterheads.head(paper);
        paper.title(
                "Invoice " + invoice.number(),
                reader.day(invoice.invoicedOn()) + ", order " + order.number() + " of "
                        + reader.day(order.orderedOn()));
        if (invoice.cancelledBecause() != null) {
            paper.words("Cancelled: " + invoice.cancelledBecause());
        }
        paper.words(order.customer().name() + "\n" + order.customer().address());
        paper.heading("Delivered");
        paper.table(
                List.of("delivered", "lot", "variety", "what", "each", currency),
                rows(order, invoice, reader),
                0.14,
                0.16,
                0.28,
                0.18,
                -0.12,
                -0.12);
        paper.table(List.of(), sums(invoice.sum(), reader, currency), 0.7, -0.3);
        paper.heading("To be paid by " + reader.day(invoice.dueOn()));
        if (invoice.paidOn() != null) {
            paper.words("Paid " + reader.day(invoice.paidOn()) + ". Thank you.");
        } else if (!terms.bank().isEmpty()) {
            paper.words(terms.bank() + "\n" + "Please name invoice " + invoice.number() + ".");
        }
        if (!terms.closing().isEmpty()) {
            paper.words(terms.closing());
        }
        return paper.file("invoice-" + invoice.number());
    }

    private static List<List<String>> rows(OrderView order, InvoiceView invoice, Reader reader) {
        return order.lines().stream()
                .flatMap(line -> line.out().stream()
                        .filter(out -> out.wentWithin(invoice.firstDelivery(), invoice.lastDelivery()))
                        .map(out -> List.of(
                                reader.day(out.deliveredOn()),
                                out.number(),
                                line.variety(),
                                line.much(reader, out.much()),
                                reader.money(line.price()) + (line.bulk() ? " / 100 g" : ""),
                                reader.money(line.price(out.much())))))
                .toList();
    }

    private static List<List<String>> sums(InvoiceSum sum, Reader reader, String currency) {
        List<List<String>> rows = new ArrayList<>();
        if (!sum.taxes().isEmpty()) {
            rows.add(List.of("before taxes", reader.money(sum.net())));
        }
        for (InvoiceSum.Amount tax : sum.taxes()) {
            rows.add(List.of(
                    tax.tax().name() + ", " + reader.percent(tax.tax().percent().doubleValue()),
                    reader.money(tax.amount())));
        }
        rows.add(List.of("To pay", reader.money(sum.toPay()) + " " + currency));
        return rows;
    }
}
