package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.with;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** From seed that was sown to whoever has what it gave, and calling it back. */
@DemoFarmTest
class FamilyTest {
    @LocalServerPort
    int port;

    Season season;
    Person grower;
    String variety;
    String old;
    String oldPlanting;
    String planting;

    @BeforeEach
    void seedOfLastYear() {
        season = new Season(port);
        variety = season.variety("pea");
        oldPlanting = season.grower
                .post("/api/plantings", with(plantingOf(variety, season.plot(), "2025-03-20", 300), "season", 2025))
                .ok()
                .get("id")
                .asString();
        old = season.numbered(oldPlanting);
        season.grower
                .post("/api/lots/" + old + "/picks", with(harvestOf(4000, 250), "pickedOn", "2025-08-01"))
                .ok();
        season.cleaned(old, 4000);
        planting = season.grower
                .post("/api/plantings", plantingOf(variety, season.plot(), "2026-03-20", 300))
                .ok()
                .get("id")
                .asString();
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void leave() {
        grower.close();
    }

    private Locator row(String text) {
        return grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(text));
    }

    private Locator dialog() {
        return grower.page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void whatWasSownIsWrittenDownAndFollowedBothWays() {
        grower.at("/desk?season=2026&planting=" + planting);
        grower.act("What it was sown with");
        assertThat(grower.page).hasURL(Pattern.compile(".*/sown/" + planting));
        grower.sees("Nothing is written down yet");
        assertThat(grower.field("Lot")).hasValue(old);
        grower.type("How much", "1,000,000");
        grower.act("Sown");
        assertThat(grower.alert()).containsText("Was it");
        grower.type("How much", "95");
        grower.act("Sown");
        grower.sees("95 g of " + old);
        grower.sees("generation 2 or later grown here");

        grower.at("/sown/" + oldPlanting);
        grower.act("Sown with this");
        assertThat(grower.alert()).containsText("From whom");
        grower.type("From whom", "a neighbour's jar");
        grower.type("Year of its harvest", "2024");
        grower.act("Sown with this");
        grower.sees("From a neighbour's jar, harvest 2024");

        season.walked(planting, 300);
        String young = season.picked(planting, 6000, 250);
        season.cleaned(young, 6000);
        grower.at("/lot/" + young);
        grower.sees("generation 2 grown here; sown with " + old);
        grower.act("Family and recall");
        assertThat(grower.page.locator("svg text").getByText("sown 95 g")).isVisible();
        assertThat(row("from elsewhere")).containsText("a neighbour's jar");
        assertThat(row(old)).containsText("it came of");
        grower.page.getByLabel(Pattern.compile("^" + old + ":")).click();
        assertThat(grower.page).hasURL(Pattern.compile(".*/lot/" + old));
        grower.act("Family and recall");
        assertThat(row(young)).containsText("may carry its seed");
    }

    @Test
    void seedIsCalledBackHeldAndWhoHasItTold() {
        season.grower
                .post(
                        "/api/plantings/" + planting + "/sown",
                        Season.record("number", old, "sownOn", "2026-03-20", "mass", 95, "note", ""))
                .ok();
        season.walked(planting, 300);
        String young = season.picked(planting, 6000, 250);
        season.cleaned(young, 6000);
        season.tested(young, 24.1, 23.9, 24.3, 24.0);
        season.grower
                .post(
                        "/api/lots/" + young + "/sales",
                        with(saleOf(season.packed(young, 50, 20), 4), "customer", "Hill croft"))
                .ok();
        grower.at("/lot/" + old + "/family");
        grower.act("Hold 2 lots");
        grower.act("Hold them");
        assertThat(grower.alert()).containsText("Why");
        grower.type("Why", "labels changed in the shed");
        grower.act("Hold them");
        grower.sees("All that is here is on hold");
        assertThat(row(young).last()).containsText("labels changed in the shed");

        assertThat(row("Hill croft")).containsText("4 packets of " + young);
        assertThat(row("Hill croft")).containsText("not told yet");
        grower.button("Mark as told: Hill croft").click();
        dialog().getByLabel("How").fill("by phone");
        dialog().getByText("Save").click();
        assertThat(row("Hill croft")).containsText("by phone");
    }
}
