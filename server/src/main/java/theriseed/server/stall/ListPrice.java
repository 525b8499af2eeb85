package theriseed.server.stall;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What a price list asks for a packet of a variety, or for a hundred grams of it. */
@Entity
class ListPrice extends Recorded {
    private UUID priceListId;
    private UUID varietyId;
    private Integer seeds;
    private boolean byWeight;
    private BigDecimal price;

    protected ListPrice() {}

    ListPrice(UUID priceListId, ListPriceFacts facts, Stamp stamp) {
        super(stamp);
        this.priceListId = priceListId;
        this.varietyId = facts.varietyId();
        this.seeds = facts.seeds();
        this.byWeight = facts.byWeight();
        this.price = facts.price();
    }

    void change(BigDecimal other) {
        price = other;
    }

    UUID priceListId() {
        return priceListId;
    }

    UUID varietyId() {
        return varietyId;
    }

    BigDecimal price() {
        return price;
    }

    /** Whether it is the price of just these packets, or just that price by weight. */
    boolean is(UUID variety, Integer ofSeeds, boolean ofWeight) {
        return varietyId.equals(variety) && byWeight == ofWeight && Objects.equals(seeds, ofSeeds);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("price", price);
        return facts;
    }

    ListPriceView view(String variety) {
        return new ListPriceView(id(), version(), varietyId, variety, seeds, byWeight, price);
    }
}
