package theriseed.core.crop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import theriseed.core.measure.OutOfRange;

class OwnCropTest {
    private static final CropTable SHIPPED = CropTable.shipped();

    private static CropTable with(String like, Map<String, String> cells) {
        return SHIPPED.with(List.of(new CropTable.OwnCrop("groundcherry-own", like, cells)));
    }

    static Stream<String> keys() {
        return SHIPPED.all().stream().map(Crop::key);
    }

    @ParameterizedTest
    @MethodSource("keys")
    void isInAllAsTheCropItIsLikeButForWhatIsItsOwn(String like) {
        CropTable table = with(like, Map.of("name", "Ground cherry of ours", "storage_years_cool_dry", "3"));
        Crop own = table.find("groundcherry-own").orElseThrow();
        Crop other = SHIPPED.find(like).orElseThrow();
        assertThat(own)
                .usingRecursiveComparison()
                .ignoringFields("key", "name", "storageYears")
                .isEqualTo(other);
        assertThat(own.name()).isEqualTo("Ground cherry of ours");
        assertThat(own.storageYears()).isEqualTo(3);
        assertThat(own.takesPollenOf(other)).isEqualTo(1);
        assertThat(table.all()).hasSize(SHIPPED.all().size() + 1);
        assertThat(table.cells("groundcherry-own")).containsAllEntriesOf(Map.of("name", "Ground cherry of ours"));
    }

    @ParameterizedTest
    @CsvSource({
        "flowering_days,none",
        "flowering_days,0",
        "life_cycle,eternal",
        "isolation_market_m,1",
        "name,''",
        "frost_kills,5",
        "key,x",
        "shoe_size,43"
    })
    void whatCannotBeIsRefusedByItsColumn(String column, String cell) {
        assertThatThrownBy(() -> with("tomato", Map.of(column, cell)))
                .isInstanceOfSatisfying(
                        OutOfRange.class, refused -> assertThat(refused.field()).isEqualTo(column));
    }

    @Test
    void aGroupOfItsOwnCrossesWithNothing() {
        CropTable table = with("tomato", Map.of("crossing_group", "groundcherry-own"));
        Crop own = table.find("groundcherry-own").orElseThrow();
        assertThat(SHIPPED.all()).allSatisfy(other -> {
            assertThat(own.takesPollenOf(other)).isZero();
            assertThat(other.takesPollenOf(own)).isZero();
        });
    }

    @Test
    void figuresOfTheFarmRuleOverItsCellsAndStagesStay() {
        CropTable table = with("tomato", Map.of("flowering_days", "40"));
        assertThat(table.general("groundcherry-own", Figure.FLOWERING_DAYS)).hasValue(40);
        Crop otherwise = table.otherwise("groundcherry-own", Map.of(Figure.FLOWERING_DAYS, 50.0));
        assertThat(otherwise.floweringDays()).isEqualTo(50);
        assertThat(otherwise.stages())
                .isEqualTo(SHIPPED.find("tomato").orElseThrow().stages())
                .isNotEmpty();
        assertThatThrownBy(() -> table.otherwise("groundcherry-own", Map.of(Figure.FLOWERING_DAYS, -1.0)))
                .isInstanceOfSatisfying(
                        OutOfRange.class, refused -> assertThat(refused.field()).isEqualTo("value"));
    }
}
