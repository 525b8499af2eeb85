package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bench.Setting.Look;
import theriseed.core.bench.Setting.Verdict;

class SettingTest {
    @Test
    void soundSeedThrownOutIsWeighedAgainstAllThereWas() {
        Setting setting = Setting.of(Look.DISCARD_CUT, 50, 40, 500, 1600);
        assertThat(setting.share()).isEqualTo(0.8);
        assertThat(setting.lost()).isCloseTo(400, within(1e-9));
        assertThat(setting.lostShare()).isCloseTo(0.2, within(1e-12));
        assertThat(setting.verdict()).isEqualTo(Verdict.TOO_HARD);
        assertThat(setting.lower()).isLessThan(0.8);
        assertThat(setting.upper()).isGreaterThan(0.8);
    }

    @ParameterizedTest
    @CsvSource({
        "DISCARD_CUT, 50, 50, 40, 1600, RIGHT",
        "DISCARD_GERMINATED, 10, 0, 500, 1600, LOOK_AT_MORE",
        "DISCARD_GERMINATED, 50, 0, 500, 1600, RIGHT",
        "KEPT_BROKEN, 20, 0, 0, 1600, LOOK_AT_MORE",
        "KEPT_BROKEN, 100, 1, 0, 1600, RIGHT",
        "KEPT_BROKEN, 100, 12, 0, 1600, TOO_HARD"
    })
    void theLimitsDecideNotTheEstimate(
            Look look, int seeds, int found, double discarded, double kept, Verdict verdict) {
        assertThat(Setting.of(look, seeds, found, discarded, kept).verdict()).isEqualTo(verdict);
    }

    @Test
    void whatIsEnoughSettlesIt() {
        int enough = Setting.enough(Look.KEPT_BROKEN, 20, 0, 0, 1600).orElseThrow();
        assertThat(enough).isBetween(59, 60);
        assertThat(Setting.of(Look.KEPT_BROKEN, enough, 0, 0, 1600).verdict()).isEqualTo(Verdict.RIGHT);
        assertThat(Setting.enough(Look.KEPT_BROKEN, 100, 5, 0, 1600))
                .as("at the very limit no count tells")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 10, 10, seeds",
        "20, 21, 10, 10, found",
        "20, -1, 10, 10, found",
        "20, 3, 0, 10, discarded",
        "20, 3, 10, 0, kept"
    })
    void countsAndMassesThatCannotBeAreRefused(int seeds, int found, double discarded, double kept, String field) {
        assertThatThrownBy(() -> Setting.of(Look.DISCARD_CUT, seeds, found, discarded, kept))
                .hasMessageStartingWith(field + ": ");
    }
}
