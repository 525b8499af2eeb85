package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

@DemoFarmTest
class ShellTest {
    @LocalServerPort
    int port;

    List<String> views;

    @BeforeEach
    void views() {
        Client visitor = Client.as("visitor", port);
        String planting =
                visitor.get("/api/seasons/2026").ok().at("/plantings/0/id").asString();
        String lot = visitor.get("/api/find?q=TOM").ok().at("/hits/0/key").asString();
        views = List.of(
                "/today",
                "/desk",
                "/desk/plantings/new",
                "/desk/varieties/new",
                "/desk/plantings/" + planting,
                "/field",
                "/walk/" + planting,
                "/harvest/" + planting,
                "/bench",
                "/bench/" + lot,
                "/seed-room",
                "/seed-room/tests",
                "/seed-room/stock-taking",
                "/seed-room/shelves",
                "/seed-room/regrow",
                "/lot/" + lot,
                "/lot/" + lot + "/tests",
                "/lot/" + lot + "/store",
                "/stall",
                "/stall/orders",
                "/stall/days",
                "/stall/customers",
                "/stall/money?season=2025",
                "/lot/" + lot + "/money",
                "/account/files",
                "/stall/" + lot,
                "/handbook",
                "/handbook/kale",
                "/account");
    }

    private static void settled(Person person, String path) {
        person.at(path);
        assertThat(person.page.getByText("Looking it up")).hasCount(0);
        person.page.waitForLoadState(LoadState.NETWORKIDLE);
    }

    private static void inTheme(Person person, String theme) {
        person.page.evaluate("theme => document.documentElement.dataset.theme = theme", theme);
    }

