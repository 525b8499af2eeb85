package theriseed.server.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.with;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class PriceListsTest {
    @LocalServerPort
    int port;

    Season season;
    String number;
    String variety;
    String list;
    String customer;

    @BeforeEach
    void aShopOnAList() {
        season = new Season(port);
        number = season.sellable();
        variety = season.lot(number).at("/known/lot/varietyId").asString();
        list = season.grower
                .post("/api/price-lists", record("name", "Shops " + UUID.randomUUID(), "share", 60))
                .ok()
                .get("id")
                .asString();
        customer = "Shop " + UUID.randomUUID();
        season.grower
                .post("/api/customers", record("name", customer, "kind", "SHOP", "priceListId", list))
                .ok();
    }

    private Map<String, Object> price(Object seeds, boolean bulk, Object price) {
        return record("varietyId", variety, "seeds", seeds, "byWeight", bulk, "price", price);
    }

    private void set(Map<String, Object> price) {
        season.grower.put("/api/price-lists/" + list + "/prices", price).ok();
    }

    private JsonNode mine() {
        for (JsonNode one : season.grower.get("/api/price-lists").ok()) {
            if (one.get("id").asString().equals(list)) {
                return one;
            }
        }
        throw new AssertionError("the list is gone");
    }

    private double sold(Map<String, Object> sale) {
        Map<String, Object> byTerms = with(sale, "customer", customer);
        byTerms.remove("price");
        return season.grower
                .post("/api/lots/" + number + "/sales", byTerms)
                .ok()
                .get("price")
                .asDouble();
    }

    @Test
    void theMostParticularPriceOfAListCounts() {
        String run = season.packed(number, 100, 40);
        double onPacket = season.lot(number).at("/stock/runs/0/price").asDouble();
        assertThat(sold(saleOf(run, 10))).as("its share").isEqualTo(10 * onPacket * 0.6);
        set(price(null, false, 1.7));
        assertThat(sold(saleOf(run, 10))).as("any packet").isEqualTo(17);
        set(price(100, false, 1.2));
        set(price(50, false, 9));
        assertThat(sold(saleOf(run, 10))).as("packets of 100").isEqualTo(12);
        assertThat(mine().get("prices")).hasSize(3);
    }

    @Test
    void bulkHasAPriceOnlyWhereAListSaysIt() {
        Map<String, Object> bulk = record("soldOn", "2026-08-14", "bulk", 250);
        assertThat(season.grower
                        .post("/api/lots/" + number + "/sales", with(bulk, "customer", customer))
                        .field())
                .isEqualTo("price");
        set(price(null, true, 4));
        assertThat(sold(bulk)).isEqualTo(10);
    }

    @Test
    void aPriceIsChangedAndTakenOffButNotInSilence() {
        set(price(100, false, 1.2));
        JsonNode there = mine().at("/prices/0");
        String path = "/api/price-lists/" + list + "/prices";
        assertThat(season.grower.put(path, price(100, false, 1.4)).status())
                .as("somebody else wrote it meanwhile")
                .isEqualTo(409);
        Map<String, Object> made =
                with(price(100, false, 1.4), "version", there.get("version").asInt());
        assertThat(season.grower.put(path, made).field()).isEqualTo("reason");
        season.grower.put(path, with(made, "reason", "seed was short")).ok();
        JsonNode changed = mine().at("/prices/0");
        assertThat(changed.get("price").asDouble()).isEqualTo(1.4);
        Map<String, Object> off =
                with(price(100, false, null), "version", changed.get("version").asInt());
        season.grower.put(path, with(off, "reason", "back to the share")).ok();
        assertThat(mine().get("prices")).isEmpty();
    }

    @Test
    void sillyPricesAreRefusedByTheirField() {
        String path = "/api/price-lists/" + list + "/prices";
        assertThat(season.grower.put(path, price(100, false, -1)).field()).isEqualTo("price");
        assertThat(season.grower.put(path, price(0, false, 1)).field()).isEqualTo("seeds");
        assertThat(season.grower.put(path, price(100, true, 1)).field()).isEqualTo("seeds");
        assertThat(season.grower.put(path, price(100, false, null)).field()).isEqualTo("price");
        assertThat(season.grower
                        .put(path, with(price(100, false, 1), "varietyId", UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
    }
}
