package theriseed.server.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class SettingsTest {
    @LocalServerPort
    int port;

    @Test
    void whatItChangesInThePlanIsShownFirstAndNothingIsKept() {
        Client grower = Client.as("grower", port);
        JsonNode before = grower.get("/api/farm").ok();
        String season = grower.get("/api/seasons/2026").text();
        JsonNode same = grower.post("/api/farm/preview", asItIs(grower)).ok();
        assertThat(same.get("plantings").size()).isZero();
        assertThat(same.get("judged").asInt()).isGreaterThan(20);
        assertThat(same.get("movedKm").asDouble()).isZero();

        JsonNode colder = grower.post(
                        "/api/farm/preview", Season.with(asItIs(grower), "coldestMonth", 2, "warmestMonth", 14))
                .ok();
        JsonNode later = colder.get("plantings")
                .valueStream()
                .filter(planting -> planting.hasNonNull("firstWas") && planting.hasNonNull("first"))
                .filter(planting -> planting.get("season").asInt() == 2027)
                .findFirst()
                .orElseThrow();
        assertThat(LocalDate.parse(later.get("first").asString()))
                .isAfter(LocalDate.parse(later.get("firstWas").asString()));
        assertThat(colder.at("/climate/mean").asDouble()).isEqualTo(8);
        assertThat(grower.get("/api/farm").ok()).isEqualTo(before);
        assertThat(grower.get("/api/seasons/2026").text()).isEqualTo(season);
    }

    @Test
    void aPlaceWithAnotherSignIsSeenByTheSun() {
        Client grower = Client.as("grower", port);
        Map<String, Object> swapped =
                Season.with(Season.with(asItIs(grower), "timeZone", "Europe/Berlin"), "lon", -120);
        JsonNode wrong = grower.post("/api/farm/preview", Season.with(swapped, "carryGround", true))
                .ok();
        assertThat(wrong.at("/sun/noonUnlikely").asBoolean()).isTrue();
        JsonNode right = grower.post(
                        "/api/farm/preview",
                        Season.with(Season.with(swapped, "lat", 52.5, "lon", 13.4), "carryGround", true))
                .ok();
        assertThat(right.at("/sun/noonUnlikely").asBoolean()).isFalse();
        // 13.4 degrees east is 6.4 minutes behind its zone, and the almanac's sun 2 minutes ahead on 21 December.
        assertThat(right.at("/sun/noon").asString()).startsWith("12:0");
        assertThat(right.at("/sun/longest").asDouble()).isCloseTo(16.83, within(0.05));
        assertThat(right.at("/movedKm").asDouble()).isGreaterThan(2000);
    }

    @Test
    void theFarmIsSaidOtherwiseAndItsMapComesAlong() {
        try (EmptyFarm farm = new EmptyFarm()) {
            Client ann = farm.grower;
            ann.post("/api/plots", Season.plotOf("Home", 100, 50)).ok();
            JsonNode drawn = ann.get("/api/ground?season=2027").ok().at("/plots/0");
            Map<String, Object> moved =
                    Season.with(asItIs(ann), "farm", "Far Farm", "lat", 40.5, "lon", 21.25, "reason", "a sign missing");
            Client.Answer refused = ann.put("/api/farm", moved);
            assertThat(refused.field()).isEqualTo("carryGround");
            assertThat(refused.detail()).contains("Home lies farther than 5 km");
            JsonNode preview = ann.post("/api/farm/preview", moved).ok();
            assertThat(preview.at("/tooFar/0").asString()).isEqualTo("Home");

            moved = Season.with(
                    Season.with(moved, "carryGround", true, "timeZone", "Europe/Athens"),
                    "currency",
                    "RSD",
                    "weekBegins",
                    "SUNDAY",
                    "locale",
                    "en-DE",
                    "lastFrost",
                    "--04-20",
                    "firstFrost",
                    "--10-25");
            JsonNode changed = ann.put("/api/farm", moved).ok();
            assertThat(changed.get("name").asString()).isEqualTo("Far Farm");
            assertThat(changed.at("/weekBegins").asString()).isEqualTo("SUNDAY");
            JsonNode carried = ann.get("/api/ground?season=2027").ok().at("/plots/0");
            for (String figure : List.of("/corners/0/east", "/corners/2/north", "/plot/area")) {
                assertThat(carried.at(figure).asDouble())
                        .as(figure)
                        .isCloseTo(drawn.at(figure).asDouble(), within(0.01));
            }
            String inTheWorld = ann.get("/api/ground/file").text();
            assertThat(inTheWorld).contains("[ 21.2509").doesNotContain("[ -19.9");
            assertThat(ann.put("/api/farm", moved).status())
                    .as("of a version before")
                    .isEqualTo(409);
            JsonNode done = ann.get("/api/done").ok();
            assertThat(done.toString()).contains("a sign missing", "\"corrected\":[\"corners\"]");
            LocalDateTime clock =
                    LocalDateTime.parse(ann.get("/api/session").ok().get("now").asString());
            assertThat(clock)
                    .as("by the clock there")
                    .isCloseTo(LocalDateTime.now(ZoneId.of("Europe/Athens")), within(5, ChronoUnit.MINUTES));
        }
    }

    @Test
    void whatNoFarmCanHaveIsRefusedByItsField() {
        Client grower = Client.as("grower", port);
        Map<String, Object> it = asItIs(grower);
        for (Map.Entry<String, Object> wrong : Map.<String, Object>of(
                        "lat",
                        80,
                        "lon",
                        200,
                        "timeZone",
                        "Berlin",
                        "currency",
                        "EU",
                        "locale",
                        "xx",
                        "coldestMonth",
                        30)
                .entrySet()) {
            Map<String, Object> sent = Season.with(it, wrong.getKey(), wrong.getValue());
            String field = wrong.getKey().equals("coldestMonth") ? "warmestMonth" : wrong.getKey();
            assertThat(grower.post("/api/farm/preview", sent).field()).as(field).isEqualTo(field);
            assertThat(grower.put("/api/farm", sent).field()).as(field).isEqualTo(field);
        }
        assertThat(grower.put("/api/farm", Season.with(it, "lastFrost", "--04-20", "firstFrost", null))
                        .field())
                .isEqualTo("firstFrost");
        assertThat(grower.put("/api/farm", Season.with(it, "farm", "Other", "reason", " "))
                        .field())
                .isEqualTo("reason");
        Client hand = Client.as("hand", port);
        assertThat(hand.put("/api/farm", it).status()).isEqualTo(403);
        assertThat(hand.post("/api/farm/preview", it).status()).isEqualTo(403);
    }

    @Test
    void theUsualYearIsWorkedOutFromTheFarmsOwnDays() {
        try (EmptyFarm farm = new EmptyFarm()) {
            Client ann = farm.grower;
            assertThat(ann.get("/api/farm/own-climate").detail()).contains("No day of weather is known yet");
            StringBuilder days = new StringBuilder("day,low,high\n");
            LocalDate first = LocalDate.now().minusDays(800);
            for (int i = 0; i < 790; i++) {
                double mean = 11 - 9 * Math.cos(2 * Math.PI * (first.plusDays(i).getDayOfYear() - 30) / 365);
                days.append(first.plusDays(i))
                        .append(String.format(java.util.Locale.ROOT, ",%.3f,%.3f%n", mean - 5, mean + 5));
            }
            ann.post("/api/sheets/weather?keep=true", days.toString()).ok();
            JsonNode own = ann.get("/api/farm/own-climate").ok();
            assertThat(own.at("/normals/mean").asDouble()).isCloseTo(11, within(0.01));
            assertThat(own.at("/normals/coldestDay").asInt()).isEqualTo(30);
            assertThat(own.get("days").asInt()).isEqualTo(790);
            JsonNode changed = ann.put(
                            "/api/farm",
                            Season.with(asItIs(ann), "climateFrom", "OWN_DAYS", "reason", "two years are known"))
                    .ok();
            assertThat(changed.at("/climate/amplitude").asDouble()).isCloseTo(9, within(0.01));
            assertThat(changed.at("/climate/half").asDouble()).isCloseTo(5, within(0.01));
            assertThat(changed.get("climateFrom").asString()).isEqualTo("OWN_DAYS");
        }
    }

    @Test
    void aLogoStandsOnPapers() throws Exception {
        Season season = new Season(port);
        Client grower = season.grower;
        JsonNode there = grower.put(
                        "/api/letterhead",
                        letterhead(grower.get("/api/letterhead").ok(), null))
                .ok();
        UUID logo = UUID.randomUUID();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(300, 120, BufferedImage.TYPE_INT_ARGB), "png", png);
        grower.put("/api/photos/" + logo + "?of=" + there.get("id").asString(), png.toByteArray())
                .ok();
        int before = pictures(grower.get("/api/catalogue.pdf").body());
        assertThat(grower.put("/api/letterhead", letterhead(there, UUID.randomUUID()))
                        .field())
                .isEqualTo("logo");
        JsonNode with = grower.put("/api/letterhead", letterhead(there, logo)).ok();
        assertThat(pictures(grower.get("/api/catalogue.pdf").body())).isEqualTo(before + 1);
        grower.put("/api/letterhead", letterhead(with, null)).ok();
        assertThat(pictures(grower.get("/api/catalogue.pdf").body())).isEqualTo(before);
    }

    private static int pictures(byte[] pdf) throws Exception {
        try (var paper = Loader.loadPDF(pdf)) {
            int found = 0;
            for (var name : paper.getPage(0).getResources().getXObjectNames()) {
                found += paper.getPage(0).getResources().isImageXObject(name) ? 1 : 0;
            }
            return found;
        }
    }

    private static Map<String, Object> letterhead(JsonNode there, UUID logo) {
        JsonNode facts = there.get("facts");
        return record(
                "address", facts.get("address").asString(),
                "taxNumber", facts.get("taxNumber").asString(),
                "bank", facts.get("bank").asString(),
                "paymentDays", facts.get("paymentDays").asInt(),
                "taxes", facts.get("taxes").asString(),
                "within", facts.get("within").asBoolean(),
                "closing", facts.get("closing").asString(),
                "logo", logo,
                "version", there.get("version").asInt(),
                "reason", "a logo");
    }

    private static Map<String, Object> asItIs(Client grower) {
        JsonNode farm = grower.get("/api/farm").ok();
        double mean = farm.at("/climate/mean").asDouble();
        double amplitude = farm.at("/climate/amplitude").asDouble();
        Map<String, Object> it = record(
                "version", farm.get("version").asInt(),
                "farm", farm.get("name").asString(),
                "lat", farm.at("/spot/lat").asDouble(),
                "lon", farm.at("/spot/lon").asDouble(),
                "carryGround", false,
                "timeZone", farm.get("timeZone").asString(),
                "currency", farm.get("currency").asString(),
                "climateFrom", farm.get("climateFrom").asString(),
                "coldestMonth", mean - amplitude,
                "warmestMonth", mean + amplitude,
                "weekBegins", farm.get("weekBegins").asString(),
                "locale", farm.get("locale").asString(),
                "reason", "as it is");
        for (String frost : List.of("lastFrost", "firstFrost")) {
            if (farm.hasNonNull(frost)) {
                it = Season.with(it, frost, farm.get(frost).asString());
            }
        }
        return it;
    }
}
