package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static theriseed.core.stall.OrderGap.Act.PACK;
import static theriseed.core.stall.OrderGap.Act.TEST;
import static theriseed.core.stall.OrderGap.Stands.OPEN;
import static theriseed.core.stall.OrderGap.Stands.SHUT;
import static theriseed.core.stall.OrderGap.Stands.TEST_FIRST;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class OrderGapTest {
    private static final LocalDate WANTED = LocalDate.of(2026, 9, 20);

    @Test
    void whatOnlyHasToBePackedComesBeforeWhatHasToBeTested() {
        OrderGap<String> gap = OrderGap.of(
                476,
                List.of(
                        new OrderGap.Lot<>("old", TEST_FIRST, 340, 0),
                        new OrderGap.Lot<>("held", SHUT, 900, 900),
                        new OrderGap.Lot<>("new", OPEN, 0, 300)));
        assertThat(gap.ways())
                .containsExactly(new OrderGap.Way<>("new", PACK, 300), new OrderGap.Way<>("old", TEST, 176));
        assertThat(gap.rest()).isZero();
    }

    @Test
    void whatNothingFillsIsLeftToGrow() {
        OrderGap<String> gap = OrderGap.of(100, List.of(new OrderGap.Lot<>("new", OPEN, 0, 30)));
        assertThat(gap.rest()).isEqualTo(70);
        assertThat(OrderGap.of(0, List.of(new OrderGap.Lot<>("new", OPEN, 0, 30)))
                        .ways())
                .isEmpty();
    }

    @Test
    void packetsOfALotThatIsOpenWerePromisedAlready() {
        assertThat(OrderGap.of(10, List.of(new OrderGap.Lot<>("new", OPEN, 50, 0)))
                        .ways())
                .isEmpty();
    }

    @Test
    void aTestThatRunsOutBeforeTheDayHasToBeMadeAgain() {
        assertThat(OrderGap.Stands.of(true, false, WANTED, WANTED)).isEqualTo(OPEN);
        assertThat(OrderGap.Stands.of(true, false, WANTED.minusDays(1), WANTED)).isEqualTo(TEST_FIRST);
        assertThat(OrderGap.Stands.of(false, true, null, WANTED)).isEqualTo(TEST_FIRST);
        assertThat(OrderGap.Stands.of(false, false, WANTED.plusDays(9), WANTED)).isEqualTo(SHUT);
    }

    @Test
    void lessThanNothingIsRefused() {
        assertThatThrownBy(() -> OrderGap.of(-1, List.of())).isInstanceOf(OutOfRange.class);
    }
}
