package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** Watching seed ripen, picking it in several goes, and what is read at the bench. */
@DemoFarmTest
class AtTheBenchTest {
    /** A serial port with nothing behind it: what is told to say stands on the page's window. */
    private static final String SIMULATED_PORT = """
            (() => {
                let line;
                const port = {
                    readable: null,
                    getInfo: () => ({}),
                    open: async () => {
                        port.readable = new ReadableStream({ start: (there) => void (line = there) });
                    },
                    close: async () => {}
                };
                Object.defineProperty(navigator, 'serial', {
                    value: { requestPort: async () => port, getPorts: async () => [] }
                });
                window.saysAgainAndAgain = (text) =>
                    setInterval(() => line.enqueue(new TextEncoder().encode(text)), 200);
            })()""";

    @LocalServerPort
    int port;

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
        season.grower
                .post("/api/instruments/scale", Map.of("load", 0, "plugged", true))
                .ok();
    }

    @Test
    void visitsSayWhenToCut() {
        String planting = season.planted("lettuce", "2026-05-20", 60);
        grower.at("/harvest/" + planting);
        grower.act("When to cut, and how often");
        grower.sees("From its bloom alone");
        grower.type("Ripe", "70");
        grower.sees("Between 0 and 60 can be ripe.");
        assertThat(grower.button("Write the visit down")).isDisabled();
        grower.type("Ripe", "12");
        grower.act("Write the visit down");
        grower.sees("12 of 60 ripe");
        grower.sees("moved by one visit");
        grower.sees("Today 19 % is ripe");
        grower.button("Correct: the visit of 14 Aug").click();
        grower.page
                .getByRole(AriaRole.DIALOG)
                .getByLabel("Ripe", new Locator.GetByLabelOptions().setExact(true))
                .fill("30");
        grower.type("Why it is corrected", "the wrong row");
        grower.act("Save correction");
        grower.sees("30 of 60 ripe");
        grower.sees("the wrong row");
    }

    @Test
    void aSecondPickJoinsTheLotUnderTheNextContainersNumber() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String number = season.picked(planting, 5000, 290);
        grower.at("/harvest/" + planting);
        grower.act("Pick into this one");
        assertThat(grower.page.locator(".tag.large .number")).hasText(number);
        grower.type("Containers", "2");
        assertThat(grower.link("Print the labels"))
                .hasAttribute("href", "/api/lots/" + number + "/label.pdf?containers=2&first=2");
        grower.weigh("Mass", "1.2", "kg");
        grower.type("Plants picked", "60");
        grower.choose("Picked from", "a stretch of it");
        grower.act("Into the lot");
        grower.sees("Say which stretch");
        grower.type("Which", "bed 2, to 12 m");
        grower.act("Into the lot");
        assertThat(grower.page).hasURL(Pattern.compile(".*/bench/" + number));
        grower.sees("a stretch of it: bed 2, to 12 m");
        grower.sees("2 containers");
    }

    /** Nine kilograms of peas on a tray. */
    private String drying() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        Map<String, Object> begun = with(stepOf("DRY", 9000, 9000), "moistureIn", 40, "target", 12);
        begun.remove("massOut");
        begun.remove("endedAt");
        season.step(number, begun);
        return number;
    }

    @Test
    void aTrayOnTheScaleTellsHowDryItIs() {
        grower.at("/bench/" + drying());
        grower.sees("40.0 % moist; dry at 6.14 kg");
        grower.page.getByText("Use the simulated scale").click();
        grower.weigh("On the pan", "7.2", "kg");
        grower.act("Put it on");
        grower.button("Take 7.2 kg from the scale").first().click();
        grower.button("Note it").first().click();
        grower.sees("25.0 % moist; dry at 6.14 kg");
        grower.sees("simulated scale, grower");
        grower.act("Unplug it");
        grower.sees("not heard");
        assertThat(grower.button("from the scale")).hasCount(0);
    }

    @Test
    void aScaleOnACableIsJoinedAndReadInsteadOfTheSimulatedOne() {
        grower.page.addInitScript(SIMULATED_PORT);
        grower.at("/bench/" + drying());
        grower.page.getByText("Join a scale or thermometer to this computer").click();
        grower.choose("Rate, baud", "4800");
        grower.act("Choose its port");
        grower.sees("scale, serial is joined, and says nothing");
        grower.page.evaluate("() => saysAgainAndAgain(' 7.150 kg\\r\\n')");
        grower.button("Take 7.15 kg from the scale").first().click();
        grower.button("Note it").first().click();
        grower.sees("scale, serial, grower");
        grower.button("Let it go").click();
        grower.sees("simulated");
        assertThat(grower.button("Take 7.15 kg")).hasCount(0);
    }

    @Test
    void aLotGoesAnotherWay() {
        String number = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        grower.at("/bench/" + number);
        grower.page.getByText("Go another way").click();
        grower.button("wash").first().click();
        assertThat(grower.page.getByRole(AriaRole.LIST).and(grower.page.getByLabel("Chain")))
                .not()
                .containsText("ferment");
        grower.button("Leave out extract").click();
        assertThat(grower.heading("Next: rinse and pour off")).isVisible();
        grower.type("Save this order as", "straight to the tub");
        grower.page
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Save").setExact(true))
                .click();
        grower.sees("straight to the tub");
    }

    @Test
    void aWeightInTheWrongUnitIsAskedAboutAndACorrectionShowsWhatItChanges() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        season.step(number, with(stepOf("DRY", 9000, 8000), "moistureOut", 12));
        grower.at("/bench/" + number);
        grower.weigh("Mass out", "5.2", "g");
        grower.sees("would be unheard of here");
        grower.act("It was 5.2 kg");
        grower.weigh("Removed", "2.7", "kg");
        grower.act("Save step");
        assertThat(grower.heading("Next: screen")).isFocused();
        season.step(number, with(stepOf("SCREEN", 5200, 5100), "minutes", 10));
        grower.at("/bench/" + number);
        grower.inRow("threshed", "correct").click();
        grower.weigh("Mass out", "5.3", "kg");
        assertThat(grower.page
                        .getByRole(AriaRole.TABLE)
                        .filter(new Locator.FilterOptions().setHasText("What it changes")))
                .containsText("screened");
        grower.type("Why it is corrected", "the bowl was weighed with it");
        grower.act("Save correction");
        assertThat(grower.page.locator("tr[id^=record-]").filter(new Locator.FilterOptions().setHasText("screened")))
                .containsText("5.3 kg");
    }

    @Test
    void lotsAreTransferredTogetherAndWhoHasTheirSeedIsKnown() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String one = season.picked(planting, 9000, 200);
        String other = season.picked(planting, 3000, 150);
        season.cleaned(one, 9000);
        season.cleaned(other, 3000);
        grower.at("/lot/" + one);
        grower.act("Blend or split");
        grower.page.getByLabel(other).check();
        grower.sees("nothing can be foretold");
        grower.act("Blend");
        grower.sees("print the label first");
        String blend = grower.page.locator(".tag.large .number").last().textContent();
        grower.at("/lot/" + blend);
        grower.sees("blended of other lots");
        grower.sees("from " + one);
        grower.at("/lot/" + one);
        grower.sees("into " + blend);
        grower.act("Family and recall");
        grower.sees("Nothing of it went to anybody.");
        assertThat(grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(blend)))
                .containsText("blended of other lots");
    }

    @Test
    void lotsOfACropAreSeenSideBySide() {
        grower.at("/yields?crop=tomato");
        grower.sees("Recovery, step by step");
        grower.choose("Clean seed", "an hour of work");
        assertThat(grower.page
                        .getByRole(AriaRole.ROW)
                        .filter(new Locator.FilterOptions().setHas(grower.page.getByRole(AriaRole.ROWHEADER))))
                .not()
                .hasCount(0);
        assertThat(grower.link("Take the table along (CSV)")).hasAttribute("href", "/api/yields.csv?crop=tomato");
    }
}
