package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/** What a farm is and where it lies is corrected, and what that changes is seen before it is kept. */
@DemoFarmTest
class FarmPageTest {
    @LocalServerPort
    int port;

    @Test
    void aColderYearIsSeenInThePlanBeforeItIsKept() {
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            grower.settledAt("/farm");
            grower.type("Coldest month", "3");
            grower.type("Warmest month", "15");
            grower.type("Time zone", "america");
            grower.act("See what it changes");
            assertThat(grower.alert()).containsText("No time zone is called america");
            grower.type("Time zone", "azores");
            grower.act("See what it changes");
            grower.sees("coldest 3 °C, warmest 15 °C");
            assertThat(grower.field("Time zone")).hasValue("Atlantic/Azores");
            Locator carrot = grower.page
                    .locator("tr")
                    .filter(new Locator.FilterOptions().setHasText(Pattern.compile("Ferrous.*2027")));
            assertThat(carrot).containsText("→");
            grower.act("Save");
            assertThat(grower.alert()).containsText("Say why it is corrected");
            grower.type("Why it is corrected", "the station was another");
            grower.act("Save");
            assertThat(grower.field("Why it is corrected")).hasCount(0);
            grower.settledAt("/farm");
            assertThat(grower.field("Coldest month")).hasValue("3");
            grower.settledAt("/farm/done");
            grower.sees("the station was another");
            assertThat(grower.complaints).isEmpty();
        }
    }

    @Test
    void theFarmIsPutOnTheMapAndTheSunTellsThatTheClockIsAnother() {
        String before = Client.as("visitor", port).get("/api/farm").text();
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            grower.settledAt("/farm");
            grower.act("Put it on a map");
            grower.act("The whole world");
            BoundingBox map = grower.page.getByLabel("The world; a tap").boundingBox();
            // Three quarters across and a quarter down the world: 90 degrees east, 45 north.
            grower.page.mouse().click(map.x + map.width * 0.75, map.y + map.height * 0.25);
            assertThat(grower.field("Longitude")).hasValue(Pattern.compile("^(89|90)(\\.\\d+)?$"));
            assertThat(grower.field("Latitude")).hasValue(Pattern.compile("^4[45](\\.\\d+)?$"));
            grower.page.getByLabel("where it lies was wrong").check();
            grower.act("See what it changes");
            grower.sees("Hardly anywhere is noon so far from 12");
            grower.act("Go on correcting");
            assertThat(grower.complaints).isEmpty();
        }
        assertThat(Client.as("visitor", port).get("/api/farm").text()).isEqualTo(before);
    }
}
