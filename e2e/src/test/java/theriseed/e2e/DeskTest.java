package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** Planning at the desk: threats found, ways out tried, kept and undone; what if; the calendar. */
@DemoFarmTest
class DeskTest {
    @LocalServerPort
    int port;

    Person grower;

    @BeforeEach
    void signIn() {
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void leave() {
        assertThat(grower.complaints).isEmpty();
        grower.close();
    }

    private Locator chosen() {
        return grower.page.locator("section").filter(new Locator.FilterOptions().setHasText("Threats to purity"));
    }

    private void way(String act) {
        grower.button(act).first().click();
    }

    /** Which row of the board something stands in, from above. */
    private int rowOf(Locator what) {
        double middle = what.boundingBox().y + what.boundingBox().height / 2;
        return (int) grower.page.locator("[data-row]").all().stream()
                .map(Locator::boundingBox)
                .filter(row -> row.y + row.height < middle)
                .count();
    }

    @Test
    void aPlanIsDraggedToAnotherBedAndBackAndFreeGroundIsPlanted() {
        grower.settledAt("/desk/beds?season=2027");
        Locator bar = grower.link("Anvern Speckle").first();
        Locator free = grower.page.locator("[data-row]", new Page.LocatorOptions().setHasText("free"));
        BoundingBox from = bar.boundingBox();
        BoundingBox to = free.nth(2).boundingBox();
        grower.page.mouse().move(from.x + 60, from.y + 10);
        grower.page.mouse().down();
        grower.page.mouse().move(from.x + 60, to.y + 10, new Mouse.MoveOptions().setSteps(6));
        grower.page.mouse().up();
        grower.sees("Moved: Anvern Speckle to Plot 2, bed 4.");
        grower.settles();
        assertThat(rowOf(bar)).isEqualTo(rowOf(grower.link("Plant on Plot 2, bed 4")));
        assertThat(bar.boundingBox().x).isEqualTo(from.x);
        grower.act("Undo");
        grower.settles();
        assertThat(rowOf(bar)).isEqualTo(rowOf(grower.link("Plant on Plot 2, bed 3")));

        grower.link("Plant on Plot 3").click();
        assertThat(grower.field("Plot").locator("option:checked")).hasText("Plot 3");
        grower.settledAt("/desk/beds?season=2027");
        grower.page.mouse().click(to.x + to.width / 2, to.y + 10);
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk/plantings/new.*from=2027-0[67].*"));
        grower.choose("Variety", "Lantern Quay, tomato");
        assertThat(grower.field("Set out on")).hasValue(Pattern.compile("\\d{2}/0[67]/2027"));
    }

    @Test
    void aStrangerFindsAThreatTriesAWayOutKeepsItAndTakesItBack() {
        grower.at("/desk?season=2027");
        grower.button("Long Ferry").first().click();
        assertThat(chosen()).containsText("Barrow Moon");
        assertThat(chosen()).containsText("They bloom together");
        assertThat(chosen().locator("h2")).containsText("crosses");

        way("by hand");
        assertThat(chosen().locator("h2")).containsText("clear");
        grower.sees("4 of 10 seed crops would cross as planned");
        grower.act("Back to the plan");
        assertThat(chosen().locator("h2")).containsText("crosses");

        way("by hand");
        // What it would come to is told above the act, and moves it.
        assertThat(chosen().locator("h2")).containsText("clear");
        grower.settles();
        grower.act("Save this way");
        grower.sees("Saved: Pollinate");
        assertThat(chosen().locator("h2")).containsText("clear");
        assertThat(chosen()).containsText("Pollinated by hand");
        grower.act("Undo");
        assertThat(chosen().locator("h2")).containsText("crosses");
        grower.sees("5 of 10 seed crops would cross as planned");
    }

    @Test
    void twoStepsAreKeptAndTakenBackTogether() {
        grower.at("/desk?season=2027");
        grower.button("Long Ferry").first().click();
        way("Cage Long Ferry and Barrow Moon, open by turns");
        assertThat(chosen().locator("h2")).containsText("clear");
        grower.settles();
        grower.act("Save this way");
        grower.sees("Saved: Cage Long Ferry and Barrow Moon, open by turns.");
        assertThat(chosen()).containsText("Stands in a cage that is opened by turns");
        grower.sees("3 of 10 seed crops would cross as planned");
        grower.button("Barrow Moon").first().click();
        assertThat(chosen().locator("h2")).containsText("Barrow Moon");
        assertThat(chosen().locator("h2")).containsText("clear");
        assertThat(chosen()).containsText("Stands in a cage that is opened by turns");
        grower.act("Undo");
        assertThat(chosen().locator("h2")).containsText("crosses");
        grower.sees("5 of 10 seed crops would cross as planned");
    }

    @Test
    void allIsReachedByKeyboard() {
        grower.at("/desk?season=2027");
        assertThat(chosen()).containsText("Ways out");
        String before = chosen().locator("h2").innerText();
        grower.page.keyboard().press("t");
        assertThat(grower.page.locator("[aria-pressed=true]").last()).isVisible();
        assertThat(chosen()).containsText("Threats to purity, as tried");
        grower.page.keyboard().press("b");
        assertThat(chosen()).containsText("Threats to purity");
        assertThat(chosen().locator("h2")).hasText(before);
        grower.page.keyboard().press("c");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk/plantings/.*"));
    }

    @Test
    void aNeighbourIsAskedFromTheDesk() {
        Season season = new Season(port);
        season.grower
                .post(
                        "/api/neighbours",
                        record(
                                "name", "Croft by the spring",
                                "cropKey", "pumpkin-pepo",
                                "outline", record("east", 4500, "north", -3000),
                                "area", 30,
                                "season", 2027,
                                "bloomFirst", "2027-07-01",
                                "bloomLast", "2027-08-05",
                                "seenOn", "2026-08-10",
                                "sure", true))
                .ok();
        String courgette = season.grower
                .post(
                        "/api/plantings",
                        Season.with(
                                Season.plantingOf(
                                        season.variety("courgette"), season.plotAt(4600, -3000), "2027-05-10", 20),
                                "season",
                                2027))
                .ok()
                .get("id")
                .asString();
        grower.at("/desk?season=2027&planting=" + courgette);
        way("Ask Croft by the spring");
        assertThat(chosen().locator("h2")).containsText("tight");
        grower.settles();
        grower.act("Save this way");
        grower.sees("Saved: Ask Croft by the spring to cut theirs");
        assertThat(chosen()).containsText("rests on a report that is not sure");
        grower.at("/field?season=2027");
        grower.inRow("Croft by the spring", "neighbour").click();
        grower.sees("a promise until you have seen it done");
        grower.act("I have seen it cut");
        grower.sees("Croft by the spring is seen cut.");
        grower.sees("Seen cut on 14 Aug");
        grower.act("Undo");
        grower.sees("a promise until you have seen it done");
        season.grower
                .post(
                        "/api/plantings/" + courgette + "/given-up",
                        record("version", 0, "reason", "only a test", "givenUp", true))
                .ok();
    }

    @Test
    void aSchemeIsHeldAgainstThePlanAndDropped() {
        grower.at("/desk/what-if?season=2027");
        grower.type("Another question", "no courgette");
        grower.act("Copy the plan");
        grower.sees("what if: no courgette");
        grower.button("Long Ferry").first().click();
        grower.act("Change the plan");
        grower.type("Why it is given up", "too near the squash");
        grower.act("Give it up");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk/what-if.*"));
        Locator crosses =
                grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("would cross"));
        assertThat(crosses).containsText("2 fewer: better");
        grower.act("Drop it");
        grower.sees("what if 2027 were planned otherwise?");
        grower.at("/desk?season=2027");
        assertThat(grower.button("Long Ferry").first()).isVisible();
    }

