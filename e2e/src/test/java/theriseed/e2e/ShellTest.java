package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
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

    Views views;

    @BeforeEach
    void views() {
        views = new Views(Client.as("grower", port));
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
            person.settledAt("/");
            assertThat(gzipped(scripts)).as("to sign in").isBetween(1, 100_000);
            person.signedIn("grower");
            scripts.clear();
            person.settledAt("/today");
            assertThat(gzipped(scripts)).as("today, with the phone's own store").isBetween(100_000, 150_000);
            Set<String> before = Set.copyOf(scripts);
            person.settledAt("/field");
            scripts.removeAll(before);
            assertThat(gzipped(scripts)).as("the map").isBetween(50_000, 150_000);
        }
    }

    private int gzipped(Set<String> scripts) throws IOException {
        Client client = new Client(port);
        int bytes = 0;
        for (String script : scripts) {
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                gzip.write(client.get(script).body());
            }
            bytes += packed.size();
        }
        return bytes;
    }

    @Test
    void keysReachEverything() {
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            person.settledAt("/desk");
            person.page.keyboard().press("?");
            Locator keys = person.page.getByRole(AriaRole.DIALOG);
            assertThat(keys).containsText("New planting");
            person.page.keyboard().press("Escape");
            assertThat(keys).isHidden();
            person.page.keyboard().press("n");
            assertThat(person.page).hasURL(Pattern.compile(".*/desk/plantings/new.*"));
            person.settledAt("/today");
            person.page.keyboard().press("/");
            person.page.keyboard().type("quay tomato");
            Locator found = person.page.getByRole(AriaRole.OPTION);
            assertThat(found.first()).isVisible();
            while (!"Lantern Quay".equals(chosen(person))) {
                person.page.keyboard().press("ArrowDown");
            }
            person.page.keyboard().press("Enter");
            assertThat(person.page).hasURL(Pattern.compile(".*/desk/.*"));
            assertThat(person.heading("Lantern Quay")).isVisible();
        }
    }

    private static String chosen(Person person) {
        return person.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setSelected(true))
                .locator("span")
                .first()
                .textContent();
    }

    @Test
    void everyPageThatIsGoneToIsTheOneThatIsAnnounced() {
        String number = views.lot("Lantern Quay");
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            person.settledAt("/today");
            Locator announced = person.page.locator("#svelte-announcer");
            for (String room : new String[] {"Field", "Bench", "Handbook"}) {
                person.link(room).first().click();
                assertThat(announced).containsText(room);
                assertThat(person.heading(room)).isVisible();
            }
            person.link("Desk").first().click();
            person.link("Calendar").click();
            assertThat(announced).containsText("Calendar · Desk");
            person.settledAt("/lot/" + number + "/tests");
            assertThat(person.page).hasTitle(number + " · Tests · Seed room · Theriseed");
            person.settledAt("/handbook/kale");
            assertThat(person.page).hasTitle("Kale · Crop · Handbook · Theriseed");
        }
    }

    @Test
    void aScannedNumberOpensItsLotFromAnyPage() {
        String number = views.lot("Lantern Quay");
        try (Person person = Person.atDesk(port).signedIn("visitor")) {
            person.settledAt("/handbook/kale");
            person.page.keyboard().type(number.replace("-", ""));
            person.page.keyboard().press("Enter");
            assertThat(person.page).hasURL(Pattern.compile(".*/lot/" + number));
        }
    }

    @Test
    void theFirstTabSkipsToThePage() {
        try (Person person = Person.atDesk(port).signedIn("grower")) {
            person.settledAt("/today");
            person.page.keyboard().press("Tab");
            assertThat(person.link("Skip to the page")).isFocused();
            person.page.keyboard().press("Enter");
            assertThat(person.page.locator("#page")).isFocused();
        }
    }

    @Test
    void aVisitorIsOfferedNoWork() {
        try (Person visitor = Person.atDesk(port).signedIn("visitor")) {
            visitor.settledAt("/desk");
            assertThat(visitor.link("New planting")).hasCount(0);
            assertThat(visitor.link("Walk it")).hasCount(0);
            visitor.settledAt(views.at("/lot/[number]"));
            assertThat(visitor.button("Hold")).hasCount(0);
            assertThat(visitor.link("Family and recall")).hasCount(0);
            assertThat(visitor.link("Stall")).hasCount(0);
            visitor.page.navigate("/stall");
            visitor.sees("not for your role");
        }
    }

    @Test
    void unitsAndLightAreEachPersonsOwn() {
        try (Person hand = Person.atDesk(port).signedIn("hand")) {
            hand.settledAt("/account");
            assertThat(hand.page.getByText(Pattern.compile("^Theriseed \\d+\\.\\d+")))
                    .isVisible();
            prefers(hand, "Units", "ounces, feet, °F");
            prefers(hand, "Theme", "Lamp, for the dim shed");
            assertThat(hand.page.locator("html")).hasAttribute("data-theme", "lamp");
            hand.settledAt("/field");
            hand.sees("sq ft");
            hand.settledAt("/account");
            prefers(hand, "Numbers and dates", "Germany: 1.234,5, 14 Aug 2026");
            hand.settledAt("/lot/24-LEE-01-7");
            hand.sees("Germination last counted on 20 Nov 2024");
            hand.sees("1,58 lb");
            hand.settledAt("/account");
            prefers(hand, "Numbers and dates", "United States: 1,234.5, Aug 14, 2026");
            hand.settledAt("/lot/24-LEE-01-7");
            hand.sees("Germination last counted on Nov 20, 2024");
            hand.settledAt("/account");
            prefers(hand, "Numbers and dates", "United Kingdom: 1,234.5, 14 Aug 2026");
            prefers(hand, "Units", "grams, metres, °C");
            prefers(hand, "Theme", "Daylight, readable in sun");
            assertThat(hand.page.locator("html")).hasAttribute("data-theme", "daylight");
            prefers(hand, "Theme", "As this device is set");
            Object day = ground(hand);
            hand.page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            assertThat(ground(hand)).isNotEqualTo(day);
        }
        try (Person visitor = Person.atDesk(port).signedIn("visitor")) {
            visitor.settledAt("/field");
            visitor.sees("m²");
        }
    }

    /** The colour of the page. */
    private static Object ground(Person who) {
        return who.page.evaluate("getComputedStyle(document.documentElement).backgroundColor");
    }

    /** Chooses, and goes on once the farm knows. */
    private static void prefers(Person who, String what, String choice) {
        who.page.waitForResponse(
                answer -> answer.url().endsWith("/api/session/preferences")
                        && answer.request().method().equals("PUT"),
                () -> who.choose(what, choice));
    }

    @Test
    void theWalkKeepsItsCountWhenThePageIsLost() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            String walk = views.at("/walk/[planting]");
            hand.settledAt(walk);
            Locator pad = hand.button("Looked at");
            pad.click();
            pad.click();
            hand.button("something else").click();
            assertThat(pad).containsText("3");
            hand.settledAt(walk);
            assertThat(pad).containsText("3");
        }
    }
}
