package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;

class VolunteersTest {
    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    @Test
    void whatShedsItsSeedEasilyComesUpMore() {
        Crop sheds = CropTable.shipped().all().stream()
                .filter(crop -> crop.shatterRisk().equals("high"))
                .findFirst()
                .orElseThrow();
        Crop holds = CropTable.shipped().all().stream()
                .filter(crop -> crop.shatterRisk().equals("low"))
                .findFirst()
                .orElseThrow();
        assertThat(Volunteers.area(sheds, 100)).isEqualTo(3);
        assertThat(Volunteers.area(holds, 100)).isEqualTo(0.2);
        assertThat(Volunteers.area(holds, 1)).as("a single plant").isEqualTo(0.01);
    }

    @Test
    void theyMatterToWhatTakesTheirPollenAndIsNotTheirOwnVariety() {
        assertThat(Volunteers.matter(crop("beetroot"), crop("chard"), false)).isTrue();
        assertThat(Volunteers.matter(crop("beetroot"), crop("beetroot"), true)).isFalse();
        assertThat(Volunteers.matter(crop("beetroot"), crop("carrot"), false)).isFalse();
    }
}
