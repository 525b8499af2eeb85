package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Grade;
import theriseed.core.measure.OutOfRange;
import theriseed.core.roguing.WalkVerdict.Mark;

class WalkVerdictTest {
    private static final int WIDE_STAND = 100_000;

    @ParameterizedTest
    @CsvSource({"0, 100", "1, 100", "4, 312", "0, 298"})
    void lookingAtAsManyMoreAsItSaysIsJustEnough(int offTypes, int lookedAt) {
        WalkVerdict now = WalkVerdict.of(Grade.MARKET, offTypes, lookedAt, WIDE_STAND);
        assertThat(now.mark()).isEqualTo(Mark.NOT_YET);
        int then = lookedAt + now.more();
        assertThat(WalkVerdict.of(Grade.MARKET, offTypes, then, WIDE_STAND).mark())
                .isEqualTo(Mark.SHOWN);
        assertThat(WalkVerdict.of(Grade.MARKET, offTypes, then - 1, WIDE_STAND).mark())
                .isEqualTo(Mark.NOT_YET);
    }

    @Test
    void manyOffTypesAreOverTheLimit() {
        assertThat(WalkVerdict.of(Grade.MARKET, 12, 300, WIDE_STAND).mark()).isEqualTo(Mark.OVER);
    }

    @Test
    void aSmallStandLookedAtWholeIsJudgedAsItIs() {
        WalkVerdict whole = WalkVerdict.of(Grade.STOCK, 0, 150, 150);
        assertThat(whole.mark()).isEqualTo(Mark.SHOWN);
        assertThat(whole.overlooked()).isBetween(0.09, 0.11);
        assertThat(WalkVerdict.of(Grade.STOCK, 1, 150, 150).mark()).isEqualTo(Mark.OVER);
        assertThat(WalkVerdict.of(Grade.STOCK, 0, 149, 150).more()).isEqualTo(1);
    }

    @Test
    void moreOffTypesThanPlantsIsRefused() {
        assertThatThrownBy(() -> WalkVerdict.of(Grade.MARKET, 12, 10, 100))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("x: 12 is outside the valid range [0, 10] plants");
    }

    @Test
    void aWholeStandWithJustWhatItsGradeAllowsIsShownTrue() {
        assertThat(WalkVerdict.of(Grade.MARKET, 1, 100, 100).mark()).isEqualTo(WalkVerdict.Mark.SHOWN);
        assertThat(WalkVerdict.of(Grade.MARKET, 2, 100, 100).mark()).isEqualTo(WalkVerdict.Mark.OVER);
        assertThat(WalkVerdict.of(Grade.MARKET, 1, 100, 100).overlooked()).isPositive();
    }
}
