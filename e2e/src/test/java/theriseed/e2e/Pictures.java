package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.JsonNode;

/** Makes every picture of {@code docs/screenshots} anew from the demo farm at the demo clock; run by {@code bin/pictures}. */
@DemoFarmTest
class Pictures {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    @LocalServerPort
    int port;

    @Test
    void makeThem() {
        Client visitor = Client.as("visitor", port);
        String tomato = lot(visitor, "Lantern Quay");
        String ferment = lot(visitor, "Small Hours");
        String maize = planting(visitor, 2026, "Threshold");
        String tomatoPlanting = planting(visitor, 2026, "Lantern Quay");
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            take(grower, "today", "/today");
            take(grower, "desk", "/desk?season=2027&planting=" + planting(visitor, 2027, "Long Ferry"));
            take(grower, "beds", "/desk/beds?season=2026");
            take(grower, "field", "/field?season=2027");
            take(grower, "harvest", "/harvest/" + tomatoPlanting);
            take(grower, "ripening", "/ripening/" + planting(visitor, 2026, "Tidewrack"));
            take(grower, "selection", "/selection/" + planting(visitor, 2026, "Ferrous"));
            take(grower, "bench", "/bench");
            take(grower, "bench-step", "/bench/" + ferment);
            take(grower, "yields", "/yields?crop=tomato");
            take(grower, "seed-room", "/seed-room");
            take(grower, "tests", "/lot/" + lot(visitor, "Tidewrack") + "/tests");
            take(grower, "lot", "/lot/" + tomato);
            take(grower, "orders", "/stall/orders");
            take(grower, "stall", "/stall");
            take(grower, "money", "/stall/money?season=2025");
        }
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            take(hand, "today-phone", "/today");
            take(hand, "pollination-phone", "/pollination/" + planting(visitor, 2026, "Harbourmaster"));
            hand.at("/walk/" + maize);
            hand.choose("Stage", "tassel");
            hand.button("Whole row 1").click();
            for (int i = 0; i < 3; i++) {
                hand.button("white silks").click();
            }
            assertThat(hand.page.locator("#page")).containsText("12 off in 663");
            shoot(hand, "walk-phone");
        }
    }

    private static String lot(Client client, String variety) {
        for (JsonNode shelved : client.get("/api/lots?size=200").ok().get("items")) {
            if (shelved.at("/known/planting/variety/name").asString().equals(variety)) {
                return shelved.at("/known/lot/number").asString();
            }
        }
        throw new AssertionError("no lot of " + variety);
    }

    private static String planting(Client client, int season, String variety) {
        for (JsonNode planting : client.get("/api/seasons/" + season).ok().get("plantings")) {
            if (planting.at("/variety/name").asString().equals(variety)) {
                return planting.get("id").asString();
            }
        }
        throw new AssertionError(variety + " is not planted");
    }

    private static void take(Person person, String name, String path) {
        settle(person, path);
        shoot(person, name);
    }

    private static void settle(Person person, String path) {
        person.at(path);
        assertThat(person.page.getByText("Looking it up")).hasCount(0);
        person.page.waitForLoadState(LoadState.NETWORKIDLE);
        person.page.evaluate("document.fonts.ready");
    }

    private static void shoot(Person person, String name) {
        person.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
