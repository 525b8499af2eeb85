package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;
import theriseed.server.DemoFarmTest;

/**
 * The map, by hand and by keyboard: drawing, moving, undoing, dragging a planting, files. On a farm of its own, since far
 * plots of other tests would make the map too small for a hand to draw on.
 */
@DemoFarmTest
@TestPropertySource(properties = "test.farm=for the map")
class FieldTest {
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

    private Locator panel() {
        return grower.page.locator("section[aria-live]");
    }

    @Test
    void aPlantingIsDraggedItsDistancesFollowAndItIsPutOnAFreePlot() {
        grower.at("/field?season=2027");
        List<String> underWay = new ArrayList<>();
        List<Integer> most = new ArrayList<>(List.of(0));
        grower.page.onRequest(request -> {
            if (tried(request)) {
                underWay.add(request.url());
                most.add(underWay.size());
            }
        });
        grower.page.onRequestFinished(request -> {
            if (tried(request)) {
                underWay.remove(request.url());
            }
        });
        grower.drag(-242, 10, -237, 112);
        assertThat(panel()).containsText("Moving");
        assertThat(panel()).containsText("Barrow Moon");
        assertThat(panel().getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Barrow Moon")))
                .containsText("m / 800 m");
        grower.page.mouse().up();
        assertThat(panel()).containsText("There is no free room for it on that plot");
        assertThat(most.stream().mapToInt(Integer::intValue).max().orElseThrow())
                .as("questions under way at once")
                .isLessThanOrEqualTo(1);
        grower.act("Back");
        assertThat(panel()).containsText("Stands on Plot 8");

        grower.drag(-242, 10, -133, 34);
        grower.page.mouse().up();
        assertThat(panel()).containsText("Tried on Plot 7");
        grower.act("Put it here");
        grower.sees("Long Ferry is planned on Plot 7, bed 1.");
        grower.act("Undo");
        assertThat(panel()).containsText("Stands on Plot 8");
    }

    private static boolean tried(Request request) {
        return request.url().endsWith("/tried");
    }

    @Test
    void aShapeIsDrawnOnTheMapMovedAndTakenBack() {
        grower.at("/field");
        grower.act("Ground");
        grower.inRow("Barrier", "On the map").click();
        for (double[] corner : new double[][] {{-60, -110}, {-20, -110}, {-20, -70}, {-60, -70}, {-60, -110}}) {
            grower.clickOnMap(corner[0], corner[1]);
        }
        grower.type("Name", "New hedge");
        assertThat(panel()).containsText(Pattern.compile("1,\\d\\d\\d m²"));
        grower.act("Save barrier");
        grower.sees("New hedge is on the map.");
        grower.act("Undo");
        assertThat(panel().getByText("New hedge")).hasCount(0);

        grower.act("Farmstead");
        assertThat(grower.heading("Farmstead")).isVisible();
        String east = grower.field("Middle, east of the farm’s spot").inputValue();
        grower.drag(20, 240, 50, 240);
        grower.page.mouse().up();
        grower.sees("Farmstead is drawn otherwise.");
        assertThat(grower.field("Middle, east of the farm’s spot")).not().hasValue(east);
        grower.act("Undo");
        assertThat(grower.field("Middle, east of the farm’s spot")).hasValue(east);
    }

    @Test
    void everythingOnTheMapIsAlsoDoneFromTheListByKeyboard() {
        grower.at("/field");
        grower.page.keyboard().press("g");
        Locator plot = grower.inRow("Plot", "By numbers");
        plot.focus();
        grower.page.keyboard().press("Enter");
        grower.type("Name", "Outfield");
        grower.type("Middle, east of the farm’s spot", "420");
        grower.type("Middle, north of it", "140");
        grower.type("Width", "40");
        grower.type("Length", "12");
        grower.type("Turned", "15");
        grower.page.keyboard().press("Enter");
        grower.sees("Outfield is on the map.");
        Locator outfield = grower.button("Outfield");
        outfield.focus();
        grower.page.keyboard().press("Enter");
        assertThat(panel()).containsText("480 m²; sides 40 m, 12 m, 40 m, 12 m.");
        grower.type("Middle, east of the farm’s spot", "125");
        grower.type("Why it is drawn otherwise", "measured again");
        grower.page.keyboard().press("Enter");
        assertThat(grower.alert()).containsText("would lie on Plot 10");
        assertThat(grower.field("Middle, east of the farm’s spot")).hasValue("125");
        grower.act("take it off the map");
        grower.sees("Outfield is off the map.");
    }

    @Test
    void bedsAreLaidBesideEachOtherByTheirNumbers() {
        grower.at("/field");
        grower.act("Ground");
        grower.inRow("Plot", "By numbers").click();
        grower.type("Name", "Terrace");
        grower.type("Middle, east of the farm’s spot", "420");
        grower.type("Middle, north of it", "-260");
        grower.type("Width", "40");
        grower.type("Length", "12");
        grower.act("Save plot");
        grower.sees("Terrace is on the map.");
        grower.inRow("Bed", "By numbers").click();
        grower.choose("Plot", "Terrace");
        assertThat(grower.field("Name")).hasValue("Bed 1");
        assertThat(grower.field("Width")).hasValue("39");
        assertThat(grower.field("Middle, north of it")).hasValue("-255.1");
        grower.act("Save bed");
        grower.sees("Bed 1 is on the map.");
        grower.inRow("Bed", "By numbers").click();
        assertThat(grower.field("Name")).hasValue("Bed 2");
        assertThat(grower.field("Middle, north of it")).hasValue("-256.8");
        grower.act("Save bed");
        grower.sees("Bed 2 is on the map.");
    }

    @Test
    void theWeekSliderShowsWhatBlooms() {
        grower.at("/field?season=2026");
        Locator week = grower.page.getByRole(AriaRole.SLIDER);
        week.fill("2");
        grower.sees("0 in bloom");
        week.fill("28");
        assertThat(week).hasAttribute("aria-valuetext", Pattern.compile("week of .*, [1-9].* in bloom"));
    }

    @Test
    void theGroundIsSavedAndReadAgainAndABadFileIsRefusedInWords() throws IOException {
        grower.at("/field");
        grower.act("Ground");
        grower.act("save it as a file, or read one in");
        Download saved = grower.page.waitForDownload(
                () -> grower.link("Save the ground as a file").click());
        Locator file = grower.page.getByLabel("Read a GeoJSON file");
        file.setInputFiles(saved.path());
        grower.sees("all as they are already; nothing would change");
        String text = Files.readString(saved.path()).replace("Stone barn", "Old barn");
        file.setInputFiles(payload(text));
        grower.sees("changed");
        file.setInputFiles(payload("{\"type\": \"FeatureColl"));
        assertThat(grower.alert()).containsText("not JSON");
        file.setInputFiles(payload(" ".repeat(10_000_100)));
        assertThat(grower.alert()).containsText("larger than 10 MB");
    }

    private static FilePayload payload(String text) {
        return new FilePayload("ground.geojson", "application/geo+json", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aVisitorLooksAndChangesNothing() {
        try (Person visitor = Person.atDesk(port).signedIn("visitor")) {
            visitor.at("/field?season=2027");
            assertThat(visitor.page.getByTestId("map")).isVisible();
            assertThat(visitor.button("Ground")).hasCount(0);
            visitor.inRow("Plot 11", "Barrow Moon").click();
            assertThat(visitor.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it here")))
                    .hasCount(0);
        }
    }

    @Test
    void aGardenNobodyKnowsIsNotedWithoutACrop() {
        grower.at("/field?season=2027");
        grower.act("Ground");
        grower.inRow("Neighbour’s crop", "By numbers").click();
        grower.page.getByLabel("Whose, or where").fill("Over the wall");
        grower.page.getByLabel("What is known of it").selectOption("GARDEN");
        assertThat(grower.page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)))
                .hasCount(0);
        grower.sees("a twentieth of its ground");
        grower.page.getByLabel("Ground of the garden").fill("600");
        grower.page.getByLabel("Middle, east of").fill("-60");
        grower.page.getByLabel("Middle, north of").fill("-200");
        grower.act("Save note");
        grower.sees("Over the wall is on the map.");
        assertThat(panel()).containsText("a garden, its plants not known");
        grower.act("Undo");
        assertThat(panel()).not().containsText("a garden, its plants not known");
    }
}
