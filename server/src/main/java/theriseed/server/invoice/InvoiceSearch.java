package theriseed.server.invoice;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.order.Orders;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Invoices by number. */
@Component
class InvoiceSearch implements Searched {
    private final InvoiceRepository invoices;
    private final Orders orders;

    InvoiceSearch(InvoiceRepository invoices, Orders orders) {
        this.invoices = invoices;
        this.orders = orders;
    }

    @Override
    public boolean forVisitors() {
        return false;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        List<Invoice> found = invoices.searched(words.patterns(), Limit.of(most));
        Map<UUID, Orders.Heading> of =
                orders.headings(found.stream().map(Invoice::seedOrderId).collect(Collectors.toSet()));
        return found.stream()
                .map(invoice -> new Hit(
                        Hit.Kind.INVOICE,
                        invoice.seedOrderId().toString(),
                        invoice.number(),
                        of.get(invoice.seedOrderId()).customer(),
                        invoice.invoicedOn()))
                .toList();
    }
}
