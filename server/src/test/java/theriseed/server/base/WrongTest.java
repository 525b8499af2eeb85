package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.Range;

class WrongTest {
    private final AtomicInteger turns = new AtomicInteger();

    private List<Integer> together(List<Integer> some) {
        turns.incrementAndGet();
        some.forEach(one -> Range.of(0, 1000, "g").check("mass", one));
        return some.stream().map(one -> 2 * one).toList();
    }

    @Test
    void aListWithNothingWrongIsCalculatedOnce() {
        assertThat(Wrong.each(List.of(1, 2, 3), this::together).right()).containsExactly(2, 4, 6);
        assertThat(turns).hasValue(1);
        assertThat(Wrong.each(List.<Integer>of(), this::together).right()).isEmpty();
    }

    @Test
    void whatIsWrongStandsAloneAndTheOthersKeepTheirOrder() {
        List<Integer> all = IntStream.range(0, 150)
                .map(i -> i == 77 || i == 140 ? -i : i)
                .boxed()
                .toList();
        Wrong.Each<Integer, Integer> each = Wrong.each(all, this::together);
        assertThat(each.right()).hasSize(148).isSorted();
        assertThat(each.wrong()).extracting(Wrong.About::what).containsExactly(-77, -140);
        assertThat(each.wrong().get(0).why().field()).isEqualTo("mass");
        assertThat(turns.get()).as("halves, not one by one").isLessThan(40);
    }

    @Test
    void whatIsNoWrongValueIsNotHidden() {
        assertThatThrownBy(() -> Wrong.each(List.of(1), some -> List.of(1 / 0)))
                .isInstanceOf(ArithmeticException.class);
    }
}
