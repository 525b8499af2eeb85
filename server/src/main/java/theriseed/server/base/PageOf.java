package theriseed.server.base;

import java.util.List;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import theriseed.core.measure.Range;

/** One page of a list. Pages count from 0. */
public record PageOf<T>(List<T> items, int page, int pages, long total) {
    /** How many a list shows at once when nobody asks otherwise, and the most it shows. */
    public static final int USUAL_SIZE = 50;

    public static final int LARGEST_SIZE = 200;

    /** The items of a page, already turned into what is shown. */
    public static <T> PageOf<T> of(Page<?> page, List<T> items) {
        return new PageOf<>(items, page.getNumber(), page.getTotalPages(), page.getTotalElements());
    }

    /** A page of what is all known already. */
    public static <T> PageOf<T> of(List<T> all, int page, int size) {
        PageRequest asked = request(page, size);
        int from = (int) Math.min(all.size(), asked.getOffset());
        return new PageOf<>(
                all.subList(from, Math.min(all.size(), from + size)), page, (all.size() + size - 1) / size, all.size());
    }

    /** The same page, its items turned into what is shown. */
    public <S> PageOf<S> with(List<S> shown) {
        return new PageOf<>(shown, page, pages, total);
    }

    /** The page asked for, refused when it cannot exist. */
    public static PageRequest request(int page, int size) {
        Range.of(0, 1e6, "pages").check("page", page);
        Range.of(1, LARGEST_SIZE, "a page").check("size", size);
        return PageRequest.of(page, size);
    }
}
