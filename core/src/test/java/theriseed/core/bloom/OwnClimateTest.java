package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

class OwnClimateTest {
    private static final LocalDate FIRST = LocalDate.of(2021, 1, 1);

    @ParameterizedTest
    @CsvSource({"9.5, 7.25, 25, 4.5", "16, 4, 207, 6", "-2, 18, 1, 3", "12, 6, 365, 5"})
    void aWaveIsFoundAgain(double mean, double amplitude, int coldest, double half) {
        OwnClimate found = OwnClimate.of(days(new ClimateNormals(mean, amplitude, coldest, half), 365, 0));
        assertThat(found.normals().mean()).isCloseTo(mean, within(1e-9));
        assertThat(found.normals().amplitude()).isCloseTo(amplitude, within(1e-9));
        assertThat(found.normals().coldestDay()).isEqualTo(coldest);
        assertThat(found.normals().half()).isCloseTo(half, within(1e-9));
        assertThat(found.apart()).isCloseTo(0, within(1e-6));
    }

    @Test
    void theWeatherOfSingleDaysAveragesOutAndIsToldBesideIt() {
        ClimateNormals normals = new ClimateNormals(10, 8, 20, 5);
        OwnClimate found = OwnClimate.of(days(normals, 3652, 3));
        assertThat(found.normals().mean()).isCloseTo(10, within(0.2));
        assertThat(found.normals().amplitude()).isCloseTo(8, within(0.3));
        assertThat(found.normals().coldestDay()).isBetween(17, 23);
        assertThat(found.apart()).isCloseTo(3, within(0.15));
        assertThat(found.days()).isEqualTo(3652);
        assertThat(found.first()).isEqualTo(FIRST);
        assertThat(found.last()).isEqualTo(FIRST.plusDays(3651));
    }

    @Test
    void aWinterKnownThreeTimesWeighsNoMoreThanASummerKnownOnce() {
        ClimateNormals normals = new ClimateNormals(10, 8, 20, 5);
        Map<LocalDate, Weather.Day> known = days(normals, 3 * 365, 0);
        known.keySet().removeIf(day -> day.getYear() > 2021 && day.getMonthValue() > 3 && day.getMonthValue() < 10);
        assertThat(OwnClimate.of(known).normals().mean()).isCloseTo(10, within(0.01));
    }

    @Test
    void aFortnightIsBridgedAlsoRoundTheTurnOfTheYearAndMoreIsNot() {
        ClimateNormals normals = new ClimateNormals(10, 8, 20, 5);
        Map<LocalDate, Weather.Day> known = days(normals, 365, 0);
        // 25 December to 7 January.
        known.keySet().removeIf(day -> day.getDayOfYear() >= 359 || day.getDayOfYear() <= 7);
        assertThat(OwnClimate.of(known).normals().amplitude()).isCloseTo(8, within(0.05));
        known.remove(LocalDate.of(2021, 12, 24));
        assertThatThrownBy(() -> OwnClimate.of(known))
                .isInstanceOfSatisfying(
                        OutOfRange.class,
                        refused -> assertThat(refused.refusal().toString())
                                .contains("climate.gap", "from=2021-12-24", "gap=15"));
        assertThatThrownBy(() -> OwnClimate.of(Map.of())).hasMessageContaining("weather");
    }

    private static Map<LocalDate, Weather.Day> days(ClimateNormals normals, int count, double spread) {
        Random random = new Random(5);
        Map<LocalDate, Weather.Day> days = new TreeMap<>();
        for (int at = 0; at < count; at++) {
            LocalDate day = FIRST.plusDays(at);
            double mean = normals.dayMean(day.getDayOfYear()) + spread * random.nextGaussian();
            days.put(day, new Weather.Day(mean - normals.half(), mean + normals.half()));
        }
        return days;
    }
}
