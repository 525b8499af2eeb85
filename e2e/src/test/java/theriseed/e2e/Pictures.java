package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/** Makes every picture of {@code docs/screenshots} anew from the demo farm at the demo clock; run by {@code bin/pictures}. */
@DemoFarmTest
class Pictures {
    private static final Path FOLDER = Path.of("../docs/screenshots");

    @LocalServerPort
    int port;

    @Test
    void makeThem() {
        Views views = new Views(Client.as("grower", port));
        String tomato = views.lot("Lantern Quay");
        String ferment = views.lot("Small Hours");
        String maize = views.planting(2026, "Threshold");
        String tomatoPlanting = views.planting(2026, "Lantern Quay");
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            take(grower, "today", "/today");
            take(grower, "desk", "/desk?season=2027&planting=" + views.planting(2027, "Long Ferry"));
            take(grower, "beds", "/desk/beds?season=2026");
            take(grower, "field", "/field?season=2027");
            take(grower, "harvest", "/harvest/" + tomatoPlanting);
            take(grower, "ripening", "/ripening/" + views.planting(2026, "Tidewrack"));
            take(grower, "selection", "/selection/" + views.planting(2026, "Ferrous"));
            take(grower, "bench", "/bench");
            take(grower, "bench-step", "/bench/" + ferment);
            take(grower, "yields", "/yields?crop=tomato");
            take(grower, "seed-room", "/seed-room");
            take(grower, "tests", "/lot/" + views.lot("Tidewrack") + "/tests");
            take(grower, "lot", "/lot/" + tomato);
            take(grower, "family", "/lot/" + views.lot("Skerrow Early Row") + "/family");
            take(grower, "stall", "/stall");
            take(grower, "money", "/stall/money?season=2025");
        }
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            take(hand, "today-phone", "/today");
            take(hand, "pollination-phone", "/pollination/" + views.planting(2026, "Harbourmaster"));
            hand.at("/walk/" + maize);
            hand.choose("Stage", "tassels showing");
            hand.button("Whole row 1").click();
            for (int i = 0; i < 3; i++) {
                hand.button("white silks").click();
            }
            assertThat(hand.page.locator("#page")).containsText("3 off in 353");
            shoot(hand, "walk-phone");
        }
    }

    private static void take(Person person, String name, String path) {
        person.settledAt(path);
        shoot(person, name);
    }

    private static void shoot(Person person, String name) {
        person.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
