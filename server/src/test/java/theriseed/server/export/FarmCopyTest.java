package theriseed.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import theriseed.server.farm.FarmClock;
import tools.jackson.databind.JsonNode;

/** The demo farm carried into an empty one, and files that are not what they seem. */
@DemoFarmTest
class FarmCopyTest {
    @LocalServerPort
    int port;

    Client grower;
    EmptyFarm empty;
    byte[] demo;

    @BeforeEach
    void signIn() {
        grower = Client.as("grower", port);
    }

    @AfterEach
    void gone() {
        if (empty != null) {
            empty.close();
        }
    }

    private static byte[] copy(Client of) {
        Client.Answer answer = of.get("/api/farm/copy.zip");
        assertThat(answer.status()).as(answer.text().substring(0, 2)).isEqualTo(200);
        return answer.body();
    }

    private static Map<String, byte[]> files(byte[] zip) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private Client.Answer takenIn(byte[] zip) {
        return empty.grower.put("/api/farm/copy", zip);
    }

    /** The copy with one of its files otherwise. */
    private byte[] with(String name, UnaryOperator<String> otherwise) throws IOException {
        Map<String, byte[]> files = files(demo);
        files.compute(
                name,
                (file, was) -> otherwise
                        .apply(was == null ? "" : new String(was, StandardCharsets.UTF_8))
                        .getBytes(StandardCharsets.UTF_8));
        return zip(files);
    }

    /** What pages show, of both farms on the demo's day. */
    private static final List<String> PAGES = List.of(
            "/api/lots?size=200",
            "/api/seed-room",
            "/api/shelves",
            "/api/customers",
            "/api/orders?size=100",
            "/api/stall-days",
            "/api/sales?size=100",
            "/api/regeneration",
            "/api/yields",
            "/api/money?season=2025",
            "/api/seasons/2026",
            "/api/ground?season=2026",
            "/api/today",
            "/api/lots/25-TOM-02-J/family");

    private void onTheDemosDay() throws Exception {
        try (Connection connection = DriverManager.getConnection(
                        TestDatabase.url(empty.database), TestDatabase.USER, TestDatabase.password());
                Statement statement = connection.createStatement()) {
            statement.execute("update farm set clock = '2026-08-14T07:10:00Z'");
        }
        empty.app.getBean(FarmClock.class).lookAgain();
    }

    @Test
    void theDemoFarmInAnEmptyOneIsTheSameFarm() throws Exception {
        empty = new EmptyFarm();
        Season season = new Season(port);
        String variety = season.variety("pea");
        grower.put("/api/photos/" + UUID.randomUUID() + "?of=" + variety, picture())
                .ok();
        byte[] written = copy(grower);
        JsonNode farm = takenIn(written).ok();
        assertThat(farm.get("name").asString()).isEqualTo("Skerrow Farm");
        assertThat(farm.get("demo").asBoolean()).isFalse();
        assertThat(empty.grower.get("/api/session").ok().at("/account/name").asString())
                .as("who took it in keeps the own account")
                .isEqualTo("ann");

        Map<String, byte[]> before = files(written);
        Map<String, byte[]> after = files(copy(empty.grower));
        assertThat(after.keySet()).containsExactlyElementsOf(before.keySet());
        assertThat(after.keySet()).anyMatch(name -> name.startsWith("photos/"));
        assertThat(new String(after.get("farm.json"), StandardCharsets.UTF_8))
                .as("which program wrote it")
                .containsPattern("\"version\":\"\\d+\\.\\d+");
        assertThat(before.keySet()).noneMatch(name -> name.contains("account") || name.contains("session"));
        List<String> differ = new ArrayList<>();
        before.forEach((name, content) -> {
            if (!name.endsWith("farm.csv") && !name.equals("farm.json") && !Arrays.equals(content, after.get(name))) {
                differ.add(name);
            }
        });
        assertThat(differ).isEmpty();

        onTheDemosDay();
        for (String page : PAGES) {
            JsonNode here = grower.get(page).ok();
            assertThat(plain(empty.grower.get(page).ok())).as(page).isEqualTo(plain(here));
        }
        assertThat(empty.grower
                        .post("/api/lots/25-TOM-02-J/hold", Season.record("reason", "looked at once more"))
                        .status())
                .as("work goes on there")
                .isEqualTo(200);
    }

    /** What the demo's simulated shed and forecast tell: a farm of one's own has no such instruments. */
    private static final Set<String> OF_THE_DEMO =
            Set.of("tomorrow", "hoursAtTomorrow", "coming", "simulated", "temperatures");

    /** What a page shows, whatever the order of what happened at the same moment, and to nine digits. */
    private static String plain(JsonNode node) {
        if (node.isArray()) {
            return node.valueStream().map(FarmCopyTest::plain).sorted().toList().toString();
        }
        if (node.isObject()) {
            return node.propertyStream()
                    .filter(property -> !OF_THE_DEMO.contains(property.getKey()))
                    .map(property -> property.getKey() + "=" + plain(property.getValue()))
                    .sorted()
                    .toList()
                    .toString();
        }
        return node.isFloatingPointNumber() ? String.format("%.8e", node.asDouble()) : node.asString();
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", jpeg);
        return jpeg.toByteArray();
    }

