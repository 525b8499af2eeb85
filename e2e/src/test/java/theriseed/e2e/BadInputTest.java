package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import theriseed.server.TestDatabase;

/** What is wrong is said at its field, with the valid range, and what was typed stays. */
@DemoFarmTest
class BadInputTest {
    @LocalServerPort
    int port;

    @Value("${test.database}")
    String database;

    Season season;
    Person grower;

    @BeforeEach
    void signIn() {
        season = new Season(port);
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void leave() {
        grower.close();
    }

    private Locator wrong(String label) {
        return grower.field(label).locator("xpath=ancestor::div[1]").locator(".text-alarm");
    }

    @ParameterizedTest
    @CsvSource({
        "0, Mass: 0 g is not taken",
        "-4, Mass: -4",
        "999999, Mass: 999",
        "a lot, Mass",
    })
    void aMassThatMakesNoSenseIsSaidAndStays(String typed, String said) {
        String planting = season.planted("pea", "2026-03-20", 300);
        String number = season.numbered(planting);
        grower.at("/harvest/" + planting + "?lot=" + number);
        grower.page.getByLabel("they are on, or written by hand").check();
        grower.weigh("Mass", typed, "kg");
        grower.type("Plants picked", "290");
        grower.type("Note", "third row left for the birds");
        grower.act("Into the lot");
        assertThat(grower.alert()).containsText(said.split(":")[0]);
        assertThat(wrong("Mass")).isVisible();
        assertThat(grower.field("Mass")).hasValue(typed);
        assertThat(grower.field("Note")).hasValue("third row left for the birds");
        grower.weigh("Mass", "9", "kg");
        grower.act("Into the lot");
        assertThat(grower.page).hasURL(Pattern.compile(".*/bench/" + number));
    }

    @Test
    void moreOutThanInIsRefusedWhereItIsTyped() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        grower.at("/bench/" + number);
        grower.weigh("Mass out", "9.5", "kg");
        grower.act("Save step");
        assertThat(wrong("Mass out")).containsText("at most");
        assertThat(grower.field("Mass out")).isFocused();
        assertThat(grower.field("Mass out")).hasValue("9.5");
    }

