package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Grade;

/** What was overruled counts for the same question, and only for that. */
class FindingTest {
    private static final LocalDate OCTOBER = LocalDate.of(2026, 10, 5);

    @Test
    void figuresAreComparedAsPreciselyAsTheyAreTold() {
        Finding found = new Finding.OffTypesNotShown(0.07216, 0.01, Grade.MARKET, 199, true);
        assertThat(found.sameAs(new Finding.OffTypesNotShown(0.072, 0.01, Grade.MARKET, 199, true)))
                .isTrue();
        assertThat(found.sameAs(new Finding.OffTypesNotShown(0.0735, 0.01, Grade.MARKET, 199, true)))
                .isFalse();
        assertThat(new Finding.OffTypesOver(0.0301, 0.01, Grade.MARKET)
                        .sameAs(new Finding.OffTypesOver(0.03, 0.01, Grade.MARKET)))
                .isTrue();
        assertThat(new Finding.WeightsDisagree(40.52, 4).sameAs(new Finding.WeightsDisagree(40.5, 4)))
                .isTrue();
    }

    /** That the plants were cleared since, or a standard table changed what settles it, is no new finding. */
    @Test
    void whatOnlySaysHowItIsSettledDoesNotMatter() {
        assertThat(new Finding.NotWalked(true).sameAs(new Finding.NotWalked(false)))
                .isTrue();
        assertThat(new Finding.NotTested(14).sameAs(new Finding.NotTested(10))).isTrue();
        assertThat(new Finding.OffTypesNotShown(0.07, 0.01, Grade.MARKET, 199, true)
                        .sameAs(new Finding.OffTypesNotShown(0.07, 0.01, Grade.MARKET, 0, false)))
                .isTrue();
        assertThat(new Finding.TooDamp(14.5, 8).sameAs(new Finding.TooDamp(14.5, 9)))
                .isTrue();
        assertThat(new Finding.TestRunOut(OCTOBER, 365).sameAs(new Finding.TestRunOut(OCTOBER, 300)))
                .isTrue();
    }

    @Test
    void anotherFigureIsAnotherQuestion() {
        assertThat(new Finding.BelowStandard(70, Grade.MARKET, 80)
                        .sameAs(new Finding.BelowStandard(69, Grade.MARKET, 80)))
                .isFalse();
        assertThat(new Finding.BelowStandard(70, Grade.MARKET, 80)
                        .sameAs(new Finding.BelowStandard(70, Grade.STOCK, 80)))
                .isFalse();
        assertThat(new Finding.TooFewMothers(31, Grade.MARKET, 60)
                        .sameAs(new Finding.TooFewMothers(31, Grade.MARKET, 40)))
                .isFalse();
        assertThat(new Finding.ReplicatesDisagree(12, 11, OCTOBER)
                        .sameAs(new Finding.ReplicatesDisagree(12, 11, OCTOBER.plusDays(1))))
                .isFalse();
        assertThat(new Finding.TestRunOut(OCTOBER, 365).sameAs(new Finding.TestRunOut(OCTOBER.plusDays(1), 365)))
                .isFalse();
        assertThat(new Finding.TooFewTested(84, 50, 75, 72).sameAs(new Finding.TooFewTested(84, 50, 75, 71)))
                .isFalse();
        assertThat(new Finding.TooDamp(14.5, 8).sameAs(new Finding.TooDamp(15.5, 8)))
                .isFalse();
        assertThat(new Finding.Crosses(Grade.MARKET).sameAs(new Finding.Crosses(Grade.STOCK)))
                .isFalse();
        assertThat(new Finding.OffTypesOver(0.03, 0.01, Grade.MARKET)
                        .sameAs(new Finding.OffTypesOver(0.05, 0.01, Grade.MARKET)))
                .isFalse();
        assertThat(new Finding.WeightsDisagree(40, 4).sameAs(new Finding.WeightsDisagree(30, 4)))
                .isFalse();
        assertThat(new Finding.NotWeighed().sameAs(new Finding.NotTested(14))).isFalse();
    }
}
