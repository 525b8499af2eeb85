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
        Finding found = new Finding.OffTypesNotShown(0.07216, 0.01, Grade.MARKET, 199, true, 299);
        assertThat(found.covers(new Finding.OffTypesNotShown(0.072, 0.01, Grade.MARKET, 199, true, 299)))
                .isTrue();
        assertThat(found.covers(new Finding.OffTypesNotShown(0.0735, 0.01, Grade.MARKET, 199, true, 299)))
                .isFalse();
        assertThat(new Finding.OffTypesOver(0.0301, 0.01, Grade.MARKET)
                        .covers(new Finding.OffTypesOver(0.03, 0.01, Grade.MARKET)))
                .isTrue();
        assertThat(new Finding.WeightsDisagree(40.52, 4).covers(new Finding.WeightsDisagree(40.5, 4)))
                .isTrue();
    }

    /** Who let seven in a hundred pass lets five pass, and not eight. */
    @Test
    void whoAcceptedMoreAcceptsLess() {
        Finding accepted = new Finding.OffTypesNotShown(0.07, 0.01, Grade.MARKET, 199, true, 299);
        assertThat(accepted.covers(new Finding.OffTypesNotShown(0.05, 0.01, Grade.MARKET, 90, true, 299)))
                .isTrue();
        assertThat(accepted.covers(new Finding.OffTypesNotShown(0.08, 0.01, Grade.MARKET, 250, true, 299)))
                .isFalse();
        assertThat(accepted.covers(new Finding.OffTypesNotShown(0.05, 0.002, Grade.STOCK, 90, true, 299)))
                .isFalse();
        assertThat(accepted.covers(new Finding.OffTypesOver(0.05, 0.01, Grade.MARKET)))
                .isFalse();
    }

    /** That the plants were cleared since, or a standard table changed what settles it, is no new finding. */
    @Test
    void whatOnlySaysHowItIsSettledDoesNotMatter() {
        assertThat(new Finding.NotWalked(true, 299).covers(new Finding.NotWalked(false, 299)))
                .isTrue();
        assertThat(new Finding.NotTested(14, 400).covers(new Finding.NotTested(10, 400)))
                .isTrue();
        assertThat(new Finding.OffTypesNotShown(0.07, 0.01, Grade.MARKET, 199, true, 299)
                        .covers(new Finding.OffTypesNotShown(0.07, 0.01, Grade.MARKET, 0, false, 299)))
                .isTrue();
        assertThat(new Finding.TooDamp(14.5, 8).covers(new Finding.TooDamp(14.5, 9)))
                .isTrue();
        assertThat(new Finding.TestRunOut(OCTOBER, 365).covers(new Finding.TestRunOut(OCTOBER, 300)))
                .isTrue();
    }

    @Test
    void anotherFigureIsAnotherQuestion() {
        assertThat(new Finding.BelowStandard(70, Grade.MARKET, 80)
                        .covers(new Finding.BelowStandard(69, Grade.MARKET, 80)))
                .isFalse();
        assertThat(new Finding.BelowStandard(70, Grade.MARKET, 80)
                        .covers(new Finding.BelowStandard(70, Grade.STOCK, 80)))
                .isFalse();
        assertThat(new Finding.TooFewMothers(31, Grade.MARKET, 60)
                        .covers(new Finding.TooFewMothers(31, Grade.MARKET, 40)))
                .isFalse();
        assertThat(new Finding.ReplicatesDisagree(12, 11, OCTOBER)
                        .covers(new Finding.ReplicatesDisagree(12, 11, OCTOBER.plusDays(1))))
                .isFalse();
        assertThat(new Finding.TestRunOut(OCTOBER, 365).covers(new Finding.TestRunOut(OCTOBER.plusDays(1), 365)))
                .isFalse();
        assertThat(new Finding.TooFewTested(84, 50, 75, 72, 400).covers(new Finding.TooFewTested(84, 50, 75, 71, 400)))
                .isFalse();
        assertThat(new Finding.TooDamp(14.5, 8).covers(new Finding.TooDamp(15.5, 8)))
                .isFalse();
        assertThat(new Finding.Crosses(Grade.MARKET).covers(new Finding.Crosses(Grade.STOCK)))
                .isFalse();
        assertThat(new Finding.OffTypesOver(0.03, 0.01, Grade.MARKET)
                        .covers(new Finding.OffTypesOver(0.05, 0.01, Grade.MARKET)))
                .isFalse();
        assertThat(new Finding.WeightsDisagree(40, 4).covers(new Finding.WeightsDisagree(30, 4)))
                .isFalse();
        assertThat(new Finding.NotWeighed(false).covers(new Finding.NotTested(14, 400)))
                .isFalse();
    }
}
