package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;

/** A crop that the Handbook does not have. */
@DemoFarmTest
class OwnCropTest {
    @LocalServerPort
    int port;

    private Person grower;

    @BeforeEach
    void atTheDesk() {
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void close() {
        grower.close();
    }

    @Test
    void isBegunFromALikeOneChangedAndGrown() {
        grower.at("/handbook");
        grower.link("one of your own").first().click();
        assertThat(grower.button("Begin it")).isDisabled();
        grower.page.getByLabel("Like which crop").selectOption("tomato");
        grower.type("Name", "Tomato");
        grower.act("Begin it");
        assertThat(grower.alert()).containsText("would be mixed up with Tomato");
        grower.type("Name", "Pepino");
        grower.type("Species", "Solanum muricatum");
        grower.choose("Does it cross with Tomato?", "no");
        grower.act("Begin it");
        assertThat(grower.page).hasURL(Pattern.compile(".*/handbook/pepino/own$"));
        grower.sees("figures are your own; the others are those of Tomato");
        assertThat(grower.field("Species")).hasValue("Solanum muricatum");
        grower.type("Days of flowering", "none");
        grower.type("Why it is changed", "seen on this farm");
        grower.act("Save the crop");
        assertThat(grower.alert()).containsText("Days of flowering");
        grower.type("Days of flowering", "75");
        grower.sees("own; Tomato: ");
        grower.act("Save the crop");
        assertThat(grower.page).hasURL(Pattern.compile(".*/handbook/pepino$"));
        grower.sees("A crop of your own");
        grower.sees("only other varieties of itself");
        grower.at("/desk/varieties/new");
        grower.field("Crop").selectOption("pepino");
        grower.type("Name", "Strand Pear");
        grower.type("Source", "a neighbour");
        grower.type("Year received", "2025");
        grower.page.keyboard().press("Enter");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk/plantings/new\\?variety=.*"));
        assertThat(grower.field("Sown on")).not().hasValue("");
    }
}
