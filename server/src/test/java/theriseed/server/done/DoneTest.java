package theriseed.server.done;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class DoneTest {
    @LocalServerPort
    int port;

    @Autowired
    JdbcTemplate database;

    @Test
    void everyKindOfRecordIsToldOf() {
        List<String> kept = database.queryForList(
                "select table_name from information_schema.columns"
                        + " where table_schema = 'public' and column_name = 'recorded_at'",
                String.class);
        List<String> told = Stream.concat(
                        Stream.concat(DoneKind.ALL.stream(), DoneKind.PARTS.stream())
                                .map(DoneKind::table),
                        Stream.of("correction"))
                .toList();
        assertThat(told).containsExactlyInAnyOrderElementsOf(kept);
        for (DoneKind kind : DoneKind.ALL) {
            assertThat(Sentences.say(Reader.ANYBODY, "done." + kind.table(), record("count", 2)))
                    .as(kind.table())
                    .isNotEmpty();
        }
    }

    @Test
    void theDayTellsWhoDidWhatToWhatAndWhatWasCorrectedWithWhy() {
        Season season = new Season(port);
        String planting = season.planted("pea", "2026-03-20", 300);
        Client hand = Client.as("hand", port);
        for (int i = 0; i < 3; i++) {
            hand.post("/api/plantings/" + planting + "/walks", Season.walkOf("flowering", 10 + i, 0))
                    .ok();
        }
        String lot = season.picked(planting, 9000, 290);
        JsonNode pick = season.lot(lot).at("/known/harvest/picks/0");
        season.grower
                .put(
                        "/api/picks/" + pick.get("id").asString(),
                        record(
                                "pickedOn",
                                pick.get("pickedOn").asString(),
                                "mass",
                                9100,
                                "plants",
                                290,
                                "note",
                                "",
                                "version",
                                pick.get("version"),
                                "reason",
                                "read wrongly"))
                .ok();

        JsonNode day = season.grower.get("/api/done?size=200").ok();
        JsonNode walks = line(day, "hand", "walk");
        assertThat(walks.get("count").asInt()).isEqualTo(3);
        assertThat(walks.get("plantingId").asString()).isEqualTo(planting);
        assertThat(walks.get("season").asInt()).isEqualTo(2026);
        JsonNode corrected = day.at("/lines/items")
                .valueStream()
                .filter(line -> line.get("corrected").size() > 0)
                .findFirst()
                .orElseThrow();
        assertThat(corrected.get("kind").asString()).isEqualTo("pick");
        assertThat(corrected.get("lot").asString()).isEqualTo(lot);
        assertThat(corrected.get("why").asString()).isEqualTo("read wrongly");
        assertThat(corrected.get("corrected").toString()).contains("mass");

        JsonNode ofHand = season.grower.get("/api/done?by=hand").ok();
        assertThat(ofHand.at("/lines/items")
                        .valueStream()
                        .map(line -> line.get("by").asString()))
                .isNotEmpty()
                .containsOnly("hand");
        assertThat(ofHand.get("people").toString()).contains("grower", "hand");
        String before = day.get("earlier").asString();
        JsonNode earlier = season.grower.get("/api/done?day=" + before).ok();
        assertThat(earlier.at("/lines/total").asInt()).isPositive();
        assertThat(earlier.get("later").asString()).isEqualTo(day.get("day").asString());
        JsonNode own = hand.get("/api/done?by=grower").ok();
        assertThat(own.get("people").toString()).isEqualTo("[\"hand\"]");
        assertThat(own.get("lines")).isEqualTo(ofHand.get("lines"));
        assertThat(Client.as("visitor", port).get("/api/done").status()).isEqualTo(403);
    }

    private static JsonNode line(JsonNode day, String by, String kind) {
        return day.at("/lines/items")
                .valueStream()
                .filter(line -> line.get("by").asString().equals(by)
                        && line.get("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }
}
