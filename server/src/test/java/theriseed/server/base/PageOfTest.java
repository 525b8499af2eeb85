package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

class PageOfTest {
    private static List<Integer> first(int many) {
        return IntStream.range(0, many).boxed().toList();
    }

    @ParameterizedTest
    @CsvSource({"0, 50, 0", "1, 50, 1", "50, 50, 1", "51, 50, 2", "101, 50, 3"})
    void everyItemStandsOnOnePageInOrder(int many, int size, int pages) {
        List<Integer> all = first(many);
        PageOf<Integer> page = PageOf.of(all, 0, size);
        assertThat(page.pages()).isEqualTo(pages);
        assertThat(page.total()).isEqualTo(many);
        assertThat(IntStream.range(0, pages).boxed().flatMap(at -> PageOf.of(all, at, size).items().stream()))
                .containsExactlyElementsOf(all);
    }

    @Test
    void pastTheEndThereIsNothing() {
        assertThat(PageOf.of(first(10), 7, 5).items()).isEmpty();
        assertThat(PageOf.of(first(10), 1_000_000, 200).items()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"-1, 5", "0, 0", "0, 201", "1000001, 5"})
    void pagesThatCannotBeAreRefused(int page, int size) {
        assertThatThrownBy(() -> PageOf.of(first(10), page, size)).isInstanceOf(OutOfRange.class);
    }
}
