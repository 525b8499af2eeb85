package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.assertions.PageAssertions;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ContextConfiguration;
import theriseed.server.TestDatabase;
import theriseed.server.Theriseed;

/** A farm that begins with nothing, on the wall clock: last year's seed, so that every day of it is past. */
@SpringBootTest(classes = Theriseed.class, webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ContextConfiguration(initializers = TestDatabase.class)
class EmptyFarmTest {
    private static final PageAssertions.HasURLOptions MADE_WITHIN =
            new PageAssertions.HasURLOptions().setTimeout(240_000);

    @LocalServerPort
    int port;

    @Test
    void theFirstGrowerMakesTheFarmAndTakesTwoCropsTheWholeWay() {
        int season = LocalDate.now(ZoneOffset.UTC).getYear() - 1;
        try (Person grower = Person.atDesk(port).at("/")) {
            looksIntoASampleFarm(grower);
            firstRun(grower);
            assertThat(grower.page).hasURL(Pattern.compile(".*/field"));
            grower.sees("no plot is drawn yet");
            for (String room : new String[] {"today", "desk", "bench", "seed-room", "stall", "handbook"}) {
                grower.at("/" + room);
                assertThat(grower.page.locator("h1")).isVisible();
                assertThat(grower.page.getByText("Looking it up")).hasCount(0);
            }
            WholeWay tomato = new WholeWay(grower, SeedCrop.tomato("Tide Lamp", season, season + "-08-10"));
            leads(grower, "Draw a plot", "0 of 7");
            tomato.plot(true);
            leads(grower, "Write down a variety", "1 of 7");
            tomato.variety();
            tomato.planting();
            leads(grower, "Walk its rows", "3 of 7");
            grower.at("/desk?season=" + season);
            grower.button("Tide Lamp").first().click();
            tomato.walk();
            leads(grower, "Number it and pick it", "4 of 7");
            tomato.harvest();
            assertThat(grower.page.locator("main")).not().containsText("Next for your first lot");
            tomato.bench();
            leads(grower, "Weigh 100 seeds", "6 of 7");
            tomato.tests();
            grower.at("/today");
            assertThat(grower.heading("Your first lot")).hasCount(0);
            grower.at("/lot/" + tomato.number());
            tomato.stall();
            tomato.history();
            WholeWay kale = new WholeWay(grower, SeedCrop.kale("Long Shore", season, season + "-08-12"));
            kale.plot(false);
            kale.variety();
            kale.planting();
            kale.walk();
            kale.harvest();
            kale.bench();
            kale.tests();
            kale.stall();
            kale.history();
            grower.at("/seed-room");
            grower.sees(tomato.number());
            grower.sees(kale.number());
            assertThat(grower.complaints).isEmpty();
        }
    }

    /** Today says what is next for the first lot, and every other page leads there. */
    /** And throws it away; nothing of it is to be in the way of what comes. */
    private static void looksIntoASampleFarm(Person grower) {
        grower.act("Look into a sample farm");
        grower.sees("The sample farm is being made");
        assertThat(grower.page).hasURL(Pattern.compile(".*/today"), MADE_WITHIN);
        grower.sees("its day stays 14 August 2026");
        grower.sees("Small Hours");
        grower.link("Throw it away and begin your own").click();
        assertThat(grower.button("Throw it away")).isDisabled();
        grower.page.getByLabel("Nothing in it is worth keeping").check();
        grower.act("Throw it away");
        assertThat(grower.heading("Your farm")).isVisible();
    }

    private static void leads(Person grower, String next, String far) {
        grower.at("/today");
        assertThat(grower.heading("Your first lot")).containsText(far);
        assertThat(grower.page.locator("main ol strong").last()).containsText(next);
        grower.at("/handbook");
        grower.sees("Next for your first lot: " + next.toLowerCase());
    }

    private static void firstRun(Person grower) {
        assertThat(grower.heading("Your farm")).isVisible();
        grower.type("Name of the farm", "Test Farm");
        grower.type("Latitude", "north");
        grower.type("Longitude", "-20");
        grower.type("Coldest month", "4");
        grower.type("Warmest month", "17");
        grower.type("Time zone", "UTC");
        grower.type("Your name", "ann");
        grower.type("Password", "long enough to keep");
        grower.act("Make the farm");
        assertThat(grower.alert()).containsText("Latitude");
        assertThat(grower.field("Name of the farm")).hasValue("Test Farm");
        grower.type("Latitude", "54");
        grower.act("Make the farm");
    }
}
