package theriseed.server.order;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.stall.Promises;

/** Seed of a lot that is promised to a line of an order, until it is delivered as a sale. */
@Entity
class Allocation extends Recorded {
    private UUID orderLineId;
    private UUID lotId;
    private UUID packingRunId;
    private Integer packets;
    private BigDecimal bulk;
    private UUID saleId;

    protected Allocation() {}

    Allocation(UUID orderLineId, UUID lotId, UUID packingRunId, Integer packets, BigDecimal bulk, Stamp stamp) {
        super(stamp);
        this.orderLineId = orderLineId;
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        this.packets = packets;
        this.bulk = bulk;
    }

    void delivered(UUID sale) {
        saleId = sale;
    }

    UUID orderLineId() {
        return orderLineId;
    }

    UUID lotId() {
        return lotId;
    }

    UUID saleId() {
        return saleId;
    }

    UUID packingRunId() {
        return packingRunId;
    }

    Promises.Promise promise() {
        return new Promises.Promise(lotId, packingRunId, packets == null ? 0 : packets, bulk);
    }

    /** Packets, or grams. */
    BigDecimal much() {
        return bulk == null ? BigDecimal.valueOf(packets) : bulk;
    }
}
