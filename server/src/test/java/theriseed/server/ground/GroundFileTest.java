package theriseed.server.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
class GroundFileTest {
    private static final String READ = "/api/ground/file?keep=";

    @LocalServerPort
    int port;

    Client grower;

    @BeforeEach
    void grower() {
        grower = new Season(port).grower;
    }

    private static String file(String kind, String name, String geometry, String more) {
        return "{\"type\":\"FeatureCollection\",\"features\":[{\"type\":\"Feature\",\"geometry\":" + geometry
                + ",\"properties\":{\"kind\":\"" + kind + "\",\"name\":\"" + name + "\"" + more + "}}]}";
    }

    private static String polygon(String ring) {
        return "{\"type\":\"Polygon\",\"coordinates\":[[" + ring + "]]}";
    }

    private static final String SQUARE = "[-24.26,54.62],[-24.259,54.62],[-24.259,54.621],[-24.26,54.62]";

    @Test
    void whatIsWrittenAndReadAgainIsTheSameToTheLastDigit() {
        String written = grower.get("/api/ground/file").text();
        JsonNode read = grower.post(READ + true, written).ok();
        assertThat(read.get("kept").asBoolean()).isTrue();
        assertThat(read.get("lines").size()).isGreaterThan(40);
        assertThat(read.get("lines").findValuesAsString("effect")).containsOnly("SAME");
        assertThat(grower.get("/api/ground/file").text()).isEqualTo(written);
    }

