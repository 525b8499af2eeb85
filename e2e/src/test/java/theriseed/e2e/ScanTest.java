package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/** A label is held before the phone's camera. */
@DemoFarmTest
class ScanTest {
    @LocalServerPort
    int port;

    @TempDir
    Path folder;

    private String lot;

    @BeforeEach
    void aLot() {
        lot = new Views(Client.as("grower", port)).lot("Lantern Quay");
    }

    @Test
    void opensItsLot() throws Exception {
        try (Browser camera = FakeCamera.seeing(lot, folder);
                Person hand = Person.inTheRows(camera, port).signedIn("hand")) {
            hand.at("/seed-room");
            hand.button("Scan a lot").first().click();
            assertThat(hand.page).hasURL(Pattern.compile(".*/lot/" + lot + "$"));
            assertThat(hand.page.locator("video")).hasCount(0);
        }
    }

    @Test
    void isChosenForAMixOnlyWhereItMayBe() throws Exception {
        try (Browser camera = FakeCamera.seeing("26-XYZ-01-A", folder);
                Person grower = Person.inTheRows(camera, port).signedIn("grower")) {
            grower.at("/stall/mixes");
            grower.act("Put a mix together");
            grower.button("Scan lot 1").click();
            grower.sees("26-XYZ-01-A is not a lot with seed that may be mixed");
            assertThat(grower.field("Lot 1")).hasValue("");
        }
    }

    @Test
    void whereNoCameraIsTheNumberIsTyped() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.at("/seed-room");
            hand.button("Scan a lot").first().click();
            assertThat(hand.page.getByText("Type the number")).isVisible();
            hand.page.getByRole(AriaRole.DIALOG).getByText("Close").click();
            hand.page
                    .getByLabel("Search: lots, plantings, customers, orders, pages")
                    .fill(lot);
            assertThat(hand.page).hasURL(Pattern.compile(".*/lot/" + lot + "$"));
        }
    }
}
