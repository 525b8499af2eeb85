package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** Whole tasks with nothing but the keyboard: what has the focus is found by going on from where the work was. */
@DemoFarmTest
class KeyboardTest {
    /** Stops on the way to something further on, at most. */
    private static final int STOPS = 60;

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
        assertThat(grower.complaints).isEmpty();
        grower.close();
    }

    /** Goes on by Tab until this has the focus. */
    private void goOnTo(Locator wanted) {
        for (int i = 0; i < STOPS; i++) {
            if ((boolean) wanted.evaluate("part => part === document.activeElement")) {
                return;
            }
            press("Tab");
        }
        assertThat(wanted).isFocused();
    }

    private void press(String key) {
        grower.page.keyboard().press(key);
    }

    private void type(String label, String text) {
        type(grower.field(label), text);
    }

    private void type(Locator field, String text) {
        goOnTo(field);
        grower.page.keyboard().type(text);
    }

    private void does(String button) {
        goOnTo(grower.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button))));
        press("Enter");
    }

    @Test
    void aLotIsFoundThreshedAndScreened() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        season.step(number, Season.with(Season.stepOf("DRY", 9000, 8000), "moistureOut", 12));
        grower.settledAt("/today");
        press("/");
        grower.page.keyboard().type(number);
        press("Enter");
        assertThat(grower.page).hasURL(Pattern.compile(".*/lot/" + number));
        assertThat(grower.button("To the bench")).isVisible();
        press("b");
        assertThat(grower.heading("Next: thresh")).isVisible();
        type("Mass out", "5.2");
        type("Removed", "2.7");
        does("Save step");
        assertThat(grower.heading("Next: screen")).isFocused();
        type("Mass out", "9.9");
        does("Save step");
        assertThat(grower.field("Mass out")).isFocused();
        press("ControlOrMeta+a");
        grower.page.keyboard().type("5.1");
        does("Save step");
        assertThat(grower.heading("Next: winnow")).isFocused();
    }

    @Test
    void packetsAreSold() {
        String number = season.sellable();
        season.packed(number, 50, 40);
        grower.settledAt("/stall/" + number);
        Locator sell = grower.page.locator("form").filter(new Locator.FilterOptions().setHasText("To whom"));
        type("To whom", "Market by keyboard");
        type(sell.getByLabel("Packets"), "12");
        type("Price in all", "30");
        does("Sold");
        grower.sees("28 packets left, 12 sold");
    }

    @Test
    void aWalkIsWalked() {
        String planting = season.planted("kale", "2025-07-20", 90);
        grower.settledAt("/walk/" + planting);
        goOnTo(grower.page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Looked at"))));
        for (int i = 0; i < 12; i++) {
            press("Enter");
        }
        grower.sees("0 off in 12");
        does("End of the walk");
        does("Record");
        assertThat(grower.page).hasURL(Pattern.compile(".*/today"));
    }
}
