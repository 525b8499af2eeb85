package theriseed.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.kindOf;
import static theriseed.server.Season.record;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class CalendarTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private List<JsonNode> entries(String planting, String kind) {
        List<JsonNode> found = new ArrayList<>();
        for (JsonNode entry : season.grower.get("/api/calendar?season=2026").ok()) {
            if (entry.get("plantingId").asString().equals(planting)
                    && entry.get("kind").asString().equals(kind)) {
                found.add(entry);
            }
        }
        return found;
    }

    @Test
    void daysThatHangOnBloomMoveWhenTheFirstFlowerIsSeen() {
        String kale = season.planted("kale", "2025-07-01", 70);
        String before = entries(kale, "PICK").get(0).get("from").asString();
        assertThat(entries(kale, "PICK").get(0).get("planned").asBoolean()).isTrue();
        assertThat(entries(kale, "WALK")).hasSizeGreaterThan(2);
        season.grower
                .post("/api/plantings/" + kale + "/first-flower", record("version", 0, "seenOn", "2026-06-10"))
                .ok();
        JsonNode after = entries(kale, "PICK").get(0);
        assertThat(after.get("from").asString()).isGreaterThan(before);
        assertThat(after.get("planned").asBoolean()).isFalse();
        assertThat(entries(kale, "SOW").get(0).get("from").asString()).isEqualTo("2025-07-01");
    }

    @Test
    void theFileHoldsWholeDaysWithNamesOfTheirOwn() {
        Client.Answer file = season.grower.get("/api/calendar/file?season=2027");
        assertThat(file.headers().firstValue("Content-Type").orElseThrow()).startsWith("text/calendar");
        String text = file.text();
        assertThat(text).startsWith("BEGIN:VCALENDAR").contains("VERSION:2.0", "DTSTART;VALUE=DATE:20270402");
        List<String> names = Pattern.compile("\\r\\nUID:([^\\r]+)")
                .matcher(text.replace("\r\n ", ""))
                .results()
                .map(MatchResult::group)
                .toList();
        assertThat(names).hasSizeGreaterThan(40).doesNotHaveDuplicates();
        assertThat(text.split("BEGIN:VEVENT")).hasSize(names.size() + 1);
    }

    @Test
    void aFeedIsReadWithoutSigningInUntilItIsRevoked() {
        UUID secret = UUID.randomUUID();
        String address = "/calendar/" + secret + ".ics";
        JsonNode feed = season.grower
                .post("/api/calendar/feeds", record("secret", secret))
                .ok();
        assertThat(season.grower
                        .post("/api/calendar/feeds", record("secret", secret))
                        .field())
                .isEqualTo("secret");
        Client stranger = new Client(port);
        Client.Answer read = stranger.get(address);
        assertThat(read.status()).isEqualTo(200);
        assertThat(read.text()).contains("Replant the Brine");
        assertThat(stranger.get("/calendar/guessed.ics").status()).isEqualTo(404);
        assertThat(stranger.get("/api/calendar?season=2026").status()).isEqualTo(401);
        assertThat(Client.as("hand", port).get("/api/calendar/feeds").status()).isEqualTo(403);
        season.grower
                .post(
                        "/api/calendar/feeds/" + feed.get("id").asString() + "/revoked",
                        record("version", feed.get("version").asInt()))
                .ok();
        assertThat(stranger.get(address).status()).isEqualTo(404);
        assertThat(season.grower.get("/api/calendar/feeds").text())
                .doesNotContain(feed.get("id").asString());
    }

    @Test
    void aFeedHasANameIsReadAgainRemindsAndLeavesOutWhatIsOver() {
        UUID secret = UUID.randomUUID();
        JsonNode feed = season.grower
                .post("/api/calendar/feeds", record("secret", secret, "reminds", -360))
                .ok();
        assertThat(feed.get("reminds").asInt()).isEqualTo(-360);
        assertThat(season.grower
                        .post("/api/calendar/feeds", record("secret", UUID.randomUUID(), "reminds", 1440))
                        .field())
                .isEqualTo("reminds");
        Client stranger = new Client(port);
        String read = stranger.get("/calendar/" + secret + ".ics").text().replace("\r\n ", "");
        assertThat(read)
                .contains("NAME:Skerrow Farm", "X-WR-CALNAME:Skerrow Farm", "REFRESH-INTERVAL;VALUE=DURATION:PT4H")
                .contains(
                        "ACTION:DISPLAY",
                        "TRIGGER:-PT6H",
                        "URL:http://localhost:" + port + "/desk?season=2026&planting=")
                .contains("DTSTAMP:20260814T000000Z");
        List<String> ends = Pattern.compile("DTEND;VALUE=DATE:(\\d+)")
                .matcher(read)
                .results()
                .map(end -> end.group(1))
                .toList();
        assertThat(ends)
                .hasSizeGreaterThan(20)
                .allSatisfy(end -> assertThat(end).isGreaterThan("20260814"));
        assertThat(read.split("BEGIN:VALARM").length - 1)
                .as("nobody is reminded of what has begun")
                .isBetween(1, ends.size() - 1);
        assertThat(stranger.get("/calendar/" + secret + ".ics").text().replace("\r\n ", ""))
                .isEqualTo(read);
        assertThat(season.grower.get("/api/calendar/file?season=2026").text()).doesNotContain("VALARM");
    }

    @Test
    void todayShowsWhatIsDueToday() {
        String pea = season.grower
                .post("/api/plantings", Season.plantingOf(season.variety("lettuce"), season.plot(), "2026-08-14", 30))
                .ok()
                .get("id")
                .asString();
        boolean found = false;
        for (JsonNode task : season.tasks()) {
            found |= task.path("plantingId").asString("").equals(pea)
                    && kindOf(task).equals("SOW");
        }
        assertThat(found).isTrue();
    }
}
