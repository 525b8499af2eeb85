package theriseed.server.search;

import java.util.List;
import java.util.Optional;

/** Records that can be searched; each module answers for its own. */
public interface Searched {
    /** Those in which all the words stand, what is likeliest meant first, at most so many. */
    List<Hit> hits(SearchWords words, int most);

    /** The one record that has exactly this lot number, as {@code LotNumber.folded} writes it. */
    default Optional<Hit> numbered(String folded) {
        return Optional.empty();
    }

    /** Whether whoever only looks may find them: who bought what is nothing of theirs. */
    default boolean forVisitors() {
        return true;
    }
}
