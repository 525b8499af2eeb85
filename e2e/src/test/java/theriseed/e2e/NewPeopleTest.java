package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;

/** Somebody comes to the farm by a link, is signed out in the middle of something, and goes. */
@DemoFarmTest
class NewPeopleTest {
    private static final String CHOSEN = "four damp boots by noon";

    @LocalServerPort
    int port;

    @Test
    void aHandIsInvitedComesInOnAPhoneAndGoesAgain() {
        try (Person grower = Person.atDesk(port).signedIn("grower");
                Person hand = Person.inTheRows(port)) {
            grower.at("/today");
            grower.link("Skerrow").first().click();
            grower.link("People").click();
            grower.type("Name", "Hand");
            grower.act("Make the invitation");
            assertThat(grower.alert()).containsText("Somebody is called Hand already");
            grower.type("Name", "Mo");
            grower.act("Make the invitation");
            assertThat(grower.page.getByLabel("The link as a QR code")).isVisible();
            String link = grower.field("The link").inputValue();

            hand.page.navigate(link.substring(link.indexOf("/come-in")));
            hand.sees("Welcome, Mo");
            hand.type("Choose a password", "mo mo mo mo");
            hand.act("Come in");
            assertThat(hand.alert()).containsText("guessed early");
            hand.type("Choose a password", CHOSEN);
            hand.act("Come in");
            assertThat(hand.page).hasURL(Pattern.compile(".*/today"));

            grower.settledAt("/farm/people");
            Locator mo = person(grower, "Mo");
            assertThat(mo).containsText("signed in at 1 place");

            // In the middle of something Mo is signed out, and goes on with it.
            hand.settledAt("/account");
            hand.type("Current password", "half typed");
            mo.locator("summary").click();
            grower.button("Sign out everywhere").click();
            assertThat(mo).containsText("signed in nowhere");
            hand.choose("Units", "ounces, feet, °F");
            assertThat(hand.page.getByText("what you had open, and typed, is still there"))
                    .isVisible();
            assertThat(hand.field("Name")).hasValue("Mo");
            hand.type("Password", CHOSEN);
            hand.act("Sign in");
            assertThat(hand.field("Current password")).hasValue("half typed");

            grower.button("End the account").click();
            grower.sees("signed out everywhere at once");
            grower.button("End Mo’s account").click();
            assertThat(person(grower, "Mo")).containsText("ended");
            hand.choose("Theme", "Lamp, for the dim shed");
            assertThat(hand.page.getByText("You are signed out here")).isVisible();
            hand.type("Password", CHOSEN);
            hand.act("Sign in");
            assertThat(hand.alert()).containsText("do not belong together");

            grower.link("Who did what").click();
            grower.sees("corrected: an account");
            grower.sees("a link to choose a password");
            assertThat(grower.complaints).isEmpty();
        }
    }

    @Test
    void theLastGrowerIsToldWhyTheyCannotGo() {
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            grower.settledAt("/farm/people");
            Locator me = person(grower, "grower");
            me.locator("summary").click();
            grower.button("End the account").click();
            grower.button("End grower’s account").click();
            assertThat(grower.alert()).containsText("grower is the only grower");
        }
    }

    private static Locator person(Person grower, String name) {
        return grower.page
                .locator("#page details")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*" + name + ",")));
    }
}
