package theriseed.server.stall;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/**
 * Packets of one run, or bulk grams of one lot, that went to one customer. Price in all; a gift or a swap has none. What a
 * customer brought back is one the other way round, its amounts and its price below 0.
 */
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

    @Enumerated(EnumType.STRING)
    private SaleKind kind;

    private String note;
    private Integer delivery;
    private UUID returnOfId;

    protected Sale() {}

    Sale(Customer customer, UUID lotId, UUID packingRunId, Integer packets, BigDecimal bulk, Leaving how, Stamp stamp) {
        super(stamp);
        this.customer = customer;
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        this.packets = packets;
        this.bulk = bulk;
        this.soldOn = how.on();
        this.price = how.price();
        this.kind = how.kind();
        this.note = how.note().strip();
        this.delivery = how.delivery();
    }

    /** What came back of a sale. */
    Sale(Sale sold, ReturnFacts back, Stamp stamp) {
        super(stamp);
        this.customer = sold.customer;
        this.lotId = sold.lotId;
        this.packingRunId = sold.packingRunId;
        this.kind = sold.kind;
        this.returnOfId = sold.id();
        bring(back);
    }

    final void bring(ReturnFacts back) {
        change(
                back.packets() == null ? null : Integer.valueOf(-back.packets()),
                back.bulk() == null ? null : back.bulk().negate(),
                back.returnedOn(),
                back.moneyBack().negate(),
                back.note());
    }

    final void change(
            Integer otherPackets, BigDecimal otherBulk, LocalDate on, BigDecimal otherPrice, String otherNote) {
        this.packets = otherPackets;
        this.bulk = otherBulk;
        this.soldOn = on;
        this.price = otherPrice;
        this.note = otherNote.strip();
    }

    /** It never left. */
    void undo() {
        packets = packets == null ? null : 0;
        bulk = bulk == null ? null : BigDecimal.ZERO;
        price = BigDecimal.ZERO;
    }

    Map<String, Object> correctable() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("packets", packets);
        values.put("bulk", bulk);
        values.put("soldOn", soldOn);
        values.put("price", price);
        values.put("note", note);
        return values;
    }

    SaleKind kind() {
        return kind;
    }

    Integer delivery() {
        return delivery;
    }

    /** The sale that it came back of; null for a sale. */
    UUID returnOf() {
        return returnOfId;
    }

    LocalDate soldOn() {
        return soldOn;
    }

    BigDecimal price() {
        return price;
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
        return new SaleView(
                id(),
                version(),
                lotId,
                customer.id(),
                customer.name(),
                kind,
                soldOn,
                packingRunId,
                packets,
                bulk,
                price,
                note,
                delivery,
                returnOfId,
                recordedBy());
    }
}
