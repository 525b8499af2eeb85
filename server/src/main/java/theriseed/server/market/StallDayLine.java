package theriseed.server.market;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.stall.Promises;

/** Packets of a run taken along, and how many came back. */
@Entity
class StallDayLine extends Recorded {
    private UUID stallDayId;
    private UUID lotId;
    private UUID packingRunId;
    private int taken;
    private Integer returned;
    private UUID saleId;
    private BigDecimal price;

    protected StallDayLine() {}

    StallDayLine(UUID stallDayId, UUID lotId, UUID packingRunId, int taken, BigDecimal price, Stamp stamp) {
        super(stamp);
        this.stallDayId = stallDayId;
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        this.taken = taken;
        this.price = price;
    }

    void returned(int packets) {
        returned = packets;
    }

    void sold(UUID sale) {
        saleId = sale;
    }

    void countAnew() {
        returned = null;
        saleId = null;
    }

    UUID saleId() {
        return saleId;
    }

    UUID stallDayId() {
        return stallDayId;
    }

    UUID lotId() {
        return lotId;
    }

    UUID packingRunId() {
        return packingRunId;
    }

    int taken() {
        return taken;
    }

    Integer returned() {
        return returned;
    }

    BigDecimal price() {
        return price;
    }

    /** Packets that did not come back; only when they were counted. */
    int sold() {
        return taken - returned;
    }

    BigDecimal brought() {
        return price.multiply(BigDecimal.valueOf(sold()));
    }

    Promises.Promise promise() {
        return new Promises.Promise(lotId, packingRunId, taken, null);
    }
}
