package theriseed.core.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;
import theriseed.core.population.PopulationPlan.Mark;
import theriseed.core.store.StoreForecast.Look;

class StoreForecastTest {
    static final LocalDate IN = LocalDate.of(2026, 11, 5);
    static final LocalDate OUT = LocalDate.of(2027, 4, 2);

    private static StoreForecast of(int wanted, Look... looks) {
        return StoreForecast.of(180, IN, List.of(looks), OUT, wanted);
    }

    @Test
    void withoutALookTheUsualLossIsTaken() {
        StoreForecast forecast = of(100);
        assertThat(forecast.rate()).isEqualTo(StockPlan.USUAL_RATE);
        assertThat(forecast.expected()).isCloseTo(180 * 0.98 * Math.exp(-0.0015 * 148), within(1e-9));
        assertThat(forecast.nextLook()).isEqualTo(IN.plusDays(21));
    }

    @Test
    void aLookTellsWhatIsSoundAndMovesTheRate() {
        StoreForecast forecast = of(100, new Look(IN.plusDays(28), 180, 6));
        assertThat(forecast.sound()).isEqualTo(174);
        assertThat(forecast.atLeast()).isLessThan(forecast.expected());
        assertThat(forecast.mark()).isEqualTo(Mark.CLEAR);
        assertThat(of(140, new Look(IN.plusDays(28), 180, 6)).mark()).isEqualTo(Mark.TIGHT);
        assertThat(of(175, new Look(IN.plusDays(28), 180, 6)).mark()).isEqualTo(Mark.SHORT);
    }

    /** What was hurt at putting in shows at the first look, whenever that is, and does not go on all winter. */
    @Test
    void howSoonOneLooksDoesNotMakeItWorse() {
        List<Double> expected = IntStream.of(3, 7, 14, 21)
                .mapToObj(days -> StoreForecast.of(100, IN, List.of(new Look(IN.plusDays(days), 100, 3)), OUT, 60)
                        .expected())
                .toList();
        assertThat(expected).allSatisfy(sound -> assertThat(sound).isBetween(77.0, 82.0));
        assertThat(StoreForecast.of(100, IN, List.of(new Look(IN.plusDays(3), 100, 3)), OUT, 60)
                        .mark())
                .isEqualTo(Mark.CLEAR);
    }

    @Test
    void allLooksCountNotOnlyTheLast() {
        Look first = new Look(IN.plusDays(21), 180, 4);
        Look bad = new Look(IN.plusDays(42), 176, 20);
        Look good = new Look(IN.plusDays(63), 156, 0);
        assertThat(of(100, first, bad, good).rate())
                .isGreaterThan(of(100, first).rate())
                .isLessThan(of(100, first, bad).rate());
    }

    @Test
    void aSampleStandsForTheRest() {
        assertThat(of(100, new Look(IN.plusDays(28), 60, 3)).sound()).isBetween(168, 172);
    }

    @Test
    void thatAllRottedCanBeSaid() {
        StoreForecast gone = of(100, new Look(IN.plusDays(40), 180, 180));
        assertThat(gone.sound()).isZero();
        assertThat(gone.there()).isZero();
        assertThat(gone.mark()).isEqualTo(Mark.SHORT);
    }

    @Test
    void aFastLossIsLookedAtSooner() {
        LocalDate day = IN.plusDays(21);
        assertThat(of(100, new Look(day, 180, 30)).nextLook()).isEqualTo(day.plusDays(10));
        assertThat(of(100, new Look(day, 180, 3)).nextLook()).isEqualTo(day.plusDays(21));
    }

    @Test
    void moreThanLieThereAreRefused() {
        assertThatThrownBy(() -> of(100, new Look(IN.plusDays(10), 200, 1)))
                .isInstanceOf(OutOfRange.class)
                .hasMessageStartingWith("lookedAt: 200 is outside the valid range [1,");
    }
}
