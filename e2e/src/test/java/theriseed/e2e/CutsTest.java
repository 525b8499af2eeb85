package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/**
 * Work in the rows while everything between phone and server goes wrong, by a seed: whatever was recorded stands on the
 * server exactly once in the end. The environment says how often ({@code CUTS}) and in which order ({@code SEED}).
 */
@DemoFarmTest
class CutsTest {
    private static final int CUTS = Integer.parseInt(System.getenv().getOrDefault("CUTS", "8"));
    private static final Pattern CARRIED = Pattern.compile(".*/api/(plantings|lots|steps)(/.*)?");
    private static final long SEED = Long.parseLong(System.getenv().getOrDefault("SEED", "1"));

    @LocalServerPort
    int port;

    /** What happens to a record on its way. */
    private enum Way {
        ARRIVES,
        NEVER_SENT,
        ANSWER_LOST,
        /** The server has it, the answer does not come, and the page is closed. */
        ANSWER_HANGS,
        /** Nothing comes through, and the page is closed. */
        HANGS,
        FROM_TWO_PAGES
    }

    private Way way = Way.ARRIVES;
    private boolean caught;

    Season season;
    List<String> plantings;
    String squash;
    /** A lot with packets, and one whose ferment is under way. */
    String onSale;

    String tub;

    @BeforeEach
    void planted() {
        season = new Season(port);
        plantings = List.of(season.planted("pea", "2026-03-20", 300), season.planted("pea", "2026-03-20", 300));
        squash = season.byHand("squash-maxima", 14);
        onSale = season.sellable();
        season.packed(onSale, 25, 200);
        tub = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        season.step(tub, Season.stepOf("EXTRACT", 36_200, 6100));
        Map<String, Object> ferment = Season.with(Season.stepOf("FERMENT", 6100, 6000), "temperature", 20);
        ferment.remove("massOut");
        ferment.remove("endedAt");
        season.step(tub, ferment);
    }

    private void onTheWay(Route route) {
        if (route.request().method().equals("GET")) {
            route.resume();
            return;
        }
        caught = true;
        switch (way) {
            case ARRIVES, FROM_TWO_PAGES -> route.resume();
            case NEVER_SENT -> route.abort();
            case ANSWER_LOST -> {
                route.fetch();
                route.abort();
            }
            case ANSWER_HANGS -> route.fetch();
            case HANGS -> {}
        }
    }

    @Test
    void everyRecordArrivesOnceWhateverIsCut() {
        Random random = new Random(SEED);
        List<Integer> read = new ArrayList<>();
        List<Integer> sold = new ArrayList<>();
        List<String> picked = new ArrayList<>();
        List<Integer> walked = new ArrayList<>();
        int closed = 0;
        try (Person hand = Person.inTheRows(port).signedIn("grower")) {
            hand.page.context().route(CARRIED, this::onTheWay);
            for (int cut = 0; cut < CUTS; cut++) {
                way = Way.values()[random.nextInt(Way.values().length)];
                caught = false;
                if (way == Way.FROM_TWO_PAGES) {
                    hand.page.context().newPage().navigate("http://localhost:" + port + "/today");
                }
                int count = 1 + random.nextInt(4);
                switch (random.nextInt(5)) {
                    case 0 -> {
                        closesBuds(hand, count);
                        closed += count;
                    }
                    case 1 -> {
                        reads(hand, 15 + cut % 10);
                        read.add(15 + cut % 10);
                    }
                    case 2 -> {
                        sells(hand, count);
                        sold.add(count);
                    }
                    case 3 -> picked.add(picks(hand, plantings.get(random.nextInt(plantings.size())), count));
                    default -> {
                        walks(hand, plantings.get(random.nextInt(plantings.size())), count);
                        walked.add(count);
                    }
                }
            }
            way = Way.ARRIVES;
            hand.at("/waiting");
            hand.sees("everything has arrived");
            assertThat(hand.complaints).as("seed " + SEED).isEmpty();
        }
        List<Integer> kept = plantings.stream()
                .flatMap(planting -> season.grower
                        .get("/api/plantings/" + planting + "/walks")
                        .ok()
                        .get("walks")
                        .valueStream())
                .map(walk -> walk.get("lookedAt").asInt())
                .toList();
        assertThat(kept).as("walks, seed " + SEED).containsExactlyInAnyOrderElementsOf(walked);
        assertThat(budsKept()).as("buds, seed " + SEED).isEqualTo(closed);
        assertThat(valuesRead()).as("readings, seed " + SEED).containsExactlyInAnyOrderElementsOf(read);
        assertThat(packetsSold()).as("sales, seed " + SEED).containsExactlyInAnyOrderElementsOf(sold);
        assertThat(picked)
                .as("numbers, seed " + SEED)
                .doesNotHaveDuplicates()
                .allSatisfy(number -> assertThat(
                                season.lot(number).at("/known/harvest/picks").size())
                        .isEqualTo(1));
        int lots = plantings.stream()
                .mapToInt(planting -> season.grower
                        .get("/api/plantings/" + planting + "/open-lots")
                        .ok()
                        .size())
                .sum();
        assertThat(lots).as("lots, seed " + SEED).isEqualTo(picked.size());
    }

