package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;

/** The farm's books: what a lot cost and must bring, lists out and in, the whole farm carried into an empty one. */
@DemoFarmTest
class BooksTest {
    @LocalServerPort
    int port;

    Person grower;

    @BeforeEach
    void signIn() {
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void leave() {
        grower.close();
    }

    private Locator dialog() {
        return grower.page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void hoursAndOutlaysMakeWhatAPacketMustBring() {
        Season season = new Season(port);
        String number = season.sellable();
        season.packed(number, 50, 40);
        grower.at("/lot/" + number + "/money");
        grower.act("Write down hours");
        dialog().getByLabel("On").selectOption("its whole planting");
        dialog().getByLabel("Work").selectOption("weeding, watering, staking");
        dialog().getByLabel("People").fill("2");
        dialog().getByLabel("Minutes each").fill("a while");
        dialog().getByText("Save").click();
        assertThat(dialog().getByRole(AriaRole.ALERT)).containsText("Minutes each");
        dialog().getByLabel("Minutes each").fill("300");
        dialog().getByText("Save").click();
        grower.sees("13 h at €15.00");
        grower.sees("2 people");
        grower.act("Write down an outlay");
        dialog().getByLabel("What", new Locator.GetByLabelOptions().setExact(true))
                .fill("netting");
        dialog().getByLabel("Amount").fill("41");
        dialog().getByText("Save").click();
        grower.sees("netting");
        grower.sees("€41.00");
        Locator pays = grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("pays from"));
        assertThat(pays).isVisible();
        grower.type("Price of a packet", "0.05");
        grower.act("Calculate");
        assertThat(pays).containsText("never at that price");
        grower.type("To keep, %", "120");
        grower.act("Calculate");
        assertThat(grower.alert()).containsText("To keep and fees together");
    }

    @Test
    void aHandWritesHoursWhereTheWorkIsAndTheGrowerCalculatesWithThem() {
        Season season = new Season(port);
        String number = season.sellable();
        try (Person hand = Person.atDesk(port).signedIn("hand")) {
            hand.at("/lot/" + number);
            hand.act("Write down hours");
            Locator form = hand.page.getByRole(AriaRole.DIALOG);
            form.getByLabel("Work").selectOption("weeding, watering, staking");
            form.getByLabel("Minutes each").fill("120");
            form.getByText("Save").click();
            assertThat(hand.page.getByRole(AriaRole.STATUS).getByText("written down"))
                    .containsText("2 h of weeding, watering, staking");
        }
        grower.at("/lot/" + number + "/money");
        grower.sees("weeding, watering, staking");
        grower.sees("2 h");
    }

    @Test
    void theSeasonsMoneySaysWhatPaid() {
        grower.at("/stall/money?season=2025");
        grower.sees("What an hour earned");
        grower.sees("Lantern Quay");
        grower.sees("went into what came to nothing");
        grower.page.getByText("25-TOM-02-J").click();
        grower.sees("its share of what failed");
    }

    @Test
    void aListIsSavedChangedAndReadAgain(@TempDir Path folder) {
        String shop = "Shop " + UUID.randomUUID();
        grower.at("/farm/files");
        Download saved = grower.page.waitForDownload(
                () -> grower.page.getByText("save customers").click());
        Path file = folder.resolve("customers.csv");
        saved.saveAs(file);
        grower.at("/farm/import");
        grower.choose("Which list", "customers");
        list().setInputFiles(file);
        grower.sees("as they are");
        assertThat(grower.page.getByText("Read it in")).hasCount(0);
        list().setInputFiles(new FilePayload(
                "more.csv",
                "text/csv",
                ("name;kind\n" + shop + ";shop\nNobody;king\n").getBytes(StandardCharsets.UTF_8)));
        grower.sees("1 line is refused");
        grower.sees("kind: king is not one of grower, shop, market, swap, other");
        list().setInputFiles(new FilePayload(
                "more.csv", "text/csv", ("name;kind\n" + shop + ";shop\n").getBytes(StandardCharsets.UTF_8)));
        grower.act("Read it in");
        grower.sees("Read in: 1 new");
        grower.at("/stall/customers");
        grower.sees(shop);
    }

    private Locator list() {
        return grower.page.locator("input[type=file]");
    }

    @Test
    void theWholeFarmIsCarriedIntoAnEmptyOne(@TempDir Path folder) {
        grower.at("/farm/files");
        Download saved = grower.page.waitForDownload(
                () -> grower.page.getByText("Save the whole farm").click());
        Path file = folder.resolve("farm.zip");
        saved.saveAs(file);
        grower.page.getByLabel("Take a farm in").setInputFiles(file);
        grower.act("Take it in");
        assertThat(grower.alert()).containsText("records on this farm already");
        try (EmptyFarm empty = new EmptyFarm();
                Person ann = Person.atDesk(empty.port()).signedIn("ann", "long enough to keep")) {
            ann.at("/farm/files");
            ann.page.getByLabel("Take a farm in").setInputFiles(file);
            ann.act("Take it in");
            ann.sees("Skerrow Farm is here");
            ann.at("/stall/money?season=2025");
            grower.at("/stall/money?season=2025");
            assertThat(ann.heading("Where the hours went")).isVisible();
            assertThat(ann.page.locator("main p").first())
                    .hasText(grower.page.locator("main p").first().innerText());
        }
    }
}