    @Test
    void theCalendarIsReadSavedAndFed() {
        grower.at("/desk/calendar?season=2027");
        grower.sees("Replant the Brine beetroot");
        grower.act("Open a feed");
        Locator address = grower.page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Its address")));
        String url = address.inputValue();
        assertThat(new Client(port).get(url.substring(url.indexOf("/calendar"))).text())
                .startsWith("BEGIN:VCALENDAR");
        grower.act("revoke it");
        grower.sees("A feed is a secret address");
        grower.link("Beds").click();
        grower.sees("Plot 2, bed 6");
        assertThat(grower.link("Gale Warden").first()).isVisible();
    }

    @Test
    void aBedIsChosenByMetresAndRestIsOverruledWithAReason() {
        Season season = new Season(port);
        String plot = season.plotAt(-4600, 3600);
        season.grower
                .post(
                        "/api/beds",
                        record("plotId", plot, "name", "Bed 1", "outline", Season.rectangle(-4600, 3600, 30, 2)))
                .ok();
        String pea = season.variety("pea");
        season.grower
                .post("/api/plantings", Season.with(Season.plantingOf(pea, plot, "2025-03-20", 40), "season", 2025))
                .ok();
        grower.at("/desk/plantings/new?season=2026&variety=" + pea);
        String name = season.grower.get("/api/ground?season=2026").json().toString();
        assertThat(name).contains(plot);
        grower.field("Plot").selectOption(plot);
        grower.page
                .getByLabel("Bed 1", new Page.GetByLabelOptions().setExact(true))
                .check();
        grower.page.getByLabel("Bed 1, to metre").fill("12");
        grower.type("Sown on", "2026-03-20");
        grower.type("Plants", "60");
        grower.act("Save planting");
        assertThat(grower.alert()).containsText("That family comes back every 3 years");
        grower.type("Why it may stand here all the same", "the only sheltered bed");
        grower.act("Save planting");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk\\?season=2026&planting=.*"));
        assertThat(chosen()).containsText("bed 1 from 0 to 12 m");
    }

