package theriseed.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.walkOf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class PhotosTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;
    Object walk;

    @BeforeEach
    void walked() {
        season = new Season(port);
        planting = season.planted("pea", "2026-03-20", 300);
        Map<String, Object> facts = walkOf("flowering", 20, 1);
        walk = facts.get("id");
        season.grower.post("/api/plantings/" + planting + "/walks", facts).ok();
    }

    private Client.Answer send(UUID id, byte[] file) {
        return season.grower.put("/api/photos/" + id + "?of=" + walk, file);
    }

    private static byte[] picture(int width, int height) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", file);
        return file.toByteArray();
    }

    /** The picture with what a camera writes behind its first two bytes: a block that names a place, and "turned". */
    private static byte[] fromACamera(byte[] jpeg) {
        byte[] exif = {
            'E', 'x', 'i', 'f', 0, 0, 'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0,
            0
        };
        byte[] secret = "taken at 54.6 N".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.write(jpeg, 0, 2);
        block(file, 0xE1, exif);
        block(file, 0xFE, secret);
        file.write(jpeg, 2, jpeg.length - 2);
        return file.toByteArray();
    }

    private static void block(ByteArrayOutputStream file, int marker, byte[] content) {
        file.write(0xFF);
        file.write(marker);
        file.write((content.length + 2) >> 8);
        file.write((content.length + 2) & 0xFF);
        file.writeBytes(content);
    }

    @Test
    void aPictureIsMadeSmallUprightAndForgetsWhereItWasTaken() throws IOException {
        UUID id = UUID.randomUUID();
        byte[] sent = fromACamera(picture(2400, 1200));
        assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains("54.6 N");
        send(id, sent).ok();

        byte[] kept = season.grower.get("/api/photos/" + id).body();
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(shown.getWidth()).as("turned upright").isEqualTo(800);
        assertThat(shown.getHeight()).isEqualTo(1600);
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("54.6 N", "Exif");
        assertThat(season.grower
                        .get("/api/plantings/" + planting + "/walks")
                        .ok()
                        .at("/walks/0/photos/0/id")
                        .asString())
                .isEqualTo(id.toString());
    }

    @Test
    void theSamePictureSentTwiceIsKeptOnce() throws IOException {
        UUID id = UUID.randomUUID();
        send(id, picture(40, 30)).ok();
        send(id, picture(40, 30)).ok();
        assertThat(season.grower
                        .get("/api/plantings/" + planting + "/walks")
                        .ok()
                        .at("/walks/0/photos")
                        .size())
                .isEqualTo(1);
    }

    @Test
    void aSmallPictureIsNotEnlarged() throws IOException {
        JsonNode kept = send(UUID.randomUUID(), picture(40, 30)).ok();
        assertThat(kept.get("width").asInt()).isEqualTo(40);
        assertThat(kept.get("height").asInt()).isEqualTo(30);
    }

    @Test
    void sixHugePicturesAtOnceAreMadeSmallInAFixedMemory() throws Exception {
        byte[] huge = png(7000, 7000);
        assertThat(huge.length).isLessThan(300_000);
        ExecutorService six = Executors.newFixedThreadPool(6);
        List<Future<Client.Answer>> answers = IntStream.range(0, 6)
                .mapToObj(i -> six.submit(() -> send(UUID.randomUUID(), huge)))
                .toList();
        six.shutdown();
        for (Future<Client.Answer> answer : answers) {
            assertThat(answer.get().ok().get("width").asInt()).isEqualTo(1600);
        }
        assertThat(send(UUID.randomUUID(), png(8000, 7000)).field())
                .as("56 million pixels")
                .isEqualTo("photo");
    }

    @Test
    void aPictureBelongsToARecordThatIsThere() throws IOException {
        Client.Answer nothing =
                season.grower.put("/api/photos/" + UUID.randomUUID() + "?of=" + UUID.randomUUID(), picture(40, 30));
        assertThat(nothing.status()).isEqualTo(400);
        assertThat(nothing.field()).isEqualTo("of");
    }

    @Test
    void whateverEyesDecideHasPicturesAndItsPageShowsThem() throws IOException {
        String number = season.sellable();
        JsonNode page = season.grower.get("/api/lots/" + number).ok();
        String lot = page.at("/known/lot/id").asString();
        String test = page.at("/known/tests/germinations/0/id").asString();
        String weight = page.at("/known/tests/seedWeights/0/id").asString();
        String pick = page.at("/known/harvest/picks/0/id").asString();
        String step = page.at("/known/bench/steps/0/id").asString();
        for (String of : List.of(lot, test, planting, pick, step)) {
            pictureOf(of).ok();
        }
        assertThat(pictureOf(weight).field()).as("a weight is not looked at").isEqualTo("of");
        JsonNode shown = season.grower.get("/api/lots/" + number).ok().get("photos");
        assertThat(shown.get(lot).size()).isEqualTo(1);
        assertThat(shown.get(test).size()).isEqualTo(1);
        assertThat(shown.get(pick).size()).isEqualTo(1);
        assertThat(shown.get(step).size()).isEqualTo(1);
        assertThat(season.grower
                        .get("/api/plantings/" + planting + "/ripening")
                        .ok()
                        .get("photos")
                        .size())
                .isEqualTo(1);
    }

    @Test
    void aMarkedPlantAndAShelfHavePictures() throws IOException {
        UUID plant = UUID.randomUUID();
        season.grower
                .post(
                        "/api/plantings/" + planting + "/candidates",
                        record("id", plant, "kind", "PLANT", "tag", "7", "markedOn", "2026-08-14", "note", ""))
                .ok();
        pictureOf(plant.toString()).ok();
        JsonNode page =
                season.grower.get("/api/plantings/" + planting + "/selection").ok();
        assertThat(page.get("photos").get(plant.toString()).size()).isEqualTo(1);

        String shelf = season.grower.get("/api/shelves").ok().at("/0/id").asString();
        pictureOf(shelf).ok();
        assertThat(season.grower
                        .get("/api/photos?of=" + shelf + "&of=" + plant)
                        .ok()
                        .size())
                .isEqualTo(2);
    }

    @Test
    void whatAPictureShowsIsSaidOnceFreelyAndThenOnlyWithAReason() throws IOException {
        JsonNode kept = pictureOf(planting).ok();
        String path = "/api/photos/" + kept.get("id").asString() + "/said";
        JsonNode said = Client.as("hand", port)
                .put(path, record("caption", " Purple stem ", "struckOut", false, "version", 0))
                .ok();
        assertThat(said.get("caption").asString()).isEqualTo("Purple stem");
        Map<String, Object> otherwise = record(
                "caption",
                "Green stem",
                "struckOut",
                false,
                "version",
                said.get("version").asInt());
        assertThat(Client.as("hand", port).put(path, otherwise).field()).isEqualTo("reason");
        otherwise.put("reason", "it is the true colour");
        Client.as("hand", port).put(path, otherwise).ok();
        assertThat(season.grower.put(path, otherwise).status())
                .as("made from an older version")
                .isEqualTo(409);
    }

    @Test
    void aPictureOfSomethingElseIsStruckOutWithAReasonAndPutBack() throws IOException {
        JsonNode kept = pictureOf(planting).ok();
        String path = "/api/photos/" + kept.get("id").asString() + "/said";
        Map<String, Object> out = record("caption", "", "struckOut", true, "version", 0);
        assertThat(season.grower.put(path, out).field()).isEqualTo("reason");
        out.put("reason", "the neighbour's rows");
        season.grower.put(path, out).ok();
        JsonNode shown = season.grower
                .get("/api/photos?of=" + planting)
                .ok()
                .get(planting)
                .get(0);
        assertThat(shown.get("struckOut").asBoolean()).isTrue();
        season.grower
                .put(path, record("caption", "", "struckOut", false, "version", 1, "reason", "it is ours"))
                .ok();
        assertThat(Client.as("visitor", port).put(path, out).status()).isEqualTo(403);
    }

    private Client.Answer pictureOf(String record) throws IOException {
        return season.grower.put("/api/photos/" + UUID.randomUUID() + "?of=" + record, picture(40, 30));
    }

    @Test
    void anotherPictureUnderTheSameIdIsAClash() throws IOException {
        UUID id = UUID.randomUUID();
        send(id, picture(40, 30)).ok();
        assertThat(send(id, picture(41, 30)).status()).isEqualTo(409);
    }

    @Test
    void onlyJpegAndPngAreTaken() throws IOException {
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "gif", gif);
        assertThat(send(UUID.randomUUID(), gif.toByteArray()).field()).isEqualTo("photo");
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", file);
        return file.toByteArray();
    }

    @Test
    void whatIsNoPictureIsRefused() {
        Client.Answer text = send(UUID.randomUUID(), "rows 3 and 4".getBytes(StandardCharsets.UTF_8));
        assertThat(text.status()).isEqualTo(400);
        assertThat(text.field()).isEqualTo("photo");
        assertThat(text.detail()).isEqualTo("This file is no JPEG or PNG picture.");
    }

    @Test
    void fortyMegabytesAreRefusedInWords() {
        Client.Answer large = send(UUID.randomUUID(), new byte[40_000_000]);
        assertThat(large.status()).isEqualTo(400);
        assertThat(large.detail()).isEqualTo("This file is larger than 20 MB.");
    }
}
