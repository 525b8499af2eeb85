package theriseed.core.pollination;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.pollination.CoverVerdict.Life;
import theriseed.core.pollination.CoverVerdict.Opening;

class CoverVerdictTest {
    static final BloomWindow BLOOM = new BloomWindow(day(10), day(30));

    private static LocalDate day(int day) {
        return LocalDate.of(2026, 6, day);
    }

    private static Life cage(int on, int off, Opening... openings) {
        return new Life(day(on), false, List.of(openings), off == 0 ? Optional.empty() : Optional.of(day(off)), false);
    }

    @Test
    void aCageOnBeforeBloomAndClosedThroughItIsTight() {
        assertThat(CoverVerdict.ofCage(cage(5, 0), BLOOM, true)).isEqualTo(CoverVerdict.TIGHT);
        assertThat(CoverVerdict.ofCage(cage(5, 0, new Opening(day(6), day(8))), BLOOM, true))
                .as("open before the first flower")
                .isEqualTo(CoverVerdict.TIGHT);
    }

    @Test
    void oneThatCameLateOrWasOpenedIsNot() {
        assertThat(CoverVerdict.ofCage(cage(12, 0), BLOOM, true)).isEqualTo(CoverVerdict.LATE);
        assertThat(CoverVerdict.ofCage(cage(12, 0), BLOOM, false))
                .as("a forecast cannot make it late")
                .isEqualTo(CoverVerdict.TIGHT);
        assertThat(CoverVerdict.ofCage(cage(5, 0, new Opening(day(20), day(20))), BLOOM, true))
                .isEqualTo(CoverVerdict.OPENED);
        assertThat(CoverVerdict.ofCage(cage(5, 25), BLOOM, true)).isEqualTo(CoverVerdict.OFF_EARLY);
    }

    @Test
    void aBagStaysOnUntilTheFruitHasSet() {
        Life good = new Life(day(8), false, List.of(), Optional.of(day(18)), true);
        assertThat(CoverVerdict.ofBag(good)).isEqualTo(CoverVerdict.TIGHT);
        assertThat(CoverVerdict.ofBag(new Life(day(8), false, List.of(), Optional.of(day(12)), false)))
                .isEqualTo(CoverVerdict.OFF_EARLY);
        assertThat(CoverVerdict.ofBag(new Life(day(8), true, List.of(), Optional.empty(), false)))
                .isEqualTo(CoverVerdict.LATE);
    }
}