    @Test
    void readingSaysWhatItWouldChangeBeforeItDoes() {
        String one = file("plot", "From a file", polygon(SQUARE), "");
        JsonNode asked = grower.post(READ + false, one).ok();
        assertThat(asked.at("/lines/0/effect").asString()).isEqualTo("NEW");
        assertThat(grower.get("/api/ground/file").text()).doesNotContain("From a file");
        grower.post(READ + true, one).ok();
        assertThat(grower.get("/api/ground/file").text()).contains("From a file");
        String wider = one.replace("54.621]", "54.622]");
        assertThat(grower.post(READ + false, wider).ok().at("/lines/0/effect").asString())
                .isEqualTo("CHANGED");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "plot | {\"type\":\"Point\",\"coordinates\":[-24.2,54.6]} | Point is not a Polygon",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[1,2],[3,4]]]} | at least 4 positions",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[120,-80],[160,-80],[160,-60],[120,-80]]]} | Say which grid",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[40,12],[41,12],[41,13],[40,12]]]} | farm’s spot",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[\"a\",12],[41,12],[41,13],[40,12]]]} | [longitude, latitude]",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[-24.26,54.62],[-24.25,54.63],[-24.25,54.62],[-24.26,54.63],[-24.26,54.62]]]} | edges cross",
                "pond | {\"type\":\"Point\",\"coordinates\":[-24.2,54.6]} | pond is not one of",
                "bed | {\"type\":\"Polygon\",\"coordinates\":[[[-24.3,54.6],[-24.299,54.6],[-24.299,54.601],[-24.3,54.6]]]} | lies in no plot",
            })
    void aShapeThatCannotBeIsRefusedAndNothingIsKept(String kind, String geometry, String why) {
        JsonNode read = grower.post(READ + true, file(kind, "Odd " + kind, geometry, ""))
                .ok();
        assertThat(read.get("kept").asBoolean()).isFalse();
        assertThat(read.at("/lines/0/effect").asString()).isEqualTo("REFUSED");
        assertThat(read.at("/lines/0/why").asString()).contains(why);
        assertThat(grower.get("/api/ground/file").text()).doesNotContain("Odd " + kind);
    }

    @Test
    void oneBadShapeKeepsAllTheOthersOutToo() {
        String good = file(
                "plot",
                "Good neighbour",
                polygon(SQUARE.replace("-24.26,", "-24.27,").replace("-24.259", "-24.269")),
                "");
        String both = good.substring(0, good.length() - 2)
                + ",{\"type\":\"Feature\",\"geometry\":null,\"properties\":{\"kind\":\"plot\",\"name\":\"Bad\"}}]}";
        JsonNode read = grower.post(READ + true, both).ok();
        assertThat(read.get("lines").findValuesAsString("effect")).containsExactly("NEW", "REFUSED");
        assertThat(grower.get("/api/ground/file").text()).doesNotContain("Good neighbour");
    }

    @Test
    void whatIsNoGeoJsonIsRefusedAtOnce() {
        assertThat(grower.post(READ + false, "{\"type\":\"FeatureColl").detail())
                .contains("not JSON");
        assertThat(grower.post(READ + false, "[1, 2]").detail()).contains("not a GeoJSON FeatureCollection");
        assertThat(grower.post(READ + false, "{\"type\":\"Topology\"}").detail())
                .contains("but a Topology");
        Client.Answer large = grower.post(READ + false, " ".repeat(10_000_001));
        assertThat(large.status()).isEqualTo(400);
        assertThat(large.detail()).contains("larger than 10 MB");
        assertThat(Client.as("hand", port)
                        .post(READ + true, file("plot", "No", polygon(SQUARE), ""))
                        .status())
                .isEqualTo(403);
    }

    /** As a GIS exports two fields: in metres, several parts, with a hole, names of its own and no kinds. */
    private static final String GIS = "\uFEFF" + """
            {"type": "FeatureCollection",
             "crs": {"type": "name", "properties": {"name": "urn:ogc:def:crs:EPSG::32626"}},
             "features": [
              {"type": "Feature", "properties": {"fid": 1, "label": "Long Acre"}, "geometry":
               {"type": "MultiPolygon", "coordinates": [[
                [[675613.213, 6055906.455, 3.1], [675677.761, 6055908.956, 3.2], [675677.761, 6055908.956, 3.2],
                 [675673.451, 6056020.187, 3.1], [675608.904, 6056017.686, 3], [675613.213, 6055906.455, 3.1]],
                [[675630, 6055930], [675640, 6055930], [675640, 6055940], [675630, 6055940], [675630, 6055930]]]]}},
              {"type": "Feature", "properties": {"fid": 2, "label": "Two Ends"}, "geometry":
               {"type": "MultiPolygon", "coordinates": [
                [[[675700, 6055900], [675740, 6055900], [675740, 6055920], [675700, 6055900]]],
                [[[675750, 6055900], [675790, 6055900], [675790, 6055920], [675750, 6055900]]]]}}]}
            """;

    @Test
    void aFileOfAGisIsReadOnceItIsSaidWhatItsShapesAre() {
        JsonNode asked = grower.post(READ + false, GIS).ok();
        assertThat(asked.at("/how/withoutKind").asInt()).isEqualTo(2);
        assertThat(asked.at("/how/grid").asString()).isEqualTo("32626");
        assertThat(asked.at("/how/gridGuessed").asBoolean()).isFalse();
        assertThat(asked.at("/how/named").asString()).isEqualTo("label");
        assertThat(asked.get("lines").findValuesAsString("effect")).containsOnly("REFUSED");
        JsonNode read = grower.post(READ + true + "&kind=PLOT", GIS).ok();
        assertThat(read.get("kept").asBoolean()).as(read.toString()).isTrue();
        assertThat(read.get("lines").findValuesAsString("name"))
                .containsExactly("Long Acre", "Two Ends 1", "Two Ends 2");
        assertThat(read.at("/lines/0/notes/0").asString()).isEqualTo("a hole of 100 m² in it is taken as ground");
        JsonNode corner = ring("Long Acre").get(0);
        assertThat(corner.get(0).asDouble()).isCloseTo(-24.28, within(1e-7));
        assertThat(corner.get(1).asDouble()).isCloseTo(54.62, within(1e-7));
        assertThat(ring("Long Acre"))
                .as("the corner that stood twice stands once")
                .hasSize(5);
    }

    private JsonNode ring(String name) {
        return grower.get("/api/ground/file")
                .json()
                .get("features")
                .valueStream()
                .filter(feature -> feature.at("/properties/name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .at("/geometry/coordinates/0");
    }

    @Test
    void metresOfAFileThatDoesNotSayWhichAreOfTheFarmsOwnZone() {
        String bare =
                GIS.replaceFirst("\"crs\".*\n", "").replace("Acre", "Mile").replace("\"Two Ends\"", "null");
        JsonNode guessed = grower.post(READ + false + "&kind=PLOT", bare).ok();
        assertThat(guessed.at("/how/gridGuessed").asBoolean()).isTrue();
        assertThat(guessed.at("/how/grid").asString()).isEqualTo("32626");
        assertThat(guessed.get("lines").findValuesAsString("name")).contains("Long Mile", "Plot 2 1");
        JsonNode otherZone =
                grower.post(READ + false + "&kind=PLOT&grid=32632", bare).ok();
        assertThat(otherZone.at("/lines/0/why").asString()).contains("farm’s spot");
        assertThat(grower.post(READ + false + "&kind=PLOT&grid=99", bare).field())
                .isEqualTo("grid");
        JsonNode byNumber =
                grower.post(READ + false + "&kind=PLOT&named=fid", bare).ok();
        assertThat(byNumber.get("lines").findValuesAsString("name")).containsExactly("1", "2 1", "2 2");
    }

    @Test
    void aSingleShapeIsAFileTooAndABedFindsThePlotItLiesIn() {
        String plot = polygon("[-24.25,54.63],[-24.249,54.63],[-24.249,54.631],[-24.25,54.631],[-24.25,54.63]");
        String bed = polygon("[-24.2499,54.6301],[-24.2498,54.6301],[-24.2498,54.6309],[-24.2499,54.6301]");
        String feature = "{\"type\":\"Feature\",\"properties\":{\"name\":\"%s\"},\"geometry\":%s}";
        assertThat(grower.post(READ + true + "&kind=PLOT", feature.formatted("Alone", plot))
                        .ok()
                        .get("kept")
                        .asBoolean())
                .isTrue();
        assertThat(grower.post(READ + true + "&kind=BED", feature.formatted("Strip", bed))
                        .ok()
                        .get("kept")
                        .asBoolean())
                .isTrue();
        assertThat(grower.get("/api/ground/file").text()).contains("\"plot\" : \"Alone\"");
    }
}