    @Test
    void aFarmWithRecordsIsNotWrittenOver() {
        byte[] written = copy(grower);
        Client.Answer refused = grower.put("/api/farm/copy", written);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("records on this farm already");
    }

    @Test
    void onlyAGrowerTakesTheFarmAlong() {
        assertThat(Client.as("hand", port).get("/api/farm/copy.zip").status()).isEqualTo(403);
        assertThat(new Client(port).get("/api/farm/copy.zip").status()).isEqualTo(401);
    }

    @Test
    void pathTricksBombsAndStrangeFilesAreRefusedAndNothingIsTakenIn() throws Exception {
        empty = new EmptyFarm();
        Season season = new Season(port);
        String lot = season.picked(season.planted("tomato", "2026-03-12", 24), 9000, 20);
        grower.put(
                        "/api/lots/" + lot + "/chain",
                        Season.record("version", -1, "steps", List.of("EXTRACT", "RINSE", "DRY")))
                .ok();
        grower.put("/api/photos/" + UUID.randomUUID() + "?of=" + season.variety("pea"), picture())
                .ok();
        demo = copy(grower);
        assertThat(takenIn("not a zip".getBytes(StandardCharsets.UTF_8)).detail())
                .contains("is no ZIP");
        assertThat(takenIn(with("../../etc/passwd", was -> "root")).detail()).contains("none of a farm’s copy");
        assertThat(takenIn(with("tables/../account.csv", was -> "id")).detail()).contains("none of a farm’s copy");
        assertThat(takenIn(with("tables/account.csv", was -> "id,name\n")).detail())
                .contains("no farm has");
        assertThat(takenIn(with("farm.json", was -> "{\"format\":\"something\"}"))
                        .detail())
                .contains("It is no copy of a farm");
        assertThat(takenIn(with("farm.json", was -> was.replaceAll("\"schema\":\"\\d+\"", "\"schema\":\"999\"")))
                        .detail())
                .contains("newer version");
        assertThat(takenIn(with("tables/lot.csv", was -> was.replaceFirst("number", "no_such")))
                        .detail())
                .contains("columns of tables/lot.csv");
        assertThat(takenIn(with("tables/sale.csv", was -> was + "not,a,row\n")).detail())
                .contains("line");
        assertThat(takenIn(with(
                                "tables/planting.csv",
                                was -> was.lines().findFirst().orElseThrow() + "\n"))
                        .detail())
                .as("lots without their planting")
                .contains("planting");
        assertThat(takenIn(with("tables/lot_chain.csv", was -> was.replaceFirst("RINSE", "DRY<img")))
                        .detail())
                .contains("Line 2 of tables/lot_chain.csv is no record");
        assertThat(takenIn(with("tables/sale.csv", FarmCopyTest::withVersionBelowNothing))
                        .detail())
                .contains("of tables/sale.csv is no record");
        String picture = files(demo).keySet().stream()
                .filter(name -> name.startsWith("photos/"))
                .findFirst()
                .orElseThrow();
        assertThat(takenIn(withFile(picture, new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff}))
                        .detail())
                .contains(picture + " is no picture");
        assertThat(takenIn(withFile(
                                "photos/" + UUID.randomUUID() + ".jpg",
                                files(demo).get(picture)))
                        .detail())
                .contains("No row of its tables tells of");
        assertThat(takenIn(bomb()).detail()).contains("more than a farm can be");
        assertThat(empty.grower.get("/api/lots").ok().get("total").asInt()).isZero();
        assertThat(empty.grower.get("/api/farm").ok().get("name").asString()).isEqualTo("Test Farm");
        takenIn(demo).ok();
    }

    /** The first row's version is made -1. */
    private static String withVersionBelowNothing(String csv) {
        List<String> lines = new ArrayList<>(csv.lines().toList());
        int column = List.of(lines.get(0).split(",")).indexOf("version");
        String[] cells = lines.get(1).split(",", -1);
        cells[column] = "-1";
        lines.set(1, String.join(",", cells));
        return String.join("\n", lines) + "\n";
    }

    private byte[] withFile(String name, byte[] content) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>(files(demo));
        files.put(name, content);
        return zip(files);
    }

    /** The copy with one table of 2.1 GB of blanks, which take some 10 MB. */
    private byte[] bomb() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            out.setLevel(Deflater.BEST_SPEED);
            for (Map.Entry<String, byte[]> file : files(demo).entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue());
                if (file.getKey().equals("tables/weather_day.csv")) {
                    byte[] blanks = new byte[1_000_000];
                    Arrays.fill(blanks, (byte) ' ');
                    for (int i = 0; i < 2100; i++) {
                        out.write(blanks);
                    }
                }
            }
        }
        return bytes.toByteArray();
    }
}
