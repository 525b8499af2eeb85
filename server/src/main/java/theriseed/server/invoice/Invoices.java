package theriseed.server.invoice;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.letterhead.Letterheads;
import theriseed.server.order.DeliveryTakenBack;
import theriseed.server.order.OrderView;
import theriseed.server.order.Orders;
import theriseed.server.stall.SaleKind;

/** Invoices of what was delivered, and who has paid. */
@Service
public class Invoices {
    private final InvoiceRepository invoices;
    private final Letterheads letterheads;
    private final Orders orders;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Invoices(
            InvoiceRepository invoices,
            Letterheads letterheads,
            Orders orders,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.invoices = invoices;
        this.letterheads = letterheads;
        this.orders = orders;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** Asks for what was delivered of an order and not yet asked for. */
    @GrowersWork
    @Transactional
    public InvoiceView make(UUID orderId, LocalDate on) {
        OrderView order = orders.get(orderId);
        if (order.kind() != SaleKind.SALE) {
            throw new Refused("order", order.number(), "invoice.nothingToPay", "order", order.number());
        }
        List<Invoice> before = invoices.findBySeedOrderIdOrderByNumber(orderId);
        List<OrderView.Delivery> open = order.deliveries().stream()
                .dropWhile(delivery -> asked(before, delivery))
                .takeWhile(delivery -> !asked(before, delivery))
                .toList();
        if (open.isEmpty()) {
            throw new Refused("order", order.number(), "invoice.nothingOpen", "order", order.number());
        }
        int first = open.get(0).number();
        int last = open.get(open.size() - 1).number();
        LocalDate delivered = open.stream()
                .map(OrderView.Delivery::on)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        SeasonDates.check("invoicedOn", on, delivered, time.today());
        int year = on.getYear();
        String number = String.format("%d-%04d", year, invoices.nextSerial(year));
        Invoice made = new Invoice(
                number,
                orderId,
                first,
                last,
                on,
                goods(order, first, last),
                letterheads.get().facts(),
                stamps.now());
        return invoices.saveAndFlush(made).view(order.number(), order.customer().name());
    }

    private static boolean asked(List<Invoice> before, OrderView.Delivery delivery) {
        return before.stream().anyMatch(invoice -> invoice.covers(delivery.number()));
    }

    private static BigDecimal goods(OrderView order, int first, int last) {
        return order.lines().stream()
                .map(line -> line.price(line.gone(first, last)))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** @param on null where it turns out not to be paid */
    @GrowersWork
    @Transactional
    public InvoiceView paid(UUID id, Changed made, LocalDate on) {
        Invoice invoice = standing(id, made);
        if (on != null) {
            SeasonDates.check("paidOn", on, invoice.invoicedOn(), time.today());
        }
        Map<String, Object> before = invoice.correctable();
        invoice.paid(on);
        if (before.get("paidOn") != null) {
            corrections.keep("invoice", id, before, invoice.correctable(), made.because());
        }
        return views(List.of(invoices.saveAndFlush(invoice))).get(0);
    }

    /** It is not to be paid; its number stays used, and what it was for may be asked for anew. */
    @GrowersWork
    @Transactional
    public InvoiceView cancel(UUID id, Changed made) {
        Invoice invoice = standing(id, made);
        Range.of(3, 300, "characters")
                .check(
                        "reason",
                        made.because() == null ? 0 : made.because().strip().length());
        Map<String, Object> before = invoice.correctable();
        if (before.get("paidOn") != null) {
            throw new Refused("paidOn", before.get("paidOn"), "invoice.paid");
        }
        invoice.cancel(made.because());
        corrections.keep("invoice", id, before, invoice.correctable(), made.because());
        return views(List.of(invoices.saveAndFlush(invoice))).get(0);
    }

    private Invoice standing(UUID id, Changed made) {
        Invoice invoice = find(id);
        Clash.check(invoice, made.from(), views(List.of(invoice)).get(0));
        if (!invoice.stands()) {
            throw new Refused("number", invoice.number(), "invoice.cancelled");
        }
        return invoice;
    }

    @ReadsOnly
    public InvoiceView get(UUID id) {
        return views(List.of(find(id))).get(0);
    }

    /** Those of an order, the first first. */
    @ReadsOnly
    public List<InvoiceView> of(UUID orderId) {
        return views(invoices.findBySeedOrderIdOrderByNumber(orderId));
    }

    /** @param open only those not paid, the first due first; else all, newest first */
    @ReadsOnly
    public PageOf<InvoiceView> page(boolean open, int page, int size) {
        Page<Invoice> found = open
                ? invoices.unpaid(PageOf.request(page, size))
                : invoices.findAllByOrderByInvoicedOnDescNumberDesc(PageOf.request(page, size));
        return PageOf.of(found, views(found.getContent()));
    }

    /** Those that were to be paid before today and are not. */
    @ReadsOnly
    public List<InvoiceView> overdue() {
        return views(invoices.overdue(time.today()));
    }

    /** What has been asked for did leave: whoever takes it back cancels the invoice first. */
    @EventListener
    void on(DeliveryTakenBack back) {
        invoices.findBySeedOrderIdOrderByNumber(back.orderId()).stream()
                .filter(invoice -> invoice.covers(back.delivery()))
                .findFirst()
                .ifPresent(invoice -> {
                    throw new Refused("delivery", back.delivery(), "invoice.asksForIt", "invoice", invoice.number());
                });
    }

    private Invoice find(UUID id) {
        return invoices.findById(id).orElseThrow(NotFound.of("invoice"));
    }

    private List<InvoiceView> views(List<Invoice> found) {
        Map<UUID, Orders.Heading> of =
                orders.headings(found.stream().map(Invoice::seedOrderId).collect(Collectors.toSet()));
        return found.stream()
                .map(invoice -> invoice.view(
                        of.get(invoice.seedOrderId()).number(),
                        of.get(invoice.seedOrderId()).customer()))
                .toList();
    }
}
