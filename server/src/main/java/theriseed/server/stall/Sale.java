package theriseed.server.stall;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Packets of one run, or bulk grams of one lot, sold to one customer. Price in all. */
@Entity
class Sale extends Recorded {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "customer_id")
    private Customer customer;

    private UUID lotId;
    private UUID packingRunId;
    private LocalDate soldOn;
    private Integer packets;
    private BigDecimal bulk;
    private BigDecimal price;

    protected Sale() {}

    Sale(
            Customer customer,
            UUID lotId,
            UUID packingRunId,
            LocalDate soldOn,
            Integer packets,
            BigDecimal bulk,
            BigDecimal price,
            Stamp stamp) {
        super(stamp);
        this.customer = customer;
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        this.soldOn = soldOn;
        this.packets = packets;
        this.bulk = bulk;
        this.price = price;
    }

    UUID lotId() {
        return lotId;
    }

    UUID packingRunId() {
        return packingRunId;
    }

    int packets() {
        return packets == null ? 0 : packets;
    }

    BigDecimal bulk() {
        return bulk == null ? BigDecimal.ZERO : bulk;
    }

    SaleView view() {
        return new SaleView(id(), lotId, customer.name(), soldOn, packets, bulk, price, recordedBy());
    }
}
