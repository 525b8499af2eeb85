package theriseed.core.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.measure.OutOfRange;

class StoreTest {
    @Test
    void clusteredRotAsksForMore() {
        int before = 0;
        for (double clustering : new double[] {0, 0.02, 0.08, 0.15}) {
            StoreNeed need = StoreNeed.of(60, 0.0015, 150, 0.02, 0.85, clustering);
            assertThat(need.putIn()).isGreaterThan(before).isGreaterThan(need.onAverage());
            assertThat(need.chance()).isGreaterThanOrEqualTo(0.95);
            before = need.putIn();
        }
    }

    @Test
    void theRateFoundGivesTheLossSeen() {
        StoreLosses losses = StoreLosses.of(6, 150, 28);
        assertThat(StoreLosses.path(150, 0, new double[] {28}, new double[] {losses.rate()})[0])
                .isCloseTo(144, within(1e-9));
        assertThat(losses.upperRate()).isGreaterThan(losses.rate());
        assertThatThrownBy(() -> StoreLosses.of(150, 150, 28))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("x: 150");
    }

    @Test
    void theBestIntervalCostsLeastAndIsHeldWithinReason() {
        CheckInterval interval = CheckInterval.of(9, 200, 0.0015, 0.05, 2.5);
        double lost = 0.0015 * 200 * 0.05 * 2.5;
        for (double days : new double[] {interval.best() * 0.8, interval.best() * 1.25}) {
            assertThat(9 / days + lost * days / 2).isGreaterThan(interval.dailyCost());
        }
        assertThat(CheckInterval.of(1000, 10, 0.0001, 0.01, 1).days()).isEqualTo(30);
        assertThat(CheckInterval.of(0.1, 1e5, 0.1, 1, 5).days()).isEqualTo(3);
    }

    @Test
    void stockIsPlannedForAsManyPlantsAsTheGradeAsks() {
        Crop garlic = CropTable.shipped().find("garlic").orElseThrow();
        int asked = (int) garlic.plants().of(Grade.MARKET);
        StockPlan few = StockPlan.of(garlic, Grade.MARKET, asked - 1, 90);
        assertThat(few.enough()).isFalse();
        assertThat(few.need())
                .isEqualTo(StockPlan.of(garlic, Grade.MARKET, asked, 90).need());
        assertThat(StockPlan.of(garlic, Grade.MARKET, asked, 200).need().putIn())
                .isGreaterThan(few.need().putIn());
        assertThat(few.each()).as("cloves of a bulb, at least").isEqualTo(4);
        assertThat(few.need().beforeChoice()).isBetween(asked / 4, asked / 2);
    }

    /** 363 sound bulbs of four cloves or more plant 400 places more than three times over. */
    @Test
    void bulbsAreBrokenUpWhenTheyArePlantedAndTubersAreNot() {
        Crop garlic = CropTable.shipped().find("garlic").orElseThrow();
        assertThat(StockPlan.of(garlic, Grade.MARKET, 400, 80).need().putIn()).isLessThan(200);
        Crop potato = CropTable.shipped().find("potato-tuber").orElseThrow();
        StockPlan tubers = StockPlan.of(potato, Grade.MARKET, 400, 150);
        assertThat(tubers.each()).isEqualTo(1);
        assertThat(tubers.need().putIn()).isGreaterThan(400);
    }

    @Test
    void looksMustFollowEachOther() {
        assertThatThrownBy(() -> StoreLosses.path(100, 0, new double[] {30, 20}, new double[] {0.001, 0.001}))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("checks[1]");
    }
}
