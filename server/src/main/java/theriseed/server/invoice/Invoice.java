package theriseed.server.invoice;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.stall.InvoiceSum;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.letterhead.LetterheadFacts;
import theriseed.server.letterhead.Taxes;

/** What was asked to be paid for deliveries of an order, under a number of its own: none is left out, none used twice. */
@Entity
class Invoice extends Recorded {
    private String number;
    private UUID seedOrderId;
    private int firstDelivery;
    private int lastDelivery;
    private LocalDate invoicedOn;
    private LocalDate dueOn;
    private BigDecimal goods;
    private String taxes;
    private boolean within;
    private BigDecimal toPay;
    private LocalDate paidOn;
    private String cancelledBecause = "";

    protected Invoice() {}

    /** @param goods what the deliveries were agreed at */
    Invoice(
            String number,
            UUID seedOrderId,
            int firstDelivery,
            int lastDelivery,
            LocalDate invoicedOn,
            BigDecimal goods,
            LetterheadFacts terms,
            Stamp stamp) {
        super(stamp);
        this.number = number;
        this.seedOrderId = seedOrderId;
        this.firstDelivery = firstDelivery;
        this.lastDelivery = lastDelivery;
        this.invoicedOn = invoicedOn;
        this.dueOn = invoicedOn.plusDays(terms.paymentDays());
        this.goods = goods;
        this.taxes = terms.taxes();
        this.within = terms.within();
        this.toPay = sum().toPay();
    }

    private InvoiceSum sum() {
        return InvoiceSum.of(goods, Taxes.read(taxes), within);
    }

    String number() {
        return number;
    }

    UUID seedOrderId() {
        return seedOrderId;
    }

    LocalDate invoicedOn() {
        return invoicedOn;
    }

    boolean stands() {
        return cancelledBecause.isEmpty();
    }

    boolean covers(int delivery) {
        return stands() && firstDelivery <= delivery && delivery <= lastDelivery;
    }

    /** @param on null where it was not paid after all */
    void paid(LocalDate on) {
        paidOn = on;
    }

    void cancel(String because) {
        cancelledBecause = because.strip();
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("paidOn", paidOn);
        facts.put("cancelled", cancelledBecause);
        return facts;
    }

    /** @param customer whose order it is, under {@code order} */
    InvoiceView view(String order, String customer) {
        return new InvoiceView(
                id(),
                version(),
                number,
                seedOrderId,
                order,
                customer,
                firstDelivery,
                lastDelivery,
                invoicedOn,
                dueOn,
                sum(),
                paidOn,
                cancelledBecause.isEmpty() ? null : cancelledBecause,
                recordedBy());
    }
}
