package theriseed.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/** Whoever opens a copy without the program finds what is where, and in which unit. */
@DemoFarmTest
class DescriptionTest {
    static Map<String, String> files = new HashMap<>();
    static List<CSVRecord> columns;

    @BeforeAll
    static void opened(@LocalServerPort int port) throws IOException {
        byte[] zip = Client.as("grower", port).get("/api/farm/copy.zip").body();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        columns = records("columns.csv");
    }

    private static List<CSVRecord> records(String file) throws IOException {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(files.get(file)))
                .getRecords();
    }

    @Test
    void everyColumnOfEveryTableIsTold() {
        Map<String, List<String>> told = new HashMap<>();
        columns.forEach(line -> told.computeIfAbsent(line.get("file"), file -> new ArrayList<>())
                .add(line.get("column")));
        files.forEach((name, content) -> {
            if (name.startsWith("tables/")) {
                assertThat(told.get(name))
                        .as(name)
                        .containsExactly(
                                content.lines().findFirst().orElseThrow().split(","));
            }
        });
        assertThat(columns)
                .allSatisfy(line -> assertThat(line.get("what it holds"))
                        .as(line.get("file"))
                        .isNotBlank());
    }

    @Test
    void everyNumberHasItsUnit() {
        assertThat(columns)
                .filteredOn(line ->
                        Set.of("number", "whole number", "list of numbers").contains(line.get("kind")))
                .hasSizeGreaterThan(200)
                .allSatisfy(line -> assertThat(line.get("unit"))
                        .as(line.get("file") + " " + line.get("column"))
                        .isNotBlank());
    }

    @Test
    void keysLeadToTheirTables() {
        assertThat(columns)
                .filteredOn(line -> line.get("file").equals("tables/sale.csv")
                        && line.get("column").equals("lot_id"))
                .singleElement()
                .satisfies(line -> assertThat(line.get("key in")).isEqualTo("lot"));
    }

    @Test
    void everyCropThatIsGrownIsThereByItsName() throws IOException {
        Map<String, String> names = new HashMap<>();
        records("crops.csv").forEach(crop -> names.put(crop.get("key"), crop.get("name")));
        assertThat(records("tables/variety.csv"))
                .isNotEmpty()
                .allSatisfy(variety -> assertThat(names).containsKey(variety.get("crop_key")));
        assertThat(files.get("README.txt")).startsWith("Skerrow Farm\n").contains("columns.csv");
    }
}
