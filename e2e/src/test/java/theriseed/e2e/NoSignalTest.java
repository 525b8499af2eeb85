package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Work in the rows where the network comes and goes. */
@DemoFarmTest
class NoSignalTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;

    @BeforeEach
    void planted() {
        season = new Season(port);
        planting = season.planted("flour-maize", "2026-04-20", 1200);
    }

    private JsonNode walks() {
        return season.grower.get("/api/plantings/" + planting + "/walks").ok();
    }

    private static void wholeRows(Person hand, int count) {
        for (int row = 0; row < count; row++) {
            hand.button("Whole row").click();
        }
    }

    private static void taps(Person hand, String kind, int times) {
        Locator button = hand.button(kind);
        for (int tap = 0; tap < times; tap++) {
            button.click();
        }
    }

    @Test
    void aWalkOfTwelveHundredIsCountedWithoutASignalAndArrivesOnce() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.takesTheScreensAlong();
            hand.at("/walk/" + planting);
            hand.choose("Stage", "tassels showing");
            hand.act("8 rows");
            hand.type("rows", "12");
            hand.page.keyboard().press("Enter");
            taps(hand, "sweet wrinkled kernels", 4);
            wholeRows(hand, 3);

            hand.signal(false);
            taps(hand, "dent in flint", 3);
            wholeRows(hand, 2);
            assertThat(hand.button("Looked at")).containsText("500");

            hand.killsThePage();
            hand.at("/walk/" + planting);
            assertThat(hand.button("Looked at")).containsText("500");
            assertThat(hand.page.getByLabel("Row 5, walked")).isVisible();
            hand.sees("7 off in 500");
            hand.sees("not shown yet");

            hand.page
                    .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("leave"))
                    .click();
            taps(hand, "something else", 2);
            wholeRows(hand, 7);
            assertThat(hand.button("Looked at")).containsText("1200");
            hand.sees("9 off in 1,200");
            hand.sees("Up to 5 off-types may still stand");
            hand.act("End of the walk");
            assertThat(hand.button("Record this walk")).isDisabled();
            hand.type("Why something else was left standing", "a purple one, to be looked at again");
            hand.act("Record this walk");
            assertThat(hand.page).hasURL(Pattern.compile(".*/today"));
            assertThat(hand.page.getByRole(AriaRole.STATUS)).containsText("1 record on this phone has not arrived");
            assertThat(walks().get("walks").size()).isZero();

            hand.killsThePage();
            hand.at("/waiting");
            hand.sees("Walk of the");
            hand.signal(true);
            hand.sees("everything has arrived");
            JsonNode shown = walks();
            assertThat(shown.get("walks").size()).isEqualTo(1);
            assertThat(shown.at("/walks/0/recordedBy").asString()).isEqualTo("hand");
            assertThat(shown.at("/walks/0/rows").size()).isEqualTo(12);
            assertThat(shown.at("/walks/0/offTypes").size()).isEqualTo(3);
            assertThat(shown.at("/verdict/offTypes").asInt()).isEqualTo(9);
            assertThat(shown.at("/verdict/lookedAt").asInt()).isEqualTo(1200);
            assertThat(shown.at("/verdict/verdict/most").asInt())
                    .as("two left standing, and three overlooked at most")
                    .isEqualTo(5);
            assertThat(hand.complaints).isEmpty();
        }
    }

    @Test
    void whoSignedInJustBeforeTheSignalWentStaysSignedIn() {
        try (Person hand = Person.inTheRows(port).signsIn("hand", "skerrow-hand")) {
            hand.takesTheScreensAlong();
            hand.signal(false);
            hand.killsThePage();
            hand.page.navigate("/waiting");
            hand.sees("everything has arrived");
        }
    }

    @Test
    void aRecordWhoseAnswerWasLostIsSentAgainAndKeptOnce() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            AtomicInteger sent = new AtomicInteger();
            AtomicBoolean cut = new AtomicBoolean(true);
            hand.page.route("**/api/plantings/*/walks", route -> {
                boolean record = route.request().method().equals("POST");
                if (record && sent.incrementAndGet() == 1) {
                    route.fetch();
                }
                if (record && cut.get()) {
                    route.abort();
                } else {
                    route.resume();
                }
            });
            hand.at("/walk/" + planting);
            taps(hand, "something else", 1);
            hand.act("End of the walk");
            hand.act("Record this walk");
            assertThat(hand.page.getByRole(AriaRole.STATUS)).containsText("has not arrived");
            assertThat(walks().get("walks").size()).as("it did arrive").isEqualTo(1);
            cut.set(false);
            hand.at("/waiting");
            hand.sees("everything has arrived");
            assertThat(sent.get()).isGreaterThan(1);
            assertThat(walks().get("walks").size()).isEqualTo(1);
        }
    }

    @Test
    void whatTheServerRefusesStaysAndIsOpenedAgain() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.at("/walk/" + planting);
            taps(hand, "something else", 1);
            hand.act("End of the walk");
            hand.type("Walked on", "2026-04-21");
            hand.act("Record this walk");
            assertThat(hand.page.getByRole(AriaRole.STATUS)).containsText("1 record could not be kept");
            hand.act("1 record could not be kept");
            hand.sees("21 Apr 2026");
            hand.act("Open it again");
            assertThat(hand.button("Looked at")).containsText("1");
            hand.act("End of the walk");
            hand.type("Walked on", "2026-07-21");
            hand.act("Record this walk");
            assertThat(hand.page).hasURL(Pattern.compile(".*/today"));
            assertThat(hand.page.getByRole(AriaRole.STATUS)).hasCount(0);
            assertThat(walks().at("/walks/0/walkedOn").asString()).isEqualTo("2026-07-21");
        }
    }

    @Test
    void whatTheServerRefusedIsPutRightWhereItStands() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.at("/stand/" + planting);
            hand.type("How many", "900");
            hand.type("On", "2026-01-02");
            hand.act("Write the count down");
            hand.act("1 record could not be kept");
            hand.sees("2 Jan 2026");
            hand.type("Counted on", "2026-08-01");
            hand.act("Send it again");
            hand.sees("everything has arrived");
            assertThat(season.grower
                            .get("/api/plantings/" + planting + "/stand")
                            .ok()
                            .at("/counts/0/plants")
                            .asInt())
                    .isEqualTo(900);
        }
    }

    @Test
    void aFileThatIsNoPictureIsSaidSoAndTheWalkStays(@TempDir Path folder) throws IOException {
        Path text = Files.writeString(folder.resolve("rows.jpg"), "rows 3 and 4");
        Path large = folder.resolve("large.jpg");
        try (RandomAccessFile file = new RandomAccessFile(large.toFile(), "rw")) {
            file.setLength(40_000_000);
        }
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.at("/walk/" + planting);
            taps(hand, "something else", 1);
            hand.act("End of the walk");
            hand.sends("Take a picture", text);
            assertThat(hand.alert()).containsText("rows.jpg is not a picture");
            hand.sends("Take a picture", large);
            assertThat(hand.alert()).containsText("40 MB");
            hand.sees("1 plant looked at");
            hand.sends("Take a picture", Person.picture(folder.resolve("tassel.png"), 2000, 900));
            hand.sees("1 picture, made small");
            hand.act("Record this walk");
            assertThat(hand.page).hasURL(Pattern.compile(".*/today"));
            assertThat(hand.page.getByRole(AriaRole.STATUS)).hasCount(0);
            assertThat(walks().at("/walks/0/photos").size()).isEqualTo(1);
        }
    }
}
