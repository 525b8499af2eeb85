package theriseed.server.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import theriseed.server.base.PageOf;

/** Whole lists, page after page. */
final class Pages {
    private Pages() {}

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
