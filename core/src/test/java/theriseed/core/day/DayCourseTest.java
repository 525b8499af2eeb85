package theriseed.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.ground.LonLat;

class DayCourseTest {
    private static final ClimateNormals MILD = new ClimateNormals(11, 6, 25, 4);

    private static DayCourse day(double lon, double lat, String day) {
        return DayCourse.of(new LonLat(lon, lat), MILD, LocalDate.parse(day), ZoneOffset.UTC);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 2026-03-20, 6.06, 18.19",
        "0, 51.5, 2026-06-21, 3.71, 20.36",
        "0, 51.5, 2026-12-21, 8.07, 15.89",
        "-24.3, 54.6, 2026-03-20, 7.65, 19.84",
    })
    void theSunRisesAndSetsWhenTheAlmanacSays(double lon, double lat, String date, double rise, double set) {
        DayCourse day = day(lon, lat, date);
        assertThat(day.sunrise()).isCloseTo(rise, within(0.06));
        assertThat(day.sunset()).isCloseTo(set, within(0.06));
    }

    @Test
    void itIsColdestAboutSunriseAndWarmestInTheAfternoon() {
        DayCourse day = day(0, 54.6, "2026-08-14");
        double low = day.temperatures().stream().min(Double::compare).orElseThrow();
        double high = day.temperatures().stream().max(Double::compare).orElseThrow();
        assertThat(day.temperatures().indexOf(low)).isBetween(4, 6);
        assertThat(day.temperatures().indexOf(high)).isBetween(14, 15);
        assertThat(high - low).isBetween(7.5, 8.0);
        assertThat(day.dewOff()).isBetween(day.sunrise(), day.sunset());
    }

    @Test
    void inTheAirThatIsForecastOnlyItsWarmthIsAnother() {
        DayCourse usual = day(0, 54.6, "2026-08-14");
        List<Double> air =
                IntStream.range(0, 24).mapToObj(hour -> 10 + hour / 2.0).toList();
        DayCourse day = usual.inAir(air);
        assertThat(day.temperatures()).hasSize(25).startsWith(10.0, 10.5).endsWith(21.5, 21.5);
        assertThat(day.dewOff()).isEqualTo(usual.dewOff());
        assertThatThrownBy(() -> usual.inAir(air.subList(0, 12))).hasMessageContaining("air: 12");
    }

    @Test
    void whereTheSunNeverSetsTheDayIsWhole() {
        DayCourse day = day(0, 70, "2026-06-21");
        assertThat(day.sunset() - day.sunrise()).isCloseTo(24, within(0.1));
    }
}
