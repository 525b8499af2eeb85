package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** What was half typed is there again after leaving or a reload, and no longer once it was sent. */
@DemoFarmTest
class DraftsTest {
    @LocalServerPort
    int port;

    private static Locator back(Person grower) {
        return grower.page.getByText("What you had typed here is back.");
    }

    @Test
    void aHalfTypedVarietyWaitsUntilItIsKept() {
        String name = "Half Tide " + UUID.randomUUID().toString().substring(0, 8);
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            grower.at("/desk/varieties/new");
            grower.choose("Crop", "Kale, Brassica oleracea");
            grower.type("Name", name);
            grower.at("/today");
            grower.at("/desk/varieties/new");
            assertThat(back(grower)).isVisible();
            assertThat(grower.field("Name")).hasValue(name);
            grower.page.reload();
            assertThat(grower.field("Name")).hasValue(name);
            grower.type("Source", "kept on the farm");
            grower.type("Year received", "2024");
            grower.act("Save variety");
            assertThat(grower.page).hasURL(Pattern.compile(".*/desk/plantings/new\\?variety=.*"));
            grower.at("/desk/varieties/new");
            assertThat(grower.field("Name")).isEmpty();
            assertThat(back(grower)).hasCount(0);
        }
    }

    @Test
    void whatWasWeighedHalfCanBeBegunAnewAndIsNobodyElses() {
        Season season = new Season(port);
        String number = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.at("/bench/" + number);
            hand.weigh("Mass out", "6.1", "kg");
            hand.type("Minutes of work", "40");
            hand.at("/today");
            hand.at("/bench/" + number);
            assertThat(back(hand)).isVisible();
            assertThat(hand.field("Mass out")).hasValue("6.1");
            assertThat(hand.field("Unit of mass out")).hasValue("kg");
            assertThat(hand.field("Minutes of work")).hasValue("40");
            hand.act("Begin anew");
            assertThat(hand.field("Minutes of work")).isEmpty();
            assertThat(back(hand)).hasCount(0);
        }
    }
}