    @Test
    void aCountAboveAHundredIsNamedWithItsPlace() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        grower.at("/lot/" + number + "/tests");
        grower.act("Counted already");
        grower.type("Set on", "2026-08-04");
        for (int i = 1; i <= 4; i++) {
            grower.type("Normal seedlings of replicate " + i, i == 3 ? "401" : "92");
        }
        grower.act("Save test");
        assertThat(grower.alert()).containsText("401");
        assertThat(grower.field("Normal seedlings of replicate 3")).hasAttribute("aria-invalid", "true");
        assertThat(grower.field("Normal seedlings of replicate 1")).hasValue("92");
    }

    @Test
    void aHybridIsNotPlantedAndTheWayOutIsSaid() {
        grower.at("/desk/varieties/new");
        grower.choose("Crop", "Melon, Cucumis melo");
        grower.type("Name", "Fair Weather");
        grower.type("Source", "swap");
        grower.page.getByText("F1 hybrid: its seed").click();
        grower.act("Save variety");
        // What is proposed follows until it is typed over.
        assertThat(grower.field("Plants")).not().hasValue("");
        grower.type("Sown on", "2026-04-20");
        grower.type("Plants", "30");
        assertThat(grower.page.locator(".caution").first()).containsText("breeding-out project");
        grower.act("Save planting");
        assertThat(grower.alert()).containsText("does not come true");
        assertThat(grower.field("Plants")).hasValue("30");
    }

    @Test
    void aHarvestBeforeSowingIsRefused() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String number = season.numbered(planting);
        grower.at("/harvest/" + planting + "?lot=" + number);
        grower.page.getByLabel("they are on, or written by hand").check();
        grower.type("Picked on", "2026-03-01");
        grower.weigh("Mass", "9", "kg");
        grower.type("Plants picked", "290");
        grower.act("Into the lot");
        assertThat(wrong("Picked on")).containsText("from 21 Mar 2026");
    }

    @Test
    void aMistypedLotNumberIsFoundAndSaid() {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        char check = number.charAt(number.length() - 1);
        String wrong = number.substring(0, number.length() - 1) + (check == 'X' ? 'W' : 'X');
        grower.at("/today");
        grower.page.keyboard().press("/");
        grower.page.keyboard().type(wrong);
        assertThat(grower.page.getByRole(AriaRole.STATUS)).containsText("its last character does not fit");
        grower.field("Search: lots, plantings, customers, orders, pages").fill(number);
        assertThat(grower.page).hasURL(Pattern.compile(".*/lot/" + number));
    }

    @Test
    void twoPeopleWhoChangeOneRecordSeeBothVersions() {
        String id = season.planted("pea", "2026-03-20", 300);
        try (Person other = Person.atDesk(port).signedIn("grower")) {
            grower.at("/desk/plantings/" + id);
            other.at("/desk/plantings/" + id);
            other.type("Plants", "280");
            other.type("Why it is changed", "counted again");
            other.act("Save change");
            assertThat(other.page).hasURL(Pattern.compile(".*/desk\\?.*"));

            grower.type("Plants", "250");
            grower.type("Why it is changed", "slugs");
            grower.act("Save change");
            Locator both = grower.page
                    .getByRole(AriaRole.ROW)
                    .filter(new Locator.FilterOptions()
                            .setHas(grower.page.getByRole(
                                    AriaRole.ROWHEADER,
                                    new Page.GetByRoleOptions()
                                            .setName("Plants")
                                            .setExact(true))));
            assertThat(both.first()).containsText("250");
            assertThat(both.first()).containsText("280");
            grower.act("Save mine");
            assertThat(grower.page).hasURL(Pattern.compile(".*/desk\\?.*"));
        }
        grower.at("/desk/plantings/" + id);
        grower.sees("280");
        grower.sees("slugs");
        grower.sees("counted again");
    }

    @Test
    void aMistypedHarvestIsCorrectedFromTheLotsPageAndTheOldWeightStays() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        grower.at("/lot/" + number);
        grower.page
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("picked"))
                .getByText("correct")
                .click();
        grower.weigh("Mass", "9.4", "kg");
        grower.act("Save correction");
        assertThat(wrong("Why it is corrected")).isVisible();
        grower.type("Why it is corrected", "the basket was not weighed off");
        grower.act("Save correction");
        assertThat(grower.heading("Next: dry")).isVisible();
        grower.at("/lot/" + number);
        grower.sees("9.4 kg");
        grower.sees("the basket was not weighed off");
    }

    @Test
    void overSellingIsRefusedWithWhatIsLeft() {
        String number = season.sellable();
        season.packed(number, 100, 10);
        grower.at("/stall/" + number);
        Locator sale = grower.page.locator("form").filter(new Locator.FilterOptions().setHasText("To whom"));
        grower.type("To whom", "Croft, east");
        sale.getByLabel("Packets", new Locator.GetByLabelOptions().setExact(true))
                .fill("11");
        grower.type("Price in all", "30");
        grower.act("Sold");
        assertThat(sale.locator(".text-alarm")).containsText("at most 10");
        assertThat(grower.field("To whom")).hasValue("Croft, east");
    }

    @Test
    void aDatabaseThatStopsIsSaidAndTheTypedTextGoesInWhenItIsBack() {
        grower.at("/desk/varieties/new");
        grower.choose("Crop", "Pea, Pisum sativum");
        grower.type("Name", "Storm Proof");
        grower.type("Source", "kept on the farm");
        TestDatabase.takeAway(database);
        try {
            grower.act("Save variety");
            assertThat(grower.alert()).containsText("cannot be reached");
            assertThat(grower.field("Name")).hasValue("Storm Proof");
        } finally {
            TestDatabase.giveBack(database);
        }
        grower.page.waitForCondition(() -> season.grower.get("/api/session").status() == 200);
        grower.act("Save variety");
        assertThat(grower.page.locator("select[name=varietyId]")).not().hasValue("");
    }
}
