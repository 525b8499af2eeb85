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
        return RipeningWatch.of(LETTUCE, FROM, TO, 60, List.of(visits), TODAY);
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
    void oneVisitMovesTheCurveAndTwoTurnIt() {
        Visit early = new Visit(LocalDate.of(2026, 8, 10), 30, 60);
        RipeningWatch moved = watch(early);
        assertThat(moved.known()).isEqualTo(Known.ONE_VISIT);
        assertThat(moved.curve().mean()).isCloseTo(early.on().toEpochDay(), within(1e-9));
        assertThat(moved.curve().spread()).isEqualTo(watch().curve().spread());
        Visit late = new Visit(LocalDate.of(2026, 8, 16), 57, 60);
        RipeningWatch turned = watch(late, early);
        assertThat(turned.known()).isEqualTo(Known.VISITS);
        double share = (57 + 0.5) / 61;
        assertThat(turned.curve().ripe(late.on().toEpochDay())).isCloseTo(share, within(1e-9));
        assertThat(turned.curve().ripe(early.on().toEpochDay())).isCloseTo(30.5 / 61, within(1e-9));
        assertThat(turned.curve().spread()).isLessThan(moved.curve().spread());
    }

    @Test
    void visitsThatTellOfNoRipeningKeepTheSpreadOfTheBloom() {
        RipeningWatch watch =
                watch(new Visit(LocalDate.of(2026, 8, 10), 30, 60), new Visit(LocalDate.of(2026, 8, 14), 20, 60));
        assertThat(watch.curve().spread()).isEqualTo(watch().curve().spread());
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
        RipeningWatch late = RipeningWatch.of(LETTUCE, FROM, TO, 60, List.of(), LocalDate.of(2026, 10, 1));
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
                HarvestWeather.of(List.of(day(0, 8, 0.8, 70), day(1, 0, 0.1, 45), day(2, 0, 0.1, 40)), 0);
        assertThat(weather.days().get(0).from()).isNegative();
        assertThat(weather.days().get(2).from()).isBetween(8, 14);
        assertThat(weather.days().get(2).dryHours())
                .isGreaterThan(weather.days().get(1).dryHours());
        assertThat(weather.rainWithin(2)).isCloseTo(1 - 0.2 * 0.9, within(1e-9));
    }

    @Test
    void aForecastNeedsEveryHour() {
        assertThatThrownBy(() ->
                        new HarvestWeather.Forecast(TODAY, 0, 0, Collections.nCopies(23, new DryDay.Hour(20, 50))))
                .isInstanceOf(OutOfRange.class);
    }

    @ParameterizedTest
    @CsvSource({"0, 0.1", "0.0299, 0.1", "0.03, 0.3", "0.0799, 0.3", "0.08, 0.5", "0.2, 0.5"})
    void aStormTakesMoreTheMoreReadilyItSheds(double shatter, double lost) {
        assertThat(HarvestWeather.lostInStorm(shatter)).isEqualTo(lost);
    }
}
