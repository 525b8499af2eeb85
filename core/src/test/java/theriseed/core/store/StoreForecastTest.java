package theriseed.core.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
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
    void aLookAnchorsItAnew() {
        StoreForecast forecast = of(100, new Look(IN.plusDays(28), 180, 6));
        assertThat(forecast.sound()).isEqualTo(174);
        assertThat(forecast.rate()).isCloseTo(-Math.log(1 - 6 / 180.0) / 28, within(1e-12));
        assertThat(forecast.atLeast()).isLessThan(forecast.expected());
        assertThat(forecast.mark()).isEqualTo(Mark.CLEAR);
        assertThat(of(140, new Look(IN.plusDays(28), 180, 6)).mark()).isEqualTo(Mark.TIGHT);
        assertThat(of(175, new Look(IN.plusDays(28), 180, 6)).mark()).isEqualTo(Mark.SHORT);
    }

    @Test
    void aSampleStandsForTheRest() {
        assertThat(of(100, new Look(IN.plusDays(28), 60, 3)).sound()).isEqualTo(171);
    }

    @Test
    void aFastLossIsLookedAtSooner() {
        LocalDate day = IN.plusDays(21);
        assertThat(of(100, new Look(day, 180, 30)).nextLook()).isEqualTo(day.plusDays(10));
    }

    @Test
    void moreThanLieThereAreRefused() {
        assertThatThrownBy(() -> of(100, new Look(IN.plusDays(10), 200, 1)))
                .isInstanceOf(OutOfRange.class)
                .hasMessageStartingWith("lookedAt: 200 is outside the valid range [1,");
    }
}
