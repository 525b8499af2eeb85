package theriseed.server.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import theriseed.server.base.PageOf;

/** Whole lists, piece by piece. */
final class Pages {
    /** Records looked at together: few questions, and little held at once. */
    private static final int TOGETHER = 500;

    private Pages() {}

    /** What the records with these ids become, so many at a time and only when they are wanted. */
    static <T> Stream<T> each(List<UUID> ids, Function<List<UUID>, Stream<T>> some) {
        return IntStream.iterate(0, from -> from < ids.size(), from -> from + TOGETHER)
                .mapToObj(from -> ids.subList(from, Math.min(ids.size(), from + TOGETHER)))
                .flatMap(some);
    }

    /** @param page gives a page of {@link PageOf#LARGEST_SIZE} */
    static <T> List<T> all(IntFunction<PageOf<T>> page) {
        List<T> all = new ArrayList<>();
        PageOf<T> next;
        int at = 0;
        do {
            next = page.apply(at++);
            all.addAll(next.items());
        } while (at < next.pages());
        return all;
    }
}
