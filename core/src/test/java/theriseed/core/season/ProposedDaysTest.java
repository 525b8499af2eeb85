package theriseed.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Frosts;
import theriseed.core.bloom.GrowingDays;
import theriseed.core.bloom.Weather;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.LifeCycle;

class ProposedDaysTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);
    private static final BloomForecast NORTH =
            forecast(new ClimateNormals(10.25, 6.75, 20, 5), Optional.of(frosts(5, 5, 10, 15)));
    private static final BloomForecast WARM =
            forecast(new ClimateNormals(14, 9, 20, 5), Optional.of(frosts(4, 10, 10, 25)));
    private static final BloomForecast SOUTH =
            forecast(new ClimateNormals(14.5, 5.5, 200, 5), Optional.of(frosts(10, 5, 5, 20)));
    private static final BloomForecast UNTOLD = forecast(new ClimateNormals(10.25, 6.75, 20, 5), Optional.empty());
    private static final int SEASON = 2028;

    private static Frosts frosts(int lastMonth, int lastDay, int firstMonth, int firstDay) {
        return new Frosts(MonthDay.of(lastMonth, lastDay), MonthDay.of(firstMonth, firstDay));
    }

    private static BloomForecast forecast(ClimateNormals normals, Optional<Frosts> frosts) {
        return new BloomForecast(new Weather(normals, Map.of()), frosts, TODAY);
    }

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static ProposedDays of(BloomForecast forecast, String crop) {
        return ProposedDays.of(forecast, crop(crop), SEASON);
    }

    @Test
    void everyCropsDaysAreOfTheSeasonOnEveryFarm() {
        for (BloomForecast forecast : List.of(NORTH, WARM, SOUTH, UNTOLD)) {
            for (Crop crop : CropTable.shipped().all()) {
                ProposedDays days = ProposedDays.of(forecast, crop, SEASON);
                SeasonDates.of(crop.lifeCycle(), SEASON, forecast.year())
                        .checkPlanting(
                                days.sown(),
                                days.setOut().orElse(null),
                                days.lifted().orElse(null),
                                days.replanted().orElse(null),
                                days.cleared().orElse(null));
                assertThat(days.cleared().isPresent()).isEqualTo(crop.lifeCycle() == LifeCycle.CLONAL);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"lambs-lettuce", "rye"})
    void anAnnualThatNeedsTheWinterIsSownBeforeIt(String key) {
        ProposedDays days = of(NORTH, key);
        assertThat(days.sown()).isBetween(LocalDate.of(2027, 8, 25), LocalDate.of(2027, 10, 10));
        assertThat(NORTH.of(
                                crop(key),
                                SEASON,
                                new GrowingDays(
                                        days.sown(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty()))
                        .window())
                .get()
                .satisfies(bloom ->
                        assertThat(bloom.first()).isBetween(LocalDate.of(2028, 3, 20), LocalDate.of(2028, 7, 1)));
    }

    @Test
    void whatDiesOfFrostGoesOutWhenFrostIsOver() {
        ProposedDays tomato = of(NORTH, "tomato");
        assertThat(tomato.setOut()).contains(LocalDate.of(2028, 5, 12));
        assertThat(tomato.sown()).isEqualTo(LocalDate.of(2028, 3, 17));
        assertThat(of(SOUTH, "tomato").setOut()).contains(LocalDate.of(2027, 10, 12));
        assertThat(of(UNTOLD, "tomato").setOut().orElseThrow())
                .as("when it is warm, where nobody has said when it freezes")
                .isBetween(LocalDate.of(2028, 4, 20), LocalDate.of(2028, 6, 10));
        assertThat(of(NORTH, "broad-bean").sown()).isBefore(LocalDate.of(2028, 4, 20));
        assertThat(of(NORTH, "common-bean").setOut())
                .as("beans are sown where they stand")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"courgette", "pumpkin-pepo", "cucumber", "lettuce", "tomato"})
    void whatCanBeIsRaisedUnderGlassAsLongAsItMustBeToRipenAndNoLonger(String key) {
        assertThat(ripens(NORTH, key, of(NORTH, key))).isEqualTo(RipensHere.Mark.RIPENS);
        ProposedDays warm = of(WARM, key);
        assertThat(ripens(WARM, key, warm)).isEqualTo(RipensHere.Mark.RIPENS);
        assertThat(warm.setOut().orElse(warm.sown()).toEpochDay() - warm.sown().toEpochDay())
                .isLessThanOrEqualTo(of(NORTH, key)
                                .setOut()
                                .map(LocalDate::toEpochDay)
                                .orElse(of(NORTH, key).sown().toEpochDay())
                        - of(NORTH, key).sown().toEpochDay());
    }

    private static RipensHere.Mark ripens(BloomForecast forecast, String key, ProposedDays days) {
        BloomForecast.Bloom bloom = forecast.of(
                crop(key),
                SEASON,
                new GrowingDays(days.sown(), days.setOut(), Optional.empty(), Optional.empty(), Optional.empty()));
        return RipensHere.of(forecast.year(), crop(key), days.setOut().orElse(days.sown()), bloom, TODAY)
                .orElseThrow()
                .mark();
    }

    @Test
    void rootsAreLiftedWhereTheWinterKillsThemAndPlantedAgainWhenItIsOver() {
        ProposedDays beet = of(NORTH, "beetroot");
        assertThat(beet.sown()).isBetween(LocalDate.of(2027, 5, 15), LocalDate.of(2027, 7, 15));
        assertThat(of(NORTH, "kale").lifted()).as("kale stands the winter").isEmpty();
        assertThat(of(NORTH, "celeriac").lifted()).isPresent();
        assertThat(of(NORTH, "celeriac").replanted().orElseThrow())
                .isBetween(LocalDate.of(2028, 3, 1), LocalDate.of(2028, 4, 30));
        for (String key : List.of("kale", "carrot", "beetroot", "onion", "leek")) {
            ProposedDays days = of(NORTH, key);
            BloomForecast.Bloom bloom = NORTH.of(
                    crop(key),
                    SEASON,
                    new GrowingDays(days.sown(), days.setOut(), days.lifted(), days.replanted(), Optional.empty()));
            assertThat(bloom.tooLittleCold()).as(key).isFalse();
            assertThat(bloom.window()).as(key).isPresent();
        }
    }

    @Test
    void bulbsGoInBeforeWinterAndTubersBeforeTheLastFrost() {
        assertThat(of(NORTH, "garlic").sown()).isEqualTo(LocalDate.of(2027, 10, 22));
        assertThat(of(NORTH, "potato-tuber").sown()).isEqualTo(LocalDate.of(2028, 4, 21));
    }
}
