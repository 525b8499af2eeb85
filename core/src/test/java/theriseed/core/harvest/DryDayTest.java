package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class DryDayTest {
    private static final List<DryDay.Hour> WARM_DAY = Collections.nCopies(6, new DryDay.Hour(24, 50));

    @Test
    void eachConditionThatFailsIsNamed() {
        assertThat(DryDay.of(WARM_DAY, 2, 50, 0).fit()).isTrue();
        assertThat(DryDay.of(WARM_DAY, 8, 50, 0).failed()).containsExactly(DryDay.Failed.DRYING);
        assertThat(DryDay.of(WARM_DAY, 2, 70, 0).failed()).containsExactly(DryDay.Failed.AIR);
        assertThat(DryDay.of(WARM_DAY, 2, 50, 3).failed()).containsExactly(DryDay.Failed.RAIN);
        assertThat(DryDay.of(List.of(), 30, 95, 3).failed()).containsExactlyInAnyOrder(DryDay.Failed.values());
    }

    @Test
    void dampHoursDoNotDry() {
        assertThat(DryDay.of(List.of(new DryDay.Hour(18, 91)), 0, 50, 0).drying())
                .isZero();
        assertThatThrownBy(() -> DryDay.of(List.of(new DryDay.Hour(18, 101)), 0, 50, 0))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("hours[0].RH");
    }
}
