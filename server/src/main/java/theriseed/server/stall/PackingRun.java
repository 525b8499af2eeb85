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
    private Integer metres;
    private int sowBy;
    private int people;
    private Integer minutes;
    private BigDecimal fill;
    private int packets;
    private BigDecimal bulkBefore;
    private BigDecimal bulkAfter;
    private BigDecimal price;

    protected PackingRun() {}

    PackingRun(
            UUID lotId,
            Packing asked,
            Integer seeds,
            BigDecimal fill,
            int packets,
            BigDecimal before,
            BigDecimal after,
            Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.packedOn = asked.packedOn();
        this.seeds = seeds;
        this.metres = asked.metres();
        this.sowBy = asked.sowBy();
        this.people = asked.people();
        this.minutes = asked.minutes();
        this.fill = fill;
        this.packets = packets;
        this.bulkBefore = before;
        this.bulkAfter = after;
        this.price = asked.price();
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

    /** @param gone packets sold or taken, and {@code promised} of the others */
    PackingRunView view(int gone, int promised) {
        return new PackingRunView(
                id(),
                lotId,
                packedOn,
                seeds,
                metres,
                sowBy,
                fill,
                packets,
                packets - gone,
                promised,
                packets - gone - promised,
                bulkAfter,
                price,
                people,
                minutes,
                recordedBy());
    }
}
