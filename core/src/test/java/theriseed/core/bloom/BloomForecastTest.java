package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;

class BloomForecastTest {
    private static final ClimateNormals MILD = new ClimateNormals(11, 6.5, 28, 3.5);
    private static final LocalDate MARCH = LocalDate.of(2026, 3, 10);

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static BloomWindow bloom(String key, LocalDate sown, LocalDate setOut) {
        return new BloomForecast(MILD).of(crop(key), 2026, sown, setOut).orElseThrow();
    }

    @Test
    void raisingUnderGlassBringsBloomForward() {
        LocalDate late = bloom("tomato", LocalDate.of(2026, 5, 20), LocalDate.of(2026, 5, 20))
                .first();
        LocalDate raised = bloom("tomato", MARCH, LocalDate.of(2026, 5, 20)).first();
        assertThat(raised).isBetween(LocalDate.of(2026, 5, 15), LocalDate.of(2026, 6, 20));
        assertThat(late).isAfter(raised.plusDays(30));
    }

    @Test
    void aBiennialBloomsInItsSeasonWhateverTheSowingDay() {
        LocalDate sown = LocalDate.of(2025, 6, 20);
        assertThat(bloom("kale", sown, sown)).isEqualTo(bloom("kale", sown.plusDays(30), sown.plusDays(30)));
        assertThat(bloom("kale", sown, sown).first()).isBetween(LocalDate.of(2026, 4, 1), LocalDate.of(2026, 5, 20));
        assertThat(bloom("kale", sown, sown).days()).isEqualTo(crop("kale").floweringDays());
    }

    @Test
    void warmthThatNeverComesGivesNoDate() {
        ClimateNormals cold = new ClimateNormals(2, 4, 28, 3);
        assertThat(new BloomForecast(cold).of(crop("melon"), 2026, MARCH, MARCH))
                .isEmpty();
        assertThat(new BloomForecast(MILD).of(crop("garlic"), 2026, MARCH, MARCH))
                .isEmpty();
    }

    @Test
    void windowsKnowHowFarApartTheyAre() {
        BloomWindow may = new BloomWindow(LocalDate.of(2026, 5, 1), LocalDate.of(2026, 5, 31));
        BloomWindow june = new BloomWindow(LocalDate.of(2026, 6, 11), LocalDate.of(2026, 6, 30));
        assertThat(may.daysApart(june)).isEqualTo(10).isEqualTo(june.daysApart(may));
        assertThat(may.daysApart(may)).isZero();
        assertThat(may.intensity(LocalDate.of(2026, 5, 16))).isEqualTo(1.0);
        assertThat(may.intensity(LocalDate.of(2026, 6, 2))).isZero();
        assertThatThrownBy(() -> new BloomWindow(may.last(), may.first())).isInstanceOf(OutOfRange.class);
    }
}
