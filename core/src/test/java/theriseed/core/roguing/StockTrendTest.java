package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;
import theriseed.core.roguing.StockTrend.Year;

class StockTrendTest {
    @Test
    void fewerOffTypesEveryYearIsTruer() {
        assertThat(StockTrend.of(List.of(new Year(2023, 24, 400), new Year(2024, 12, 400), new Year(2025, 5, 400))))
                .isEqualTo(StockTrend.TRUER);
        assertThat(StockTrend.of(List.of(new Year(2023, 5, 400), new Year(2024, 12, 400), new Year(2025, 24, 400))))
                .isEqualTo(StockTrend.WORSE);
    }

    @Test
    void aFewPlantsMoreOrLessAreNoTrend() {
        assertThat(StockTrend.of(List.of(new Year(2023, 2, 110), new Year(2025, 1, 96))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
        assertThat(StockTrend.of(List.of(new Year(2023, 0, 110), new Year(2025, 0, 96))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
    }

    @Test
    void theSameSharesAreATrendOnceEnoughWereLookedAt() {
        assertThat(StockTrend.of(List.of(new Year(2024, 2, 100), new Year(2025, 1, 100))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
        assertThat(StockTrend.of(List.of(new Year(2024, 60, 3000), new Year(2025, 30, 3000))))
                .isEqualTo(StockTrend.TRUER);
    }

    @Test
    void oneYearTellsNothing() {
        assertThat(StockTrend.of(List.of(new Year(2025, 3, 400), new Year(2025, 1, 400))))
                .isEqualTo(StockTrend.TOO_FEW);
    }

    @Test
    void moreOffTypesThanPlantsAreRefused() {
        assertThatThrownBy(() -> new Year(2025, 11, 10))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("offTypes: 11 is outside the valid range [0, 10] plants");
    }
}
