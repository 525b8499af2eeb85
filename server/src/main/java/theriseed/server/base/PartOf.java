package theriseed.server.base;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Slice;

/**
 * A part of a list that is too long to be counted whenever it is looked at. Parts count from 0.
 *
 * @param further whether more come after it
 */
public record PartOf<T>(List<T> items, int page, boolean further) {
    public static <E, T> PartOf<T> of(Slice<E> found, Function<E, T> shown) {
        return new PartOf<>(found.map(shown).getContent(), found.getNumber(), found.hasNext());
    }

    /** The same part, its items turned into what is shown. */
    public <S> PartOf<S> with(List<S> shown) {
        return new PartOf<>(shown, page, further);
    }
}
