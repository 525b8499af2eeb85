package theriseed.server.market;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/**
 * Packets of one run that went over the table, with others at once where a customer took several. They are a tally: what was sold is what did not come back, once the day is
 * counted.
 */
@Entity
class Handed extends Recorded {
    private UUID atOnceId;
    private UUID stallDayLineId;
    private int packets;
    private boolean gift;
    private Instant handedAt;
    private BigDecimal price;
    private boolean takenBack;

    protected Handed() {}

    /** @param price in all; 0 for a gift */
    Handed(UUID atOnceId, UUID stallDayLineId, int packets, boolean gift, BigDecimal price, Instant at, Stamp stamp) {
        super(stamp);
        this.atOnceId = atOnceId;
        this.stallDayLineId = stallDayLineId;
        this.packets = packets;
        this.gift = gift;
        this.handedAt = at;
        this.price = price;
    }

    /** It was tapped by mistake. */
    void takeBack() {
        takenBack = true;
    }

    /** What went over the table with it, made where it was done. */
    UUID atOnceId() {
        return atOnceId;
    }

    UUID stallDayLineId() {
        return stallDayLineId;
    }

    int packets() {
        return packets;
    }

    boolean gift() {
        return gift;
    }

    Instant handedAt() {
        return handedAt;
    }

    BigDecimal price() {
        return price;
    }
}
