package theriseed.core.crop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CropTableTest {
    private static final int KALE_ROW = 36;

    @Test
    void holdsEveryCropWithItsOwnKey() {
        assertThat(CropTable.shipped().all()).hasSize(128);
    }

    @Test
    void partialCrossingNamesGroupsThatExist() {
        Set<String> groups = new HashSet<>();
        CropTable.shipped().all().forEach(crop -> groups.add(crop.crossingGroup()));
        CropTable.shipped()
                .all()
                .forEach(crop -> assertThat(groups)
                        .as(crop.key())
                        .containsAll(crop.crossesWith().keySet()));
    }

    @Test
    void courgetteTakesPollenOfPumpkinFullyAndOfMoschataPartly() {
        CropTable table = CropTable.shipped();
        Crop courgette = table.find("courgette").orElseThrow();
        assertThat(courgette.takesPollenOf(table.find("pumpkin-pepo").orElseThrow()))
                .isEqualTo(1);
        assertThat(courgette.takesPollenOf(table.find("squash-moschata").orElseThrow()))
                .isEqualTo(0.02);
        assertThat(courgette.takesPollenOf(table.find("kale").orElseThrow())).isZero();
    }

    @Test
    void figuresOfTheTableAreInTheUnitsOfTheRules() {
        Crop kale = CropTable.shipped().find("kale").orElseThrow();
        assertThat(kale.isolation().orElseThrow().of(Grade.MARKET)).isEqualTo(1000);
        assertThat(kale.naturalOutcrossing()).isEqualTo(0.85);
        assertThat(kale.seedShare().orElseThrow()).isEqualTo(new Usual(0.15, 0.30));
        assertThat(kale.stages().get(0).name()).isEqualTo("6-leaf");
        assertThat(CropTable.shipped().find("garlic").orElseThrow().grownFromSeed())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "isolation_market_m, -5",
        "isolation_market_m, 1",
        "natural_outcross_pct, 101",
        "natural_outcross_pct, many",
        "life_cycle, yearly",
        "crossing_group, ''",
        "ferment_hours_max_22c, 300",
        "partial_crossing_groups, brassica-napus",
        "partial_crossing_groups, brassica-napus:2",
        "germination_standard_pct, 0",
        "seed_pct_of_harvested_mass_max, 2",
    })
    void aBadCellStopsWithRowColumnValueAndRange(String column, String value) throws Exception {
        String spoilt = withCell(column, value);
        assertThatThrownBy(() -> CropTable.read(new StringReader(spoilt)))
                .isInstanceOf(BadCropTable.class)
                .hasMessageContaining("row " + KALE_ROW)
                .hasMessageContaining(column)
                .hasMessageContaining("\"" + value + "\"")
                .hasMessageContaining("valid range");
    }

    @Test
    void aKeyThatStandsTwiceIsRefused() throws Exception {
        String twice = withCell("key", "tomato");
        assertThatThrownBy(() -> CropTable.read(new StringReader(twice)))
                .isInstanceOf(BadCropTable.class)
                .hasMessageContaining("tomato")
                .hasMessageContaining("cropTable.keyTwice");
    }

    private static String withCell(String column, String value) throws Exception {
        try (InputStream file = CropTable.class.getResourceAsStream("crops.csv")) {
            String[] lines = new String(file.readAllBytes(), StandardCharsets.UTF_8).split("\n");
            String[] header = lines[0].strip().split(",");
            int index = java.util.List.of(header).indexOf(column);
            String[] cells = lines[KALE_ROW - 1].split(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)", -1);
            assertThat(cells[0]).isEqualTo("kale");
            if (column.equals("ferment_hours_max_22c")) {
                cells[java.util.List.of(header).indexOf("ferment_hours_min_22c")] = "24";
            }
            cells[index] = value;
            lines[KALE_ROW - 1] = String.join(",", cells);
            return String.join("\n", lines);
        }
    }

    @Test
    void aFarmsOwnFiguresStandInPlaceOfTheTablesAndAreCheckedAlike() {
        CropTable table = CropTable.shipped();
        Crop kale = table.otherwise("kale", Map.of(Figure.ISOLATION_MARKET, 850.0, Figure.FLOWERING_DAYS, 21.0));
        assertThat(kale.isolation().orElseThrow().market()).isEqualTo(850);
        assertThat(kale.floweringDays()).isEqualTo(21);
        assertThat(kale.plants()).isEqualTo(table.find("kale").orElseThrow().plants());
        assertThat(table.general("kale", Figure.ISOLATION_MARKET).orElseThrow()).isEqualTo(1000);
        assertThatThrownBy(() -> table.otherwise("kale", Map.of(Figure.ISOLATION_MARKET, -1.0)))
                .hasMessageContaining("value: ");
        assertThatThrownBy(() -> table.otherwise("kale", Map.of(Figure.ISOLATION_MARKET, 90_000.0)))
                .hasMessageContaining("value: ");
        assertThatThrownBy(() -> table.otherwise("kale", Map.of(Figure.ISOLATION_STOCK, 10.0)))
                .hasMessageContaining("figure.grades");
        assertThatThrownBy(() -> table.otherwise("kale", Map.of(Figure.PLANTS_MARKET, 60.5)))
                .hasMessageContaining("whole");
    }

    /** What seed is got out of says how: fruit is opened, pods are shelled or threshed, bulbs and tubers hold none. */
    @Test
    void eachCropThatIsGrownForSeedKnowsHowItsSeedIsGotOut() {
        CropTable crops = CropTable.shipped();
        assertThat(crops.all())
                .allSatisfy(crop -> assertThat(crop.handling().extraction().isEmpty())
                        .as(crop.key())
                        .isEqualTo(!crop.grownFromSeed()));
        assertThat(crops.find("tomato").orElseThrow().handling().extraction())
                .containsExactly(Handling.Extraction.SQUEEZE, Handling.Extraction.GRIND_AND_SIEVE);
    }
}
