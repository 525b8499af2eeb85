package theriseed.server.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.core.lot.LotNumber;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class LotsTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    @Test
    void manyHandsNeverGetOneNumberTwice() throws Exception {
        String planting = season.planted("pea", "2026-03-20", 300);
        var hands = Executors.newFixedThreadPool(6);
        try {
            Callable<String> number = () -> season.numbered(planting);
            List<Future<String>> asked =
                    hands.invokeAll(IntStream.range(0, 24).mapToObj(i -> number).toList());
            List<String> given = new java.util.ArrayList<>();
            for (Future<String> one : asked) {
                given.add(one.get());
            }
            assertThat(given).doesNotHaveDuplicates().allSatisfy(one -> {
                assertThat(one).startsWith("26-PEA-");
                assertThat(LotNumber.valid(one)).isTrue();
            });
        } finally {
            hands.shutdown();
        }
    }

    @Test
    void phonesWithoutASignalNeverGiveOneNumberTwice() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String other = season.planted("pea", "2026-03-22", 300);
        UUID phone = UUID.randomUUID();
        List<String> mine = aside(planting, phone);
        assertThat(mine).hasSize(3).isEqualTo(aside(other, phone));
        List<String> theirs = aside(planting, UUID.randomUUID());
        String atTheDesk = season.numbered(planting);
        assertThat(theirs).doesNotContainAnyElementsOf(mine);
        assertThat(atTheDesk).isNotIn(mine).isNotIn(theirs);

        season.grower
                .post("/api/lots", record("plantingId", planting, "number", mine.get(1)))
                .ok();
        assertThat(season.lot(mine.get(1)).at("/known/planting/id").asString()).isEqualTo(planting);
        assertThat(aside(planting, phone))
                .hasSize(3)
                .doesNotContain(mine.get(1))
                .contains(mine.get(0), mine.get(2));
        for (String taken : List.of(mine.get(1), atTheDesk)) {
            Client.Answer again = season.grower.post("/api/lots", record("plantingId", planting, "number", taken));
            assertThat(again.status()).isEqualTo(400);
            assertThat(again.field()).isEqualTo("number");
        }
        String tomato = season.planted("tomato", "2026-03-12", 24);
        assertThat(season.grower
                        .post("/api/lots", record("plantingId", tomato, "number", mine.get(0)))
                        .status())
                .isEqualTo(400);
        assertThat(aside(planting, phone))
                .as("what was refused lies there still")
                .contains(mine.get(0));
    }

    private List<String> aside(String planting, UUID phone) {
        return season.grower
                .put("/api/plantings/" + planting + "/numbers-aside/" + phone, record())
                .ok()
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void everyMistypedSignAndSwapIsFound() {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        char[] signs = number.toCharArray();
        for (int i = 0; i < signs.length; i++) {
            if (signs[i] == '-') {
                continue;
            }
            String wrong = number.substring(0, i) + (signs[i] == '7' ? '4' : '7') + number.substring(i + 1);
            Client.Answer answer = season.grower.get("/api/lots/" + wrong);
            assertThat(answer.status()).as(wrong).isIn(400, 404);
        }
        assertThat(season.grower.get("/api/lots/26-PEA-10-7").detail()).isNotBlank();
        assertThat(season.grower.get("/api/lots/" + number.toLowerCase()).status())
                .isEqualTo(200);
        assertThat(season.grower.get("/api/lots/" + number.replace("-", "")).status())
                .isEqualTo(200);
    }

    @Test
    void anEatingCropGetsNoLot() {
        String variety = season.variety("pea");
        String eaten = season.grower
                .post(
                        "/api/plantings",
                        with(Season.plantingOf(variety, season.plot(), "2026-03-20", 50), "purpose", "EATING"))
                .ok()
                .get("id")
                .asString();
        assertThat(season.grower.post("/api/lots", record("plantingId", eaten)).detail())
                .contains("grown to eat, not for seed");
    }

    @ParameterizedTest
    @CsvSource({
        "mass, 0, mass",
        "mass, -5, mass",
        "mass, 900000000, mass",
        "mass, heavy, mass",
        "plants, 0, plants",
        "plants, 301, plants",
        "pickedOn, 2026-03-20, pickedOn",
        "pickedOn, 2026-03-01, pickedOn",
        "pickedOn, 2026-08-15, pickedOn",
        "pickedOn, someday, pickedOn"
    })
    void aPickingThatMakesNoSenseIsRefused(String part, String value, String field) {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        Client.Answer refused =
                season.grower.post("/api/lots/" + number + "/picks", with(harvestOf(9000, 290), part, value));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
        assertThat(season.lot(number).at("/known").has("harvest")).isFalse();
    }

    @Test
    void onlyTaggedFruitComesToTheTrueSeedOfFlowersPollinatedByHand() {
        String planting = season.byHand("squash-maxima", 24);
        String number = season.numbered(planting);
        String path = "/api/lots/" + number + "/picks";
        Client.Answer any = season.grower.post(path, harvestOf(9000, 10));
        assertThat(any.detail()).contains("Only fruit with its tag goes into " + number);
        Map<String, Object> tagged = with(harvestOf(9000, 10), "pickedFrom", "TAGGED", "pieces", 3);
        assertThat(season.grower.post(path, tagged).field())
                .as("no flower was tagged yet")
                .isEqualTo("pieces");
        season.grower
                .post(
                        "/api/plantings/" + planting + "/flowers",
                        record(
                                "id",
                                UUID.randomUUID(),
                                "mother",
                                1,
                                "fathers",
                                List.of(record("plantingId", planting, "plant", 2)),
                                "tag",
                                "1",
                                "note",
                                ""))
                .ok();
        season.grower.post(path, with(tagged, "pieces", 1)).ok();
        assertThat(season.grower.post(path, with(tagged, "pieces", 2)).detail())
                .contains("only 1 fruits whose flowers were tagged");
    }

    @ParameterizedTest
    @CsvSource({
        "pickedFrom, STRETCH, which",
        "containers, 0, containers",
        "pieces, 0, pieces",
        "dampness, SODDEN, dampness"
    })
    void aPickSaysWhereFromAndIntoHowMany(String part, String value, String field) {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        assertThat(season.grower
                        .post("/api/lots/" + number + "/picks", with(harvestOf(900, 29), part, value))
                        .field())
                .isEqualTo(field);
    }

    @Test
    void aMistypedPickingIsCorrectedWithItsReason() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        String path = season.pickOf(number);
        assertThat(season.grower
                        .put(path, with(harvestOf(9400, 290), "version", 0))
                        .field())
                .isEqualTo("reason");
        season.grower
                .put(path, with(harvestOf(9400, 290), "version", 0, "reason", "the basket was not weighed off"))
                .ok();
        JsonNode page = season.lot(number);
        assertThat(page.at("/known/harvest/mass").asInt()).isEqualTo(9400);
        assertThat(page.at("/corrections/0/was").asString()).isEqualTo("9000");
    }

    @Test
    void aHoldIsSeenAtOnceAndItsReleaseRemembersIt() {
        String number = season.sellable();
        Client hand = Client.as("hand", port);
        hand.post("/api/lots/" + number + "/hold", record("reason", "two jars, one label"))
                .ok();
        JsonNode held = season.lot(number);
        assertThat(held.at("/known/gate/mayBeSold").asBoolean()).isFalse();
        assertThat(held.at("/known/gate/reasons").toString()).contains("ON_HOLD");
        assertThat(held.at("/known/lot/hold/by").asString()).isEqualTo("hand");
        assertThat(hand.post("/api/lots/" + number + "/release", record("reason", "it was the left one"))
                        .status())
                .isEqualTo(403);
        season.grower
                .post("/api/lots/" + number + "/release", record("reason", "it was the left one"))
                .ok();
        JsonNode released = season.lot(number);
        assertThat(released.at("/known/gate/mayBeSold").asBoolean()).isTrue();
        assertThat(released.at("/corrections/0/was").asString()).isEqualTo("two jars, one label");
        assertThat(released.at("/corrections/0/reason").asString()).isEqualTo("it was the left one");
    }

    @Test
    void thatTheLabelCameFirstIsRemembered() {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        assertThat(season.lot(number).at("/known/lot").has("labelPrintedAt")).isFalse();
        season.grower.post("/api/lots/" + number + "/label-printed", "").ok();
        assertThat(season.lot(number).at("/known/lot/labelPrintedAt").asString())
                .isEqualTo("2026-08-14T07:10:00Z");
    }
}
