package theriseed.server.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.changed;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class GroundTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private static Map<String, Object> plotOf(String name, double east, double north) {
        return record("name", name, "outline", outline(east, north), "positionError", 3);
    }

    private static Map<String, Object> outline(double east, double north) {
        return record("east", east, "north", north, "width", 40, "length", 12, "turned", 15);
    }

    private static Map<String, Object> corners(double... metres) {
        List<Map<String, Object>> corners = new ArrayList<>();
        for (int i = 0; i < metres.length; i += 2) {
            corners.add(record("east", metres[i], "north", metres[i + 1]));
        }
        return record("corners", corners);
    }

    private static Map<String, Object> bedOf(Object plot, String name, Map<String, Object> outline) {
        return record("plotId", plot, "name", name, "outline", outline);
    }

    private static Map<String, Object> seen(String crop, double east, double north) {
        return record(
                "name",
                "Croft over the burn",
                "cropKey",
                crop,
                "outline",
                record("east", east, "north", north),
                "area",
                50,
                "season",
                2026,
                "bloomFirst",
                "2026-06-20",
                "bloomLast",
                "2026-09-10",
                "seenOn",
                "2026-08-10",
                "sure",
                true);
    }

    private String made(String path, Map<String, Object> shape) {
        return season.grower.post(path, shape).ok().get("id").asString();
    }

    @Test
    void aPlotKeepsItsSizeAndPlaceHoweverItIsTurned() {
        JsonNode plot =
                season.grower.post("/api/plots", plotOf("Turned", -2000, 2500)).ok();
        assertThat(plot.get("area").asDouble()).isCloseTo(480, within(0.5));
        JsonNode ground = season.grower.get("/api/ground?season=2026").ok();
        for (JsonNode shape : ground.get("plots")) {
            if (shape.at("/plot/id").equals(plot.get("id"))) {
                double east = 0;
                double north = 0;
                for (JsonNode corner : shape.get("corners")) {
                    east += corner.get("east").asDouble() / 4;
                    north += corner.get("north").asDouble() / 4;
                }
                assertThat(east).isCloseTo(-2000, within(0.1));
                assertThat(north).isCloseTo(2500, within(0.1));
                return;
            }
        }
        throw new AssertionError("the plot is not on the ground");
    }

    @Test
    void noPlotLiesOnAnotherOrTakesItsName() {
        season.grower.post("/api/plots", plotOf("First here", -2000, 3000)).ok();
        Client.Answer upon = season.grower.post("/api/plots", plotOf("Second here", -1990, 3004));
        assertThat(upon.status()).isEqualTo(400);
        assertThat(upon.detail()).contains("would lie on First here");
        Client.Answer same = season.grower.post("/api/plots", plotOf(" first HERE", -2000, 3200));
        assertThat(same.field()).isEqualTo("name");
        season.grower.post("/api/plots", plotOf("Beside it", -1955, 3012)).ok();
    }

    @ParameterizedTest
    @CsvSource({
        "width, 0, width",
        "length, -3, length",
        "width, 99999, width",
        "east, 6000, east",
        "positionError, -1, positionError",
        "name, '', name"
    })
    void aPlotThatCannotBeIsRefusedByField(String part, String value, String field) {
        Map<String, Object> plot = plotOf("Nowhere", -3000, 3500);
        Client.Answer refused = season.grower.post(
                "/api/plots",
                plot.containsKey(part)
                        ? with(plot, part, value)
                        : with(plot, "outline", with(outline(-3000, 3500), part, value)));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
    }

    @Test
    void aCorrectedPlotKeepsWhereItWas() {
        Map<String, Object> shape = plotOf("Moved", -2500, 2000);
        JsonNode plot = season.grower.post("/api/plots", shape).ok();
        String path = "/api/plots/" + plot.get("id").asString();
        Map<String, Object> moved = with(shape, "outline", outline(-2450, 2000), "changed", changed(0, "paced it out"));
        assertThat(season.grower.put(path, moved).ok().get("version").asInt()).isEqualTo(1);
        assertThat(season.grower.put(path, moved).status()).isEqualTo(409);
    }

    @Test
    void aNeighboursCropThreatensWhatItCrossesAndNothingElse() {
        double north = -2500;
        season.grower.post("/api/neighbours", seen("courgette", -2500, north)).ok();
        String variety = season.variety("pumpkin-pepo");
        JsonNode pumpkin = season.grower
                .post("/api/plantings", Season.plantingOf(variety, season.plotAt(-2400, north), "2026-05-10", 30))
                .ok();
        JsonNode threat = pumpkin.at("/isolation/threats/0");
        assertThat(threat.get("source").asString()).isEqualTo("NEIGHBOUR");
        assertThat(threat.get("name").asString()).isEqualTo("Croft over the burn");
        assertThat(threat.get("metres").asDouble()).isCloseTo(80, within(1.0));
        assertThat(pumpkin.at("/isolation/verdict").asString()).isEqualTo("CROSSES");
        JsonNode melon = season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("melon"), season.plotAt(-2400, north - 40), "2026-05-10", 30))
                .ok();
        assertThat(melon.at("/isolation/threats").findValuesAsString("name")).doesNotContain("Croft over the burn");
    }

    @Test
    void whatWasSeenIsSeenByNowAndHasAWholeBloom() {
        assertThat(season.grower
                        .post("/api/neighbours", with(seen("kale", 900, 900), "seenOn", "2026-08-20"))
                        .field())
                .isEqualTo("seenOn");
        Map<String, Object> half = seen("kale", 900, 900);
        half.remove("bloomLast");
        assertThat(season.grower.post("/api/neighbours", half).field()).isEqualTo("bloomLast");
        assertThat(season.grower
                        .post("/api/neighbours", with(seen("kale", 900, 900), "bloomLast", "2026-06-01"))
                        .status())
                .isEqualTo(400);
        assertThat(Client.as("visitor", port)
                        .post("/api/neighbours", seen("kale", 900, 900))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void shapesThatAreNoneAreRefusedWithTheReason() {
        Map<String, Object> plot = plotOf("Bow tie", -3000, 3600);
        Client.Answer crossed = season.grower.post(
                "/api/plots", with(plot, "outline", corners(-3000, 3600, -2960, 3640, -2960, 3600, -3000, 3640)));
        assertThat(crossed.detail()).contains("edges cross each other");
        Client.Answer two = season.grower.post("/api/plots", with(plot, "outline", corners(-3000, 3600, -2960, 3640)));
        assertThat(two.detail()).contains("of 2 here 2 differ");
        Client.Answer spot = season.grower.post("/api/plots", with(plot, "outline", corners(-3000, 3600)));
        assertThat(spot.detail()).contains("A spot has no ground");
        Client.Answer far = season.grower.post(
                "/api/plots", with(plot, "outline", corners(-3000, 3600, 54_000, 3600, -2960, 3640)));
        assertThat(far.field()).isEqualTo("corners[1].east");
    }

    @Test
    void bedsLieInsideTheirPlotAndApart() {
        String plot = made("/api/plots", Season.plotOf("Bedded", -1500, -1500));
        made("/api/beds", bedOf(plot, "Bed 1", Season.rectangle(-1500, -1500, 30, 2)));
        Client.Answer out =
                season.grower.post("/api/beds", bedOf(plot, "Bed 2", Season.rectangle(-1490, -1495, 30, 2)));
        assertThat(out.detail()).isEqualTo("Bed 2 would lie partly outside Bedded.");
        Client.Answer upon = season.grower.post(
                "/api/beds", bedOf(plot, "Bed 2", corners(-1516, -1503, -1491, -1499.5, -1491, -1503)));
        assertThat(upon.detail()).contains("would lie on Bed 1");
        assertThat(season.grower
                        .post("/api/beds", bedOf(plot, " bed 1", Season.rectangle(-1500, -1505, 30, 2)))
                        .field())
                .isEqualTo("name");
    }

    @Test
    void bedsGoAlongWithTheirPlotAndAreKeptWhenItIsTakenOffTheMap() {
        Map<String, Object> shape =
                record("name", "Wandering", "outline", Season.rectangle(-1500, -1800, 60, 40), "positionError", 3);
        String plot = made("/api/plots", shape);
        String bed = made("/api/beds", bedOf(plot, "Bed 1", Season.rectangle(-1500, -1800, 30, 2)));
        season.grower
                .put(
                        "/api/plots/" + plot,
                        with(
                                shape,
                                "outline",
                                Season.rectangle(-1500, -1900, 60, 40),
                                "changed",
                                changed(0, "measured again")))
                .ok();
        JsonNode moved = find("beds", "bed", bed);
        assertThat(moved.at("/corners/0/north").asDouble()).isCloseTo(-1901, within(0.05));

        String removed = "/removed";
        assertThat(season.grower
                        .post("/api/ground/PLOT/" + plot + removed, record("version", 1, "removed", true))
                        .detail())
                .contains("has beds");
        season.grower
                .post("/api/ground/BED/" + bed + removed, record("version", 1, "removed", true))
                .ok();
        season.grower
                .post("/api/ground/PLOT/" + plot + removed, record("version", 1, "removed", true))
                .ok();
        assertThat(find("plots", "plot", plot)).isNull();
        season.grower
                .post("/api/ground/PLOT/" + plot + removed, record("version", 2, "removed", false))
                .ok();
        assertThat(find("plots", "plot", plot)).isNotNull();
    }

    private JsonNode find(String list, String kind, String id) {
        for (JsonNode shape : season.grower.get("/api/ground?season=2026").ok().get(list)) {
            if (shape.at("/" + kind + "/id").asString().equals(id)) {
                return shape;
            }
        }
        return null;
    }

    @Test
    void groundThatIsPlantedIsNotTakenAway() {
        String plot = season.plot();
        season.grower
                .post("/api/plantings", Season.plantingOf(season.variety("pea"), plot, "2026-03-20", 40))
                .ok();
        Client.Answer refused =
                season.grower.post("/api/ground/PLOT/" + plot + "/removed", record("version", 0, "removed", true));
        assertThat(refused.detail()).contains("of 2026 is planned on");
    }

    @Test
    void aWoodBetweenHalvesTheEstimateAndLeavesTheDistance() {
        double north = -3200;
        season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("kale"), season.plotAt(-3000, north), "2025-07-01", 70))
                .ok();
        String cabbage = season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("cabbage"), season.plotAt(-2700, north), "2025-07-01", 70))
                .ok()
                .get("id")
                .asString();
        double open = threat(cabbage).get("crossing").asDouble();
        season.grower
                .post(
                        "/api/barriers",
                        record(
                                "name",
                                "Shelter wood",
                                "outline",
                                Season.rectangle(-2850, north, 20, 300),
                                "kind",
                                "WOOD",
                                "height",
                                12))
                .ok();
        JsonNode behind = threat(cabbage);
        assertThat(behind.get("held").asDouble()).isEqualTo(0.5);
        assertThat(behind.get("crossing").asDouble()).isCloseTo(open / 2, within(open / 1000));
        assertThat(behind.get("metres").asDouble()).isCloseTo(260, within(1.0));
        assertThat(season.grower
                        .post(
                                "/api/barriers",
                                record(
                                        "name",
                                        "Wall",
                                        "outline",
                                        Season.rectangle(-2850, north, 2, 30),
                                        "kind",
                                        "BUILDING",
                                        "height",
                                        3,
                                        "held",
                                        1.5))
                        .field())
                .isEqualTo("held");
    }

    private JsonNode threat(String planting) {
        return season.grower.get("/api/plantings/" + planting).ok().at("/planting/isolation/threats/0");
    }

    @Test
    void anAgreementWithANeighbourLeavesItTightUntilItIsSeen() {
        double north = -3500;
        JsonNode croft = season.grower
                .post("/api/neighbours", seen("pumpkin-pepo", -3000, north))
                .ok();
        String courgette = season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("courgette"), season.plotAt(-2900, north), "2026-05-10", 30))
                .ok()
                .get("id")
                .asString();
        assertThat(threat(courgette).get("verdict").asString()).isEqualTo("CROSSES");
        String path = "/api/neighbours/" + croft.get("id").asString() + "/agreed";
        season.grower.post(path, record("version", 0, "by", "2026-06-15")).ok();
        assertThat(threat(courgette).get("verdict").asString()).isEqualTo("TIGHT");
        season.grower
                .post(path, record("version", 1, "by", "2026-06-15", "kept", "2026-06-12"))
                .ok();
        assertThat(threat(courgette).get("verdict").asString())
                .as("seen cut before its first flower")
                .isEqualTo("CLEAR");
        assertThat(season.grower
                        .post(path, record("version", 2, "by", "2026-06-15", "kept", "2026-12-24"))
                        .field())
                .as("nobody has seen what is to come")
                .isEqualTo("kept");
        season.grower.post(path, record("version", 2)).ok();
        assertThat(threat(courgette).get("verdict").asString()).isEqualTo("CROSSES");
    }

    @Test
    void whatNobodyTellsOrKnowsCrossesWithWhateverIsNear() {
        double north = -4700;
        String beet = season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("courgette"), season.plotAt(-2900, north), "2026-05-10", 30))
                .ok()
                .get("id")
                .asString();
        Map<String, Object> grim = with(seen("pumpkin-pepo", -3000, north), "kind", "NOT_TOLD", "cropKey", null);
        JsonNode noted = season.grower.post("/api/neighbours", grim).ok();
        assertThat(noted.has("cropKey")).isFalse();
        assertThat(threat(beet).get("source").asString()).isEqualTo("UNKNOWN");
        assertThat(threat(beet).get("verdict").asString()).isEqualTo("CROSSES");
        double field = threat(beet).get("crossing").asDouble();
        String path = "/api/neighbours/" + noted.get("id").asString();
        season.grower
                .put(
                        path,
                        with(grim, "kind", "GARDEN", "area", 20, "changed", record("version", 0, "reason", "a garden")))
                .ok();
        assertThat(threat(beet).get("crossing").asDouble()).isLessThanOrEqualTo(field);
        assertThat(season.grower
                        .put(path, with(grim, "kind", "TENDED", "changed", record("version", 1, "reason", "asked")))
                        .field())
                .isEqualTo("cropKey");
        assertThat(season.grower
                        .post(path + "/agreed", record("version", 1, "by", "2026-06-15"))
                        .field())
                .isEqualTo("agreedBy");
        season.grower
                .put(
                        path,
                        with(
                                grim,
                                "kind",
                                "TENDED",
                                "cropKey",
                                "tomato",
                                "changed",
                                record("version", 1, "reason", "asked")))
                .ok();
        assertThat(season.grower
                        .get("/api/plantings/" + beet)
                        .ok()
                        .at("/planting/isolation/verdict")
                        .asString())
                .isEqualTo("CLEAR");
    }
}
