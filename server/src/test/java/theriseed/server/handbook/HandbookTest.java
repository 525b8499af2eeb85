package theriseed.server.handbook;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class HandbookTest {
    @LocalServerPort
    int port;

    Client visitor;

    @BeforeEach
    void signIn() {
        visitor = Client.as("visitor", port);
    }

    @Test
    void allCropsAreListedAndFoundByWhateverTheyAreCalled() {
        assertThat(visitor.get("/api/crops").ok().get("total").asInt()).isEqualTo(128);
        assertThat(keys("?q=kale")).contains("kale");
        assertThat(keys("?q=Brassica oleracea".replace(" ", "%20"))).contains("kale", "cabbage");
        assertThat(keys("?q=love%20apple")).as("by another name").containsExactly("tomato");
        assertThat(keys("?q=no-such-thing")).isEmpty();
    }

    private java.util.List<String> keys(String query) {
        return visitor.get("/api/crops" + query).ok().get("items").findValuesAsString("key");
    }

    @Test
    void aCropsPageSaysWhatItCrossesWithBothWays() {
        JsonNode kale = visitor.get("/api/crops/kale").ok();
        assertThat(kale.toString()).contains("cabbage").doesNotContain("\"tomato\"");
        JsonNode courgette = visitor.get("/api/crops/courgette").ok();
        assertThat(courgette.toString()).contains("pumpkin-pepo");
        assertThat(courgette.at("/schools").findValuesAsString("question")).contains("how many plants");
    }

    @Test
    void aCropThatIsNotThereIsSaidNotToBe() {
        Client.Answer none = visitor.get("/api/crops/moon-cabbage");
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.detail()).contains("no such crop");
    }
}