    @Test
    void aPerennialIsKeptAnotherYear() {
        Season season = new Season(port);
        String fennel = season.variety("fennel");
        String plot = season.plotAt(-4600, 3900);
        grower.at("/desk/plantings/new?season=2026&variety=" + fennel);
        grower.field("Plot").selectOption(plot);
        grower.type("Sown on", "2024-04-20");
        grower.type("Plants", "60");
        grower.act("Save planting");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk\\?season=2026&planting=.*"));
        grower.act("Change the plan");
        grower.act("They stand on in 2027");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk\\?season=2027&planting=.*"));
        assertThat(chosen()).containsText("60 plants for market seed");
    }

    @Test
    void whatIsKeptByBulbsIsPlannedAsStock() {
        Season season = new Season(port);
        String garlic = season.variety("garlic");
        String plot = season.plotAt(-4600, 4200);
        grower.at("/desk/plantings/new?season=2026&variety=" + garlic);
        assertThat(grower.field("For")).hasValue("PLANTING_STOCK");
        assertThat(grower.field("Germination")).hasCount(0);
        grower.field("Plot").selectOption(plot);
        assertThat(grower.field("Lifted on")).hasValue("24/07/2026");
        grower.type("Planted on", "2025-10-10");
        grower.type("Plants", "80");
        grower.type("Lifted on", "");
        grower.act("Save planting");
        assertThat(grower.alert()).containsText("Say when the stock is lifted");
        grower.type("Lifted on", "2026-07-20");
        grower.act("Save planting");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk\\?season=2026&planting=.*"));
        grower.sees("What keeps the clone");
        grower.sees("too few");
        grower.sees("bulbs to put in store");
    }

    @Test
    void aFigureOfTheFarmsOwnIsTriedOnThePlanBeforeItIsKept() {
        grower.at("/handbook/courgette");
        grower.page.getByLabel("Change isolation, market").click();
        grower.type("isolation, market, on this farm", "1000");
        grower.sees("It changes");
        assertThat(grower.page
                        .getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("Long Ferry"))
                        .first())
                .containsText("2026");
        grower.act("Save");
        assertThat(grower.alert()).containsText("Why");
        assertThat(grower.field("isolation, market, on this farm")).hasValue("1000");
        grower.act("Leave it");
        assertThat(grower.button("Save")).hasCount(0);
    }
}