    /** The record is on the phone: the page goes on, or is closed while its request hangs. */
    private void goesOn(Person hand, Runnable shown) {
        if (way == Way.ANSWER_HANGS || way == Way.HANGS) {
            hand.page.waitForCondition(() -> caught);
            hand.killsThePage();
        } else {
            shown.run();
        }
    }

    private void walks(Person hand, String planting, int plants) {
        hand.at("/walk/" + planting);
        assertThat(hand.button("Looked at")).containsText("0");
        for (int plant = 0; plant < plants; plant++) {
            hand.button("something else").click();
        }
        hand.act("End of the walk");
        hand.act("Record this walk");
        goesOn(hand, () -> assertThat(hand.page).hasURL(Pattern.compile(".*/today")));
    }

    private void closesBuds(Person hand, int buds) {
        hand.at("/pollination/" + squash);
        assertThat(hand.button("female bud")).containsText("0");
        for (int bud = 0; bud < buds; bud++) {
            hand.button("female bud").click();
        }
        hand.act("Record " + buds + " closed bud");
        goesOn(hand, () -> assertThat(hand.button("Record ")).hasCount(0));
    }

    private void reads(Person hand, int degrees) {
        hand.at("/bench/" + tub);
        hand.type("Warmth of the mash", String.valueOf(degrees));
        hand.act("Note it");
        goesOn(hand, () -> assertThat(hand.field("Warmth of the mash")).isEmpty());
    }

    private void sells(Person hand, int packets) {
        hand.at("/stall/" + onSale);
        hand.type("To whom", "Pier market");
        Locator form = hand.page.locator("form").filter(new Locator.FilterOptions().setHasText("To whom"));
        form.getByLabel("Packets", new Locator.GetByLabelOptions().setExact(true))
                .fill(String.valueOf(packets));
        hand.type("Price in all", "2.80");
        hand.act("Sold");
        goesOn(hand, () -> assertThat(hand.field("To whom")).isEmpty());
    }

    /** The number was given before its lot and what is in it are sent. */
    private String picks(Person hand, String planting, int plants) {
        Way then = way;
        way = Way.ARRIVES;
        hand.settledAt("/harvest/" + planting);
        way = then;
        hand.act("Number this picking");
        Locator tag = hand.page.locator(".tag.large .number");
        assertThat(tag).hasText(Pattern.compile("26-PEA-\\d\\d-[0-9A-Z]"));
        String number = tag.innerText();
        hand.page.getByText("they are on, or written by hand").locator("input").check();
        hand.weigh("Mass", String.valueOf(40 * plants), "g");
        hand.type("Plants picked", String.valueOf(plants));
        caught = false;
        hand.act("Into the lot");
        goesOn(hand, () -> assertThat(hand.page).hasURL(Pattern.compile(".*/(bench/.*|waiting)")));
        return number;
    }

    private List<Integer> valuesRead() {
        String step = season.lot(tub).at("/known/bench/underWay/id").asString();
        return season.grower
                .get("/api/steps/" + step + "/readings")
                .ok()
                .valueStream()
                .map(reading -> reading.get("value").asInt())
                .toList();
    }

    private List<Integer> packetsSold() {
        return season.lot(onSale)
                .get("sales")
                .valueStream()
                .map(sale -> sale.get("packets").asInt())
                .toList();
    }

    private int budsKept() {
        JsonNode tonight = season.grower
                .get("/api/plantings/" + squash + "/pollination")
                .ok()
                .get("tonight");
        return tonight.valueStream()
                .flatMap(evening -> evening.get("closed").valueStream())
                .mapToInt(buds -> buds.get("females").asInt())
                .sum();
    }

    @Test
    void aFullPhoneSaysSoAndLosesNothing() {
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
            String planting = plantings.get(0);
            hand.at("/walk/" + planting);
            hand.button("something else").click();
            hand.act("End of the walk");
            room(hand, false);
            hand.act("Record this walk");
            assertThat(hand.alert().first()).containsText("no room left");
            hand.sees("1 plant looked at");
            room(hand, true);
            hand.act("Record this walk");
            assertThat(hand.page).hasURL(Pattern.compile(".*/today"));
            assertThat(season.grower
                            .get("/api/plantings/" + planting + "/walks")
                            .ok()
                            .get("walks")
                            .size())
                    .isEqualTo(1);
        }
    }

    /** Whether the phone's store takes anything more. */
    private static void room(Person hand, boolean there) {
        hand.page.evaluate("""
                (there) => {
                    const store = IDBObjectStore.prototype;
                    store.added ??= store.add;
                    store.add = there ? store.added : () => {
                        throw new DOMException('The phone is full', 'QuotaExceededError');
                    };
                }""", there);
    }
}