    @Test
    void everyPageFitsEveryWidthInBothThemesFromTheFarmsOwnServerAlone() {
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            List<String> tooWide = new ArrayList<>();
            List<String> elsewhere = new ArrayList<>();
            person.page.onRequest(request -> {
                if (!request.url().startsWith("http://localhost:" + port)
                        && !request.url().startsWith("data:")) {
                    elsewhere.add(request.url());
                }
            });
            for (String path : views) {
                settled(person, path);
                for (int width : new int[] {1600, 1280, 768, 360}) {
                    person.page.setViewportSize(width, 800);
                    for (String theme : List.of("daylight", "lamp")) {
                        inTheme(person, theme);
                        Object over = person.page.evaluate(
                                "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() =>"
                                        + " done(document.documentElement.scrollWidth - innerWidth))))");
                        if (((Number) over).intValue() > 0) {
                            tooWide.add(path + " at " + width + " in " + theme + " by " + over);
                        }
                    }
                }
            }
            assertThat(tooWide).isEmpty();
            assertThat(elsewhere).isEmpty();
            assertThat(person.page.evaluate("document.fonts.check('16px \"Atkinson Hyperlegible Next Variable\"')"))
                    .isEqualTo(true);
            assertThat(person.complaints).isEmpty();
        }
    }

    @Test
    void everyPageCanBeReadAndReachedByAll() {
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            List<String> barriers = new ArrayList<>();
            for (String path : views) {
                settled(person, path);
                barriers.addAll(
                        barriers(path, new AxeBuilder(person.page).withTags(List.of("wcag2a", "wcag2aa", "wcag21aa"))));
                inTheme(person, "lamp");
                barriers.addAll(
                        barriers(path + " by lamp", new AxeBuilder(person.page).withRules(List.of("color-contrast"))));
            }
            assertThat(barriers).isEmpty();
        }
    }

    private static List<String> barriers(String where, AxeBuilder axe) {
        return axe.setLegacyMode(true).analyze().getViolations().stream()
                .flatMap(
                        rule -> rule.getNodes().stream().map(node -> where + " " + rule.getId() + " " + node.getHtml()))
                .toList();
    }

    @Test
    void theFirstPageLoadsLittle() throws IOException {
        Set<String> scripts = new TreeSet<>();
        try (Person person = Person.atDesk(port)) {
            person.page.onRequest(request -> {
                if (request.url().endsWith(".js")) {
                    scripts.add(URI.create(request.url()).getPath());
                }
            });
            person.signedIn("grower");
            settled(person, "/today");
        }
        Client client = new Client(port);
        int gzipped = 0;
        for (String script : scripts) {
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                gzip.write(client.get(script).body());
            }
            gzipped += packed.size();
        }
        assertThat(scripts).isNotEmpty();
        assertThat(gzipped).isLessThan(150_000);
    }

    @Test
    void keysReachEverything() {
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            settled(person, "/desk");
            person.page.keyboard().press("?");
            Locator keys = person.page.getByRole(AriaRole.DIALOG);
            assertThat(keys).containsText("New planting");
            person.page.keyboard().press("Escape");
            assertThat(keys).isHidden();
            person.page.keyboard().press("n");
            assertThat(person.page).hasURL(Pattern.compile(".*/desk/plantings/new.*"));
            settled(person, "/today");
            person.page.keyboard().press("/");
            person.page.keyboard().type("lantern");
            person.page.keyboard().press("Enter");
            assertThat(person.heading("Lantern Quay")).isVisible();
        }
    }

    @Test
    void aScannedNumberOpensItsLotFromAnyPage() {
        String number = views.stream()
                .filter(view -> view.matches("/lot/[^/]+"))
                .findFirst()
                .orElseThrow()
                .substring("/lot/".length());
        try (Person person = Person.atDesk(port).signedIn("visitor")) {
            settled(person, "/handbook/kale");
            person.page.keyboard().type(number.replace("-", ""));
            person.page.keyboard().press("Enter");
            assertThat(person.page).hasURL(Pattern.compile(".*/lot/" + number));
        }
    }

    @Test
    void theFirstTabSkipsToThePage() {
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            settled(person, "/today");
            person.page.keyboard().press("Tab");
            assertThat(person.link("Skip to the page")).isFocused();
            person.page.keyboard().press("Enter");
            assertThat(person.page.locator("#page")).isFocused();
        }
    }

    @Test
    void aVisitorIsOfferedNoWork() {
        try (Person visitor = Person.atDesk(port).signedIn("visitor")) {
            settled(visitor, "/desk");
            assertThat(visitor.link("New planting")).hasCount(0);
            assertThat(visitor.link("Walk it")).hasCount(0);
            settled(visitor, views.get(11));
            assertThat(visitor.button("Hold")).hasCount(0);
            settled(visitor, views.get(13));
            assertThat(visitor.button("Sold")).hasCount(0);
        }
    }

    @Test
    void unitsAndLightAreEachPersonsOwn() {
        try (Person hand = Person.atDesk(port).signedIn("hand")) {
            settled(hand, "/account");
            hand.choose("Units", "ounces, feet, °F");
            hand.choose("Light", "Lamp, for the dim shed");
            assertThat(hand.page.locator("html")).hasAttribute("data-theme", "lamp");
            settled(hand, "/field");
            hand.sees("sq ft");
            hand.at("/account");
            hand.choose("Units", "grams, metres, °C");
            hand.choose("Light", "Daylight, readable in sun");
            assertThat(hand.page.locator("html")).hasAttribute("data-theme", "daylight");
        }
        try (Person visitor = Person.atDesk(port).signedIn("visitor")) {
            settled(visitor, "/field");
            visitor.sees("m²");
        }
    }

    @Test
    void theWalkKeepsItsCountWhenThePageIsLost() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            String walk = views.get(6);
            settled(hand, walk);
            Locator pad = hand.button("Looked at");
            pad.click();
            pad.click();
            hand.button("something else").click();
            assertThat(pad).containsText("3");
            settled(hand, walk);
            assertThat(pad).containsText("3");
        }
    }
}
