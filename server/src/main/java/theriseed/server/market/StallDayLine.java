package theriseed.server.market;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import theriseed.core.stall.CashCount;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.stall.Promises;

/** Packets of a run taken along, how many came back, and how many were gifts. */
@Entity
class StallDayLine extends Recorded {
    private UUID stallDayId;
    private UUID lotId;
    private UUID packingRunId;
    private int taken;
    private Integer returned;
    private int given;
    private BigDecimal letOff;
    private UUID saleId;
    private UUID giftSaleId;
    private BigDecimal price;

    protected StallDayLine() {}

    StallDayLine(UUID stallDayId, UUID lotId, UUID packingRunId, int taken, BigDecimal price, Stamp stamp) {
        super(stamp);
        this.stallDayId = stallDayId;
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        this.taken = taken;
        this.price = price;
        this.letOff = BigDecimal.ZERO;
    }

    /** @param off what was let off the price of those sold */
    void count(int back, int gifts, BigDecimal off) {
        returned = back;
        given = gifts;
        letOff = off;
    }

    void sold(UUID sale) {
        saleId = sale;
    }

    void given(UUID gift) {
        giftSaleId = gift;
    }

    void countAnew() {
        returned = null;
        given = 0;
        letOff = BigDecimal.ZERO;
        saleId = null;
        giftSaleId = null;
    }

    /** What was booked when it was counted. */
    Stream<UUID> booked() {
        return Stream.of(saleId, giftSaleId).filter(Objects::nonNull);
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

    int given() {
        return given;
    }

    BigDecimal letOff() {
        return letOff;
    }

    /** What it comes to; only when it was counted. */
    CashCount.Line counted() {
        return new CashCount.Line(taken, returned, given, price, letOff);
    }

    Promises.Promise promise() {
        return promise(taken);
    }

    Promises.Promise promise(int packets) {
        return new Promises.Promise(lotId, packingRunId, packets, null);
    }
}
