package theriseed.server.order;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** So many packets of a variety, or so many grams of its bulk. Price a packet, or a hundred grams. */
@Entity
class OrderLine extends Recorded {
    private UUID seedOrderId;
    private UUID varietyId;
    private Integer seeds;
    private Integer packets;
    private BigDecimal bulk;
    private BigDecimal price;

    protected OrderLine() {}

    OrderLine(UUID seedOrderId, Orders.Wanted wanted, BigDecimal price, Stamp stamp) {
        super(stamp);
        this.seedOrderId = seedOrderId;
        this.varietyId = wanted.varietyId();
        this.seeds = wanted.seeds();
        this.packets = wanted.packets();
        this.bulk = wanted.bulk();
        this.price = price;
    }

    UUID seedOrderId() {
        return seedOrderId;
    }

    UUID varietyId() {
        return varietyId;
    }

    Integer seeds() {
        return seeds;
    }

    Integer packets() {
        return packets;
    }

    BigDecimal bulk() {
        return bulk;
    }

    BigDecimal price() {
        return price;
    }

    /** What so many packets or grams come to. */
    BigDecimal price(BigDecimal much) {
        BigDecimal all = price.multiply(much);
        return (bulk == null ? all : all.movePointLeft(2)).setScale(2, RoundingMode.HALF_UP);
    }

    /** Packets, or grams. */
    BigDecimal much() {
        return bulk == null ? BigDecimal.valueOf(packets) : bulk;
    }
}
