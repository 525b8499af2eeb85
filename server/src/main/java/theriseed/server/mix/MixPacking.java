package theriseed.server.mix;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Packets filled from a mix by weight on one day. Grams in each, and taken for all of them; price a packet. */
@Entity
class MixPacking extends Recorded {
    private UUID mixId;
    private LocalDate packedOn;
    private BigDecimal grams;
    private int packets;
    private BigDecimal taken;
    private BigDecimal price;
    private int sowBy;

    protected MixPacking() {}

    MixPacking(UUID mixId, MixStall.Packed facts, BigDecimal taken, Stamp stamp) {
        super(stamp);
        this.mixId = mixId;
        this.packedOn = facts.packedOn();
        this.grams = facts.grams();
        this.sowBy = facts.sowBy();
        change(facts.packets(), taken, facts.price());
    }

    final void change(int packets, BigDecimal taken, BigDecimal price) {
        this.packets = packets;
        this.taken = taken;
        this.price = price;
    }

    UUID mixId() {
        return mixId;
    }

    LocalDate packedOn() {
        return packedOn;
    }

    BigDecimal grams() {
        return grams;
    }

    int packets() {
        return packets;
    }

    BigDecimal taken() {
        return taken;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("packets", packets);
        facts.put("price", price);
        return facts;
    }

    /** @param gone packets that are with others */
    MixView.MixPacked view(int gone) {
        return new MixView.MixPacked(
                id(), version(), packedOn, grams, packets, packets - gone, price, sowBy, recordedBy());
    }
}
