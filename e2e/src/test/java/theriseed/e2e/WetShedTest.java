package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Picking, the bench, tests and a sale where there is no signal: nothing is lost, and each has its number. */
@DemoFarmTest
class WetShedTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private static Locator keptHere(Person hand) {
        return hand.page
                .locator("section")
                .filter(new Locator.FilterOptions().setHasText("Kept on this phone"))
                .locator("li");
    }

    @Test
    void aTomatoGoesThroughTheWetShedWithoutASignal() {
        String number = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.takesTheScreensAlong();
            hand.at("/bench/" + number);
            assertThat(hand.heading("Next: extract")).isVisible();

            hand.signal(false);
            hand.weigh("Mass out", "6.1", "kg");
            hand.weigh("Removed", "30", "kg");
            hand.act("Save step");
            assertThat(hand.heading("Next: ferment")).isVisible();
            assertThat(keptHere(hand)).hasText(new String[] {"Extract " + number});
            hand.type("Temperature", "22");
            hand.act("Begin");
            assertThat(hand.heading("Ferment: under way")).isVisible();
            hand.weigh("Mass out", "5.9", "kg");
            hand.act("Weighed out");
            assertThat(hand.heading("Next: rinse")).isVisible();
            assertThat(keptHere(hand)).hasCount(3);
            hand.killsThePage();
            hand.at("/bench/" + number);
            assertThat(hand.heading("Next: rinse")).isVisible();

            hand.signal(true);
            assertThat(keptHere(hand)).hasCount(0);
            assertThat(hand.heading("Next: rinse")).isVisible();
            assertThat(hand.complaints).isEmpty();
        }
        JsonNode steps = season.lot(number).at("/known/bench/steps");
        assertThat(steps.valueStream().map(step -> step.get("kind").asString())).containsExactly("EXTRACT", "FERMENT");
        assertThat(steps.at("/1/massOut").asDouble()).isEqualTo(5900);
        assertThat(steps.at("/1/temperature").asDouble()).isEqualTo(22);
    }

    @Test
    void whatIsPickedWithoutASignalHasItsNumberAtOnce() {
        String planting = season.planted("pea", "2026-03-20", 300);
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.takesTheScreensAlong();
            hand.settledAt("/harvest/" + planting);

            hand.signal(false);
            hand.act("Number this picking");
            Locator tag = hand.page.locator(".tag.large .number");
            assertThat(tag).hasText(Pattern.compile("26-PEA-\\d\\d-[0-9A-Z]"));
            String number = tag.innerText();
            String meanwhile = season.numbered(planting);
            assertThat(meanwhile).isNotEqualTo(number);
            hand.page
                    .getByText("they are on, or written by hand")
                    .locator("input")
                    .check();
            hand.weigh("Mass", "9", "kg");
            hand.type("Plants picked", "290");
            hand.act("Into the lot");
            assertThat(hand.page).hasURL(Pattern.compile(".*/waiting"));
            hand.sees("9 kg picked into " + number);

            hand.signal(true);
            hand.sees("everything has arrived");
            assertThat(season.lot(number).at("/known/harvest/mass").asDouble()).isEqualTo(9000);
            assertThat(season.lot(number).at("/known/planting/id").asString()).isEqualTo(planting);
        }
    }

    @Test
    void theFirstFlowerIsNotedOnTheWalkWithoutASignal() {
        String planting = season.planted("pea", "2026-03-20", 300);
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.takesTheScreensAlong();
            hand.at("/walk/" + planting);
            assertThat(hand.button("Looked at")).isVisible();

            hand.signal(false);
            hand.page.getByText("Look for:").click();
            hand.page.getByText("note the first flower").click();
            hand.type("First flower seen on", "2026-05-30");
            hand.act("Save day");
            hand.sees("First flower noted.");

            hand.signal(true);
            hand.at("/waiting");
            hand.sees("everything has arrived");
        }
        assertThat(season.grower
                        .get("/api/plantings/" + planting)
                        .ok()
                        .at("/planting/firstFlowerOn")
                        .asString())
                .isEqualTo("2026-05-30");
    }

    @Test
    void todaySaysWhatIsAlong() {
        String number = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.takesTheScreensAlong();
            hand.settledAt("/today");
            hand.sees("without a signal");
            Locator more = hand.page.getByText(Pattern.compile("^and \\d+ more$"));
            if (more.count() > 0) {
                more.first().click();
            }
            Locator work = hand.page.locator("li").filter(new Locator.FilterOptions().setHasText(number));
            assertThat(work).hasCount(1);
            assertThat(work).not().containsText("needs a signal");
            hand.signal(false);
            hand.at("/today");
            assertThat(hand.page.getByRole(AriaRole.STATUS).first()).containsText("No signal");
            Locator deaf =
                    hand.page.locator("main li").filter(new Locator.FilterOptions().setHasText("needs a signal"));
            assertThat(deaf.first()).isVisible();
            assertThat(deaf.locator("a.text-lg")).hasCount(0);
            hand.at("/bench/" + number);
            assertThat(hand.heading("Next: extract")).isVisible();
        }
    }

    @Test
    void aTestAndASaleWithoutASignalArriveOnce() {
        String number = season.sellable();
        season.packed(number, 25, 40);
        try (Person grower = Person.inTheRows(port).signedIn("grower")) {
            grower.takesTheScreensAlong();
            grower.settledAt("/stall/" + number);
            grower.settledAt("/lot/" + number + "/tests");

            grower.signal(false);
            grower.act("Measure moisture");
            grower.type("Reading 1, percent", "7.1");
            grower.type("Reading 2, percent", "7.2");
            grower.act("Save moisture");
            assertThat(keptHere(grower)).hasText(new String[] {"moisture of " + number});
            grower.at("/stall/" + number);
            grower.type("To whom", "Pier market");
            grower.page
                    .locator("form")
                    .filter(new Locator.FilterOptions().setHasText("To whom"))
                    .getByLabel("Packets", new Locator.GetByLabelOptions().setExact(true))
                    .fill("3");
            grower.type("Price in all", "8.40");
            grower.act("Sold");
            assertThat(keptHere(grower)).hasText(new String[] {number + " sold to Pier market"});

            grower.signal(true);
            grower.sees("37 packets left, 3 sold");
        }
        JsonNode lot = season.lot(number);
        assertThat(lot.at("/stock/packetsSold").asInt()).isEqualTo(3);
        assertThat(lot.at("/known/tests/moistures").size()).isEqualTo(1);
    }
}
