package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WhenToCutTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 8, 14);
    private static final double SHEDS = 0.08;
    private static final double HOLDS = 0.005;

    /** Half ripe so many days after today. */
    private static RipeningCurve half(double after, double shatter) {
        return new RipeningCurve(TODAY.toEpochDay() + after, 5, shatter);
    }

    /** Five days alike, dry air from noon on where no rain comes. */
    private static HarvestWeather weather(double mm, double chance) {
        List<HarvestWeather.Forecast> days = IntStream.range(0, 5)
                .mapToObj(day -> new HarvestWeather.Forecast(
                        TODAY.plusDays(day), mm, chance, Collections.nCopies(24, new DryDay.Hour(24, 40))))
                .toList();
        return HarvestWeather.of(days, Collections.nCopies(5, new HarvestWeather.Light(9, 20)), 0);
    }

    private static WhenToCut when(double halfAfter, double shatter, double mm, double chance) {
        return WhenToCut.of(half(halfAfter, shatter), weather(mm, chance), TODAY);
    }

    @Test
    void theBestOfTheComingDaysIsTheAnswer() {
        WhenToCut when = when(2, SHEDS, 0, 0);
        assertThat(when.days())
                .hasSize(5)
                .allSatisfy(day ->
                        assertThat(day.share()).isLessThanOrEqualTo(when.best().share()));
        assertThat(when.days()).contains(when.best());
        assertThat(when.best().hang()).as("what is green ripens on").isTrue();
        assertThat(when.withDew()).isTrue();
        assertThat(when(2, HOLDS, 0, 0).withDew()).isFalse();
    }

    @Test
    void seedThatHoldsIsCutDryOnceItIsRipe() {
        WhenToCut.Cut best = when(-20, HOLDS, 0, 0).best();
        assertThat(best.on()).isEqualTo(TODAY);
        assertThat(best.hang()).isFalse();
        assertThat(best.share()).isCloseTo(best.dry(), within(1e-12));
    }

    @Test
    void aDryCutIsWorthWhatItCollectsIfTheDayIsDryAndElseWhatHangingDoes() {
        WhenToCut.Cut today = when(-20, HOLDS, 10, 0.4).days().get(0);
        assertThat(today.fit()).hasValue(0.6);
        assertThat(today.share()).isCloseTo(0.6 * today.dry() + 0.4 * today.hung(), within(1e-12));
    }

    @Test
    void aStormThatIsLikelyHasItCutToday() {
        assertThat(when(3, SHEDS, 0, 0).best().on()).isAfter(TODAY);
        assertThat(when(3, SHEDS, 40, 0.9).best().on()).isEqualTo(TODAY);
    }

    @ParameterizedTest
    @CsvSource({"2, 5", "5, 12", "12, 40"})
    void theMoreRainTheLessIsLeftStanding(double less, double more) {
        double some = when(-3, SHEDS, less, 0.5).days().get(4).dry();
        assertThat(when(-3, SHEDS, more, 0.5).days().get(4).dry())
                .isLessThan(some)
                .isPositive();
        assertThat(when(-3, SHEDS, more, 0.5).days().get(0).dry())
                .as("before the rain")
                .isCloseTo(half(-3, SHEDS).collectable(TODAY.toEpochDay()), within(1e-12));
    }

    @Test
    void rainBeforeAnythingIsRipeCostsNothing() {
        double dry = when(30, SHEDS, 0, 0).best().share();
        assertThat(when(30, SHEDS, 40, 0.9).best().share()).isCloseTo(dry, within(1e-3));
    }

    @Test
    void rainThatMayComeIsAShowerWhereNobodySaysHowMuch() {
        assertThat(when(0, SHEDS, 0, 0.5).days().get(1).dry())
                .isCloseTo(when(0, SHEDS, 2, 0.5).days().get(1).dry(), within(1e-12))
                .isLessThan(when(0, SHEDS, 0, 0).days().get(1).dry());
        assertThat(weather(0, 0.25).days().get(0).dry().fitChance()).isEqualTo(0.75);
    }

    @Test
    void withoutRainADryCutIsWhatTheCurveSays() {
        assertThat(when(1, SHEDS, 0, 0).days())
                .allSatisfy(day -> assertThat(day.dry())
                        .isCloseTo(half(1, SHEDS).collectable(day.on().toEpochDay()), within(1e-12)));
    }

    @Test
    void aDayBeyondTheForecastIsTheAnswerWhileNothingIsRipe() {
        WhenToCut when = when(30, SHEDS, 5, 0.3);
        assertThat(when.best().on()).isBetween(TODAY.plusDays(25), TODAY.plusDays(35));
        assertThat(when.best().fit()).isEmpty();
    }

    @Test
    void aDayBeyondTheForecastIsNotWaitedForWhereItGivesHardlyMore() {
        WhenToCut when = when(-9, HOLDS, 5, 0.3);
        assertThat(when.best().on()).isBeforeOrEqualTo(TODAY.plusDays(4));
    }

    @Test
    void withoutAForecastTheRipeningAloneTells() {
        WhenToCut when = WhenToCut.of(half(8, SHEDS), new HarvestWeather(List.of()), TODAY);
        assertThat(when.days()).isEmpty();
        assertThat(when.waiting()).isEmpty();
        assertThat(when.best().on()).isBetween(TODAY.plusDays(4), TODAY.plusDays(12));
        WhenToCut late = WhenToCut.of(half(-90, SHEDS), new HarvestWeather(List.of()), TODAY);
        assertThat(late.best().on()).isEqualTo(TODAY);
    }

    @Test
    void theRainFromWhichHangingTodayIsBetterEvensThemOut() {
        WhenToCut.Waiting waiting = when(3, SHEDS, 20, 0.2).waiting().orElseThrow();
        StormChoice choice = waiting.choice();
        assertThat(choice.later())
                .isCloseTo(
                        when(3, SHEDS, 20, 0.2).days().stream()
                                .filter(day -> day.on().equals(waiting.until()))
                                .findFirst()
                                .orElseThrow()
                                .hung(),
                        within(1e-12));
        assertThat(waiting.rain() < choice.breakEven()).isEqualTo(!choice.cutsNow());
    }

    @ParameterizedTest
    @ValueSource(doubles = {-60, -10, 0, 4, 40, 300})
    void noShareIsMoreThanAllOrLessThanNothing(double halfAfter) {
        WhenToCut when = when(halfAfter, SHEDS, 8, 0.6);
        assertThat(when.best().share()).isBetween(0.0, 1.0);
        assertThat(when.best().on()).isAfterOrEqualTo(TODAY);
    }
}
