package theriseed.server.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class FindTest {
    @LocalServerPort
    int port;

    Client visitor;

    @BeforeEach
    void signIn() {
        visitor = Client.as("visitor", port);
    }

    private JsonNode find(String typed) {
        return visitor.get("/api/find?q=" + URLEncoder.encode(typed, StandardCharsets.UTF_8))
                .ok();
    }

    @Test
    void aNumberTypedOrScannedAnyWayOpensItsLot() {
        String number =
                visitor.get("/api/lots").ok().at("/items/0/known/lot/number").asString();
        for (String typed :
                new String[] {number, number.toLowerCase(), number.replace("-", ""), number.replace("-", " ")}) {
            assertThat(find(typed).get("lot").asString()).as(typed).isEqualTo(number);
        }
    }

    @Test
    void aMistypedNumberIsToldFromOneThatIsNotHere() {
        assertThat(find("26-TOM-01-X").get("note").asString()).contains("last character does not fit");
        String elsewhere = theriseed.core.lot.LotNumber.issue(2031, "Tomato", 77)
                .orElseThrow()
                .text();
        assertThat(find(elsewhere).get("note").asString()).contains("rightly typed, but no lot here has it");
    }

    @Test
    void varietiesPlotsAndCropsAreFoundByAnyPartOfTheirName() {
        assertThat(find("antern q").at("/hits/0/title").asString()).isEqualTo("Lantern Quay");
        assertThat(find("plot 12").toString()).contains("\"PLOT\"");
        assertThat(find("parsnip").toString()).contains("\"CROP\"");
        assertThat(find("").get("hits").isEmpty()).isTrue();
        assertThat(find("%_'\"; drop").get("hits").isEmpty()).isTrue();
    }
}
