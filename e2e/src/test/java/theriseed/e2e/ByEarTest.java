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

/** Whole tasks as a screen reader tells them: by roles, names and descriptions, and by what is announced. */
@DemoFarmTest
class ByEarTest {
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

    private Locator part(AriaRole role, String name) {
        return grower.page.getByRole(
                role, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void announced(String page) {
        assertThat(grower.page.locator("#svelte-announcer")).containsText(page);
    }

    @Test
    void aLotIsReachedAndSoldFrom() {
        String number = season.sellable();
        season.packed(number, 50, 40);
        grower.settledAt("/today");
        part(AriaRole.NAVIGATION, "Rooms")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Stall"))
                .click();
        announced("Stall");
        grower.at("/lot/" + number);
        assertThat(grower.page.getByRole(AriaRole.MAIN)).matchesAriaSnapshot("""
                - main:
                  - heading "Seed room / lot" [level=1]
                  - text: may be sold as market seed
                  - button "Pack or sell"
                  - link "Tests"
                  - navigation "More of this lot":
                    - link "Blend or split"
                """);
        grower.act("Pack or sell");
        announced("Sell");
        part(AriaRole.COMBOBOX, "To whom").fill("Market by ear");
        assertThat(part(AriaRole.COMBOBOX, "From")).hasAccessibleName("From");
        part(AriaRole.TEXTBOX, "Packets").first().fill("50");
        part(AriaRole.BUTTON, "Sold").click();
        assertThat(grower.alert()).containsText("50");
        Locator packets = part(AriaRole.TEXTBOX, "Packets").first();
        assertThat(packets).isFocused();
        assertThat(packets).hasAccessibleDescription(Pattern.compile(".*40.*"));
        packets.fill("12");
        part(AriaRole.TEXTBOX, "Price in all").fill("30");
        part(AriaRole.BUTTON, "Sold").click();
        grower.sees("28 packets left, 12 sold");
    }

    @Test
    void aWalkTellsItsVerdictAsItGoes() {
        String planting = season.planted("kale", "2025-07-20", 90);
        grower.settledAt("/walk/" + planting);
        Locator pad = grower.page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Looked at \\d+\\. Tap for one")));
        Locator verdict =
                grower.page.locator("[aria-live=polite]").filter(new Locator.FilterOptions().setHasText("off in"));
        for (int i = 0; i < 5; i++) {
            pad.press("Enter");
        }
        assertThat(verdict).containsText("0 off in 5");
        Locator pull = grower.page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("pull"));
        assertThat(pull).isChecked();
        grower.page
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^something else")))
                .click();
        assertThat(verdict).containsText("1 off in");
    }

    @Test
    void whatIsRefusedIsToldOnceAndWhereTheWorkGoesOn() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        grower.settledAt("/bench/" + number);
        Locator out = part(AriaRole.TEXTBOX, "Mass out");
        out.fill("95");
        part(AriaRole.COMBOBOX, "Unit of mass out").selectOption("kg");
        grower.act("Save step");
        assertThat(out).isFocused();
        assertThat(out).hasAttribute("aria-invalid", "true");
        assertThat(out).hasAccessibleDescription(Pattern.compile(".*more than the 9 kg there can be.*"));
        assertThat(grower.page
                        .getByRole(AriaRole.ALERT)
                        .filter(new Locator.FilterOptions().setHasText("more than the 9 kg")))
                .hasCount(1);
    }
}
