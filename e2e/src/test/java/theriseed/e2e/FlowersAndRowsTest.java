package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Pollinating by hand, choosing the best, progeny rows and the store, as they are done on the screens. */
@DemoFarmTest
class FlowersAndRowsTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    @Test
    void aMorningAndAnEveningInTheSquash() {
        String planting = season.byHand("squash-maxima", 24);
        String path = "/api/plantings/" + planting;
        season.grower
                .post(
                        path + "/buds",
                        record(
                                "id",
                                UUID.randomUUID(),
                                "closedOn",
                                "2026-08-13",
                                "closed",
                                List.of(buds(3, 2, 0), buds(7, 1, 2), buds(11, 0, 2))))
                .ok();
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.takesTheScreensAlong();
            hand.at("/today");
            hand.act("Pollinate the Test");
            hand.at("/pollination/" + planting);
            hand.sees("3 flowers left");
            hand.button("Plant 3 with males of plants 7 and 11 tag 1").click();
            hand.sees("2 flowers left");
            assertThat(hand.page.getByRole(AriaRole.STATUS)).hasCount(0);
            hand.page.waitForCondition(() ->
                    season.grower.get(path + "/pollination").ok().get("flowers").size() == 1);
            hand.signal(false);
            hand.button("tag 2").click();
            hand.sees("1 flower left");
            assertThat(hand.page.getByRole(AriaRole.STATUS)).containsText("1 record on this phone has not arrived");

            hand.killsThePage();
            hand.at("/pollination/" + planting);
            hand.sees("1 flower left");
            hand.button("tag 3").click();
            hand.sees("All closed flowers are pollinated");
            hand.signal(true);
            assertThat(hand.page.getByRole(AriaRole.STATUS)).hasCount(0);

            for (int plant = 1; plant < 4; plant++) {
                hand.button("Plant after").click();
            }
            hand.button("female bud").click();
            hand.button("female bud").click();
            hand.button("male bud").last().click();
            hand.act("Record 3 closed buds");
            hand.sees("3 buds closed this evening already");
            hand.page.waitForCondition(() ->
                    season.grower.get(path + "/pollination").ok().get("tonight").size() == 1);
            assertThat(hand.complaints).isEmpty();
        }
        JsonNode page = season.grower.get(path + "/pollination").ok();
        assertThat(page.get("flowers").size()).isEqualTo(3);
        assertThat(page.at("/flowers/0/recordedBy").asString()).isEqualTo("hand");
        assertThat(page.at("/tonight/0/closed/0/plant").asInt()).isEqualTo(4);
        assertThat(page.at("/tonight/0/closed/0/females").asInt()).isEqualTo(2);
    }

    private static Object buds(int plant, int females, int males) {
        return record("plant", plant, "females", females, "males", males);
    }

    @Test
    void fortyRowsAreSownScoredAndRanked() {
        String planting = season.planted("carrot", "2025-06-20", 400);
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            grower.at("/selection/" + planting);
            grower.type("Trait", "vigour");
            grower.act("Score this too");
            grower.sees("1 to 9, more is better");
            for (String tag : List.of("1", "2", "3")) {
                grower.type("Tag", tag);
                grower.act("Mark the plant");
                grower.sees(tag + " tag");
            }
            grower.act("Score them");
            score(grower, List.of("9", "5", "11"));
            grower.sees("vigour goes from 1 to 9");
            assertThat(grower.button("Record")).isDisabled();
            score(grower, List.of("9", "5", "2"));
            grower.act("Record 3 scores");
            grower.sees("How many to keep");
            grower.page.getByRole(AriaRole.RADIO).first().check();
            grower.act("Keep the best 1");
            grower.sees("· kept");

            grower.act("Sow progeny rows here");
            grower.type("Name", "forty rows");
            String rows = IntStream.rangeClosed(1, 39)
                    .mapToObj(row -> "25-" + (100 + row))
                    .collect(Collectors.joining("\n"));
            grower.page.getByLabel("Seed, one row a line").fill(rows);
            grower.act("add the 1 plant that was kept");
            grower.sees("40 rows, 0 of them checks, 1 with a known mother");
            grower.act("Number these rows");
            assertThat(grower.page).hasURL(Pattern.compile(".*/trials/[0-9a-f-]{36}"));
            grower.sees("40 rows in 2 blocks");
            grower.act("Score the rows");
            score(
                    grower,
                    IntStream.range(0, 80)
                            .mapToObj(plot -> plot % 40 == 6 ? "9" : String.valueOf(3 + (plot * 7 + plot / 40) % 3))
                            .toList());
            grower.act("Record 80 scores");
            grower.sees("The best row stands apart from all others.");
            Locator first = grower.page.locator("table.figures tbody tr").first();
            assertThat(first).containsText("25-107");
            first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("decide"))
                    .click();
            grower.type("Why", "far the best");
            grower.page
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Decide").setExact(true))
                    .click();
            assertThat(first).containsText("keep by itself");
            assertThat(grower.complaints).isEmpty();
        }
    }

    private static void score(Person grower, List<String> values) {
        Locator inputs = grower.page.locator(".sheet input");
        assertThat(inputs).hasCount(values.size());
        for (int i = 0; i < values.size(); i++) {
            inputs.nth(i).fill(values.get(i));
        }
    }

    @Test
    void theStoreIsLookedThroughWithOneThumb() {
        String garlic = season.stock(300);
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            hand.at("/stand/" + garlic);
            hand.choose("Counted", "put in store");
            hand.type("How many", "400");
            hand.type("On", "2026-07-16");
            hand.act("Write the count down");
            hand.sees("sound now, by the last look");
            hand.type("Looked at", "500");
            hand.sees("Between 1 and 400 pieces lie there.");
            hand.type("Looked at", "390");
            for (int bulb = 0; bulb < 5; bulb++) {
                hand.button("One more thrown out").click();
            }
            hand.act("Record this look");
            hand.sees("5 of 390 thrown out");
            assertThat(hand.complaints).isEmpty();
        }
    }
}
