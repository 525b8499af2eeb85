package theriseed.server.mix;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.SaleKind;

/** Packets of a mix, or grams of it, that went to one customer. Price in all; a gift or a swap has none. */
@Entity
class MixSale extends Recorded {
    private UUID mixId;
    private UUID mixPackingId;
    private UUID customerId;

    @Enumerated(EnumType.STRING)
    private SaleKind kind;

    private LocalDate soldOn;
    private Integer packets;
    private BigDecimal bulk;
    private BigDecimal price;
    private String note;

    protected MixSale() {}

    /** @param packingId whose {@code packets}; null where grams of {@code bulk} went */
    MixSale(UUID mixId, UUID packingId, UUID customerId, Integer packets, BigDecimal bulk, Leaving how, Stamp stamp) {
        super(stamp);
        this.mixId = mixId;
        this.mixPackingId = packingId;
        this.customerId = customerId;
        this.kind = how.kind();
        this.soldOn = how.on();
        this.note = how.note().strip();
        change(packets, bulk, how.price());
    }

    final void change(Integer packets, BigDecimal bulk, BigDecimal price) {
        this.packets = packets;
        this.bulk = bulk;
        this.price = price;
    }

    UUID mixId() {
        return mixId;
    }

    UUID mixPackingId() {
        return mixPackingId;
    }

    UUID customerId() {
        return customerId;
    }

    LocalDate soldOn() {
        return soldOn;
    }

    SaleKind kind() {
        return kind;
    }

    String note() {
        return note;
    }

    int packets() {
        return packets == null ? 0 : packets;
    }

    BigDecimal bulk() {
        return bulk == null ? BigDecimal.ZERO : bulk;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("packets", packets);
        facts.put("bulk", bulk);
        facts.put("price", price);
        return facts;
    }

    /** @param customer's name */
    MixView.MixSold view(String customer) {
        return new MixView.MixSold(
                id(), version(), customer, kind, soldOn, mixPackingId, packets, bulk, price, note, recordedBy());
    }
}
