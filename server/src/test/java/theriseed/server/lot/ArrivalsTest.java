package theriseed.server.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Seed that no planting of these records gave: bought, swapped, given, or grown here before. */
@DemoFarmTest
class ArrivalsTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private static Map<String, Object> peas(String variety, String way, String oldNumber) {
        return record(
                "way",
                way,
                "cameOn",
                "2026-03-02",
                "mass",
                500,
                "fromWhom",
                way.equals("BEFORE") ? "" : "Hill garden",
                "oldNumber",
                oldNumber,
                "grownIn",
                2023,
                "treatment",
                "",
                "theirGermination",
                88,
                "theirTestOn",
                "2024-01-20",
                "note",
                "",
                "varietyId",
                variety,
                "grade",
                "MARKET");
    }

    private Client.Answer arrives(Map<String, Object> came) {
        return season.grower.post("/api/lots/arrivals", came);
    }

    private String arrived(String way, String oldNumber) {
        return arrives(peas(season.variety("pea"), way, oldNumber))
                .ok()
                .get("number")
                .asString();
    }

    private JsonNode known(String number) {
        return season.lot(number).get("known");
    }

    @Test
    void whatCameIsALotOfItsOwnThatKeepsItsOldNumber() {
        String number = arrived("SWAPPED", "HG-Pea 7/23");
        assertThat(number).startsWith("23-PEA-");
        JsonNode known = known(number);
        assertThat(known.has("planting")).isFalse();
        assertThat(known.at("/lot/oldNumber").asString()).isEqualTo("HG-Pea 7/23");
        assertThat(known.at("/bench/clean").asBoolean()).isTrue();
        assertThat(known.at("/bench").has("yield")).isFalse();
        assertThat(known.at("/harvest/arrival/fromWhom").asString()).isEqualTo("Hill garden");
        assertThat(season.lot(number).at("/stock/bulk").asInt()).isEqualTo(500);
        assertThat(season.lot(number).at("/generation/grown").asInt()).isZero();
        assertThat(known.at("/gate/cautions").toString()).contains("NOT_SEEN_GROWING");
        assertThat(known.at("/gate/reasons").toString())
                .contains("UNTESTED", "DRYNESS_UNKNOWN")
                .doesNotContain("NOT_WALKED", "TOO_FEW_MOTHERS");
        assertThat(season.grower
                        .get("/api/search?q=hg-pea")
                        .ok()
                        .at("/hits/0/key")
                        .asString())
                .isEqualTo(number);
        assertThat(season.grower.get("/api/seed-room?size=100").ok().toString()).contains(number);
    }

    @Test
    void itGoesTheWholeWayToACustomerAndBack() {
        String number = arrived("BOUGHT", "B 12");
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        season.grower
                .post("/api/lots/" + number + "/moisture", record("measuredOn", "2026-08-10", "readings", List.of(6.4)))
                .ok();
        assertThat(known(number).at("/gate/mayBeSold").asBoolean()).isTrue();
        season.packed(number, 50, 5);
        String part = season.grower
                .post("/api/lots/" + number + "/parts", record("masses", List.of(100), "transferredOn", "2026-08-14"))
                .ok()
                .at("/0/number")
                .asString();
        assertThat(known(part).at("/gate/cautions").toString()).contains("NOT_SEEN_GROWING");
        JsonNode family = season.grower.get("/api/lots/" + part + "/family").ok();
        assertThat(family.at("/elsewhere/0/supplier").asString()).isEqualTo("Hill garden");
        assertThat(family.at("/elsewhere/0/theirNumber").asString()).isEqualTo("B 12");
        for (String paper : List.of("label.pdf", "report.pdf")) {
            assertThat(season.grower.get("/api/lots/" + number + "/" + paper).status())
                    .as(paper)
                    .isEqualTo(200);
        }
        for (String page : List.of("/api/lots/" + number + "/stored", "/api/lots.csv", "/api/money?season=2023")) {
            assertThat(season.grower.get(page).status()).as(page).isNotEqualTo(500);
        }
        season.step(
                part, with(stepOf("WINNOW", 100, 98), "begunAt", "2026-08-14T06:00", "endedAt", "2026-08-14T06:30"));
        assertThat(known(part).at("/bench/mass").asInt()).isEqualTo(98);
    }

    @Test
    void seedOfBeforeWasGrownHereSomeTime() {
        String number = arrived("BEFORE", "Pea old");
        assertThat(season.lot(number).at("/generation/grown").asInt()).isEqualTo(1);
        assertThat(season.lot(number).at("/generation/exact").asBoolean()).isFalse();
    }

    @Test
    void whatCannotBeIsRefusedByItsName() {
        String variety = season.variety("pea");
        assertThat(arrives(with(peas(variety, "BOUGHT", ""), "fromWhom", " ")).field())
                .isEqualTo("fromWhom");
        assertThat(arrives(with(peas(variety, "BOUGHT", ""), "cameOn", "2026-09-01"))
                        .field())
                .isEqualTo("cameOn");
        assertThat(arrives(with(peas(variety, "BOUGHT", ""), "grownIn", 2027)).field())
                .isEqualTo("grownIn");
        assertThat(arrives(with(peas(variety, "BOUGHT", ""), "mass", 0)).field())
                .isEqualTo("mass");
        assertThat(arrives(with(peas(variety, "BOUGHT", ""), "theirTestOn", "2022-12-31"))
                        .field())
                .isEqualTo("theirTestOn");
        arrived("BOUGHT", "Twice-1");
        assertThat(arrives(peas(variety, "BOUGHT", "twice-1")).field()).isEqualTo("oldNumber");
    }

    @Test
    void aCorrectionKeepsWhatItWasAndNeverLeavesLessThanWasTaken() {
        String number = arrived("GIVEN", "G 1");
        JsonNode arrival = known(number).at("/harvest/arrival");
        String path = "/api/lots/arrivals/" + arrival.get("id").asString();
        Map<String, Object> less =
                with(peas(season.variety("pea"), "GIVEN", "G 1"), "mass", 450, "version", 0, "reason", "weighed again");
        season.grower.put(path, less).ok();
        assertThat(season.lot(number).at("/stock/bulk").asInt()).isEqualTo(450);
        assertThat(season.lot(number).get("corrections").toString()).contains("weighed again");
        season.grower
                .post("/api/lots/" + number + "/parts", record("masses", List.of(300), "transferredOn", "2026-08-14"))
                .ok();
        assertThat(season.grower
                        .put(path, with(less, "mass", 200, "version", 1))
                        .status())
                .isEqualTo(400);
    }
}
