package theriseed.server.ground;

import static org.assertj.core.api.Assertions.assertThat;

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
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[120,-80],[160,-80],[160,-60],[120,-80]]]} | not metres",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[40,12],[41,12],[41,13],[40,12]]]} | farm’s spot",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[\"a\",12],[41,12],[41,13],[40,12]]]} | [longitude, latitude]",
                "plot | {\"type\":\"Polygon\",\"coordinates\":[[[-24.26,54.62],[-24.25,54.63],[-24.25,54.62],[-24.26,54.63],[-24.26,54.62]]]} | edges cross",
                "pond | {\"type\":\"Point\",\"coordinates\":[-24.2,54.6]} | pond is not one of",
                "bed | {\"type\":\"Polygon\",\"coordinates\":[[[-24.3,54.6],[-24.299,54.6],[-24.299,54.601],[-24.3,54.6]]]} | no plot is called",
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
        assertThat(grower.post(READ + false, "{\"type\":\"Feature\"}").detail()).contains("but a Feature");
        Client.Answer large = grower.post(READ + false, " ".repeat(10_000_001));
        assertThat(large.status()).isEqualTo(400);
        assertThat(large.detail()).contains("larger than 10 MB");
        assertThat(Client.as("hand", port)
                        .post(READ + true, file("plot", "No", polygon(SQUARE), ""))
                        .status())
                .isEqualTo(403);
    }
}
