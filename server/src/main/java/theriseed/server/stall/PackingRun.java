package theriseed.server.stall;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Packets filled from a lot's bulk on one day. Masses in grams; price a packet. */
@Entity
class PackingRun extends Recorded {
    private UUID lotId;
    private LocalDate packedOn;
    private Integer seeds;
    private BigDecimal fill;
    private int packets;
    private BigDecimal bulkBefore;
    private BigDecimal bulkAfter;
    private BigDecimal price;

    protected PackingRun() {}

    PackingRun(
            UUID lotId,
            LocalDate packedOn,
            Integer seeds,
            BigDecimal fill,
            int packets,
            BigDecimal bulkBefore,
            BigDecimal bulkAfter,
            BigDecimal price,
            Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.packedOn = packedOn;
        this.seeds = seeds;
        this.fill = fill;
        this.packets = packets;
        this.bulkBefore = bulkBefore;
        this.bulkAfter = bulkAfter;
        this.price = price;
    }

    UUID lotId() {
        return lotId;
    }

    int packets() {
        return packets;
    }

    BigDecimal taken() {
        return bulkBefore.subtract(bulkAfter);
    }

    /** @param gone packets sold or taken */
    PackingRunView view(int gone) {
        return new PackingRunView(
                id(), lotId, packedOn, seeds, fill, packets, packets - gone, bulkAfter, price, recordedBy());
    }
}
