package theriseed.server.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.core.lot.LotNumber;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class SearchTest {
    @LocalServerPort
    int port;

    Client visitor;
    Client hand;

    @BeforeEach
    void signIn() {
        visitor = Client.as("visitor", port);
        hand = Client.as("hand", port);
    }

    private static JsonNode search(Client who, String typed) {
        return who.get("/api/search?q=" + URLEncoder.encode(typed, StandardCharsets.UTF_8))
                .ok();
    }

    private static String titles(JsonNode found, Hit.Kind kind) {
        return StreamSupport.stream(found.get("hits").spliterator(), false)
                .filter(hit -> kind.name().equals(hit.get("kind").asString()))
                .map(hit -> hit.get("title").asString())
                .toList()
                .toString();
    }

    private String aLot() {
        return visitor.get("/api/lots").ok().at("/items/0/known/lot/number").asString();
    }

    @Test
    void aNumberTypedOrScannedAnyWayOpensItsLot() {
        String number = aLot();
        for (String typed :
                new String[] {number, number.toLowerCase(), number.replace("-", ""), number.replace("-", " ")}) {
            assertThat(search(visitor, typed).at("/opens/key").asString())
                    .as(typed)
                    .isEqualTo(number);
        }
    }

    @Test
    void aLotIsFoundAsPeopleSayItsNumber() {
        String[] parts = aLot().split("-");
        String serial = parts[2].replaceFirst("^0", "");
        for (String said : new String[] {
            parts[0] + " " + parts[1].toLowerCase() + " " + serial, "20" + parts[0] + " " + parts[1] + " " + serial
        }) {
            assertThat(search(visitor, said).at("/hits/0/title").asString())
                    .as(said)
                    .isEqualTo(aLot());
        }
    }

    @Test
    void aMistypedNumberIsToldFromOneThatIsNotHere() {
        assertThat(search(visitor, "26-TOM-01-X").get("noLot").asString()).isEqualTo("MISTYPED");
        String elsewhere = LotNumber.issue(2031, "Tomato", 77).orElseThrow().text();
        assertThat(search(visitor, elsewhere).get("noLot").asString()).isEqualTo("NOT_HERE");
    }

    @Test
    void varietiesPlotsAndCropsAreFoundByAnyPartOfTheirName() {
        assertThat(titles(search(visitor, "antern q"), Hit.Kind.VARIETY)).isEqualTo("[Lantern Quay]");
        assertThat(titles(search(visitor, "plot 12"), Hit.Kind.PLOT)).isEqualTo("[Plot 12]");
        assertThat(titles(search(visitor, "parsnip"), Hit.Kind.CROP)).contains("Parsnip");
        assertThat(search(visitor, "").get("hits").isEmpty()).isTrue();
        assertThat(search(visitor, "%_'\"; drop").get("hits").isEmpty()).isTrue();
        assertThat(search(visitor, "%").get("hits").isEmpty())
                .as("a sign, not any text")
                .isTrue();
    }

    @Test
    void theWordsMayStandInAnyOrderAndEachNarrows() {
        String planted = titles(search(visitor, "2026 quay lantern"), Hit.Kind.PLANTING);
        assertThat(planted).contains("Lantern Quay").doesNotContain("], [");
        assertThat(titles(search(visitor, "lantern quay 1999"), Hit.Kind.PLANTING))
                .isEqualTo("[]");
        assertThat(titles(search(visitor, "quay tomato"), Hit.Kind.VARIETY)).isEqualTo("[Lantern Quay]");
    }

    @Test
    void whoWorksHereFindsWhoBoughtWhatAndWhoOnlyLooksDoesNot() {
        JsonNode found = search(hand, "inn shop");
        assertThat(titles(found, Hit.Kind.CUSTOMER)).isEqualTo("[Inn shop]");
        String order =
                hand.get("/api/orders?open=false").ok().at("/items/0/number").asString();
        assertThat(titles(found, Hit.Kind.ORDER)).contains("26-");
        assertThat(titles(search(hand, order), Hit.Kind.ORDER)).contains(order);
        assertThat(titles(found, Hit.Kind.SALE)).contains("Inn shop");
        assertThat(search(visitor, "inn shop").get("hits").isEmpty()).isTrue();
        assertThat(search(visitor, order).toString()).doesNotContain("ORDER");
    }
}
