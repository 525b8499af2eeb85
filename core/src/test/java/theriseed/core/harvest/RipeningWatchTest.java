package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.harvest.RipeningWatch.Known;
import theriseed.core.harvest.RipeningWatch.Visit;
import theriseed.core.measure.OutOfRange;

class RipeningWatchTest {
    private static final Crop LETTUCE = CropTable.shipped().find("lettuce").orElseThrow();
    private static final LocalDate FROM = LocalDate.of(2026, 8, 4);
    private static final LocalDate TO = LocalDate.of(2026, 9, 1);
    private static final LocalDate TODAY = LocalDate.of(2026, 8, 12);

    private static RipeningWatch watch(Visit... visits) {
        return RipeningWatch.of(LETTUCE, FROM, TO, 4, 60, List.of(visits), TODAY);
    }

    @Test
    void withoutAVisitItRestsOnTheBloom() {
        RipeningWatch watch = watch();
        assertThat(watch.known()).isEqualTo(Known.BLOOM);
        assertThat(watch.curve().mean()).isCloseTo(LocalDate.of(2026, 8, 18).toEpochDay(), within(1e-9));
        assertThat(watch.ripe()).isCloseTo(watch.onPlants() + watch.fallen(), within(1e-9));
        assertThat(watch.best().on()).isBetween(LocalDate.of(2026, 8, 18), LocalDate.of(2026, 8, 30));
    }

    @Test
    void visitsMoveTheCurveTheMoreTheMoreWasLookedAt() {
        Visit few = new Visit(LocalDate.of(2026, 8, 10), 3, 6);
        Visit many = new Visit(few.on(), 100, 200);
        assertThat(watch(few).known()).isEqualTo(Known.ONE_VISIT);
        assertThat(watch(many).curve().mean())
                .isBetween(few.on().toEpochDay() * 1.0, watch(few).curve().mean());
        assertThat(watch(few).curve().mean()).isLessThan(watch().curve().mean());
        assertThat(watch(many).meanSpread()).isLessThan(watch(few).meanSpread()).isLessThan(watch().meanSpread());
        assertThat(watch(many, new Visit(LocalDate.of(2026, 8, 16), 190, 200)).known())
                .isEqualTo(Known.VISITS);
    }

    @Test
    void morePickingsCollectMoreAndCostHours() {
        List<RipeningWatch.Pickings> pickings = watch().pickings();
        assertThat(pickings).hasSize(4);
        for (int i = 1; i < pickings.size(); i++) {
            assertThat(pickings.get(i).share())
                    .isGreaterThan(pickings.get(i - 1).share());
            assertThat(pickings.get(i).hours())
                    .isGreaterThan(pickings.get(i - 1).hours());
            assertThat(pickings.get(i).days()).hasSize(i + 1).isSorted().allMatch(day -> !day.isBefore(TODAY));
        }
        assertThat(pickings.get(0).gained()).isZero();
        assertThat(pickings.get(1).hours()).isCloseTo(1.5, within(1e-9));
    }

    @Test
    void theBestCutIsNeverInThePast() {
        RipeningWatch late = RipeningWatch.of(LETTUCE, FROM, TO, 4, 60, List.of(), LocalDate.of(2026, 10, 1));
        assertThat(late.best().on()).isEqualTo(LocalDate.of(2026, 10, 1));
        assertThat(late.pickings().get(3).days()).hasSize(4).startsWith(LocalDate.of(2026, 10, 1));
        assertThat(late.course()).last().extracting(RipeningWatch.Day::on).isEqualTo(LocalDate.of(2026, 10, 1));
    }

    @Test
    void moreRipeThanLookedAtIsRefused() {
        assertThatThrownBy(() -> new Visit(TODAY, 13, 12))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("ripe: 13");
    }

    private static HarvestWeather.Forecast day(int n, double rain, double chance, double noon) {
        List<DryDay.Hour> hours = IntStream.range(0, 24)
                .mapToObj(hour -> {
                    double sun = Math.max(0, Math.sin(Math.PI * (hour - 6) / 14));
                    return new DryDay.Hour(12 + 12 * sun, 92 - (92 - noon) * sun);
                })
                .toList();
        return new HarvestWeather.Forecast(TODAY.plusDays(n), rain, chance, hours);
    }

    @Test
    void aDayAfterRainIsNotFitAndTheNextIsFromAfterDew() {
        HarvestWeather weather =
                HarvestWeather.of(List.of(day(0, 8, 0.8, 70), day(1, 0, 0.1, 45), day(2, 0, 0.1, 40)), lit(3), 0);
        assertThat(weather.days().get(0).from()).isNegative();
        assertThat(weather.days().get(2).from()).isBetween(8, 14);
        assertThat(weather.days().get(2).dry().hours())
                .isGreaterThan(weather.days().get(1).dry().hours());
        assertThat(weather.rainWithin(2)).isCloseTo(1 - 0.2 * 0.9, within(1e-9));
    }

    private static List<HarvestWeather.Light> lit(int days) {
        return Collections.nCopies(days, new HarvestWeather.Light(8.5, 20));
    }

    private static DryHours today(double chance) {
        return HarvestWeather.of(List.of(day(0, 30, chance, 40)), lit(1), 0)
                .days()
                .get(0)
                .dry();
    }

    @Test
    void aDayIsAsFitAsItIsLikelyToStayDryWithoutACliff() {
        assertThat(today(0.49).expected())
                .isCloseTo(today(0.51).expected(), within(0.5))
                .isPositive();
        assertThat(today(0.49).fitChance()).isCloseTo(0.51, within(1e-9));
        assertThat(today(0).fitChance()).isEqualTo(1);
        assertThat(today(1).expected()).isZero();
    }

    @Test
    void noHourBeforeTheDewIsOffOrAfterDuskIsDry() {
        HarvestWeather.Fit autumn = HarvestWeather.of(
                        List.of(day(0, 0, 0, 30)), List.of(new HarvestWeather.Light(11.2, 16.05)), 0)
                .days()
                .get(0);
        assertThat(autumn.from()).isEqualTo(12);
        assertThat(autumn.dry().hours()).isEqualTo(4);
    }

    @Test
    void whatMayRainTodayMayStillBeWetTomorrow() {
        double after = 2;
        for (double chance : new double[] {0, 0.3, 0.6, 0.9}) {
            double tomorrow = HarvestWeather.of(List.of(day(0, 30, chance, 60), day(1, 0, 0, 45)), lit(2), 0)
                    .days()
                    .get(1)
                    .dry()
                    .fitChance();
            assertThat(tomorrow).isLessThan(after);
            after = tomorrow;
        }
    }

    @Test
    void aForecastNeedsEveryHour() {
        assertThatThrownBy(() ->
                        new HarvestWeather.Forecast(TODAY, 0, 0, Collections.nCopies(23, new DryDay.Hour(20, 50))))
                .isInstanceOf(OutOfRange.class);
    }

    @ParameterizedTest
    @CsvSource({"0, 0.05", "0.005, 0.1", "0.0175, 0.2", "0.03, 0.3", "0.055, 0.4", "0.08, 0.5", "0.2, 0.5"})
    void aStormTakesMoreTheMoreReadilyItSheds(double shatter, double lost) {
        assertThat(HarvestWeather.lostInStorm(shatter)).isCloseTo(lost, within(1e-9));
    }
}
