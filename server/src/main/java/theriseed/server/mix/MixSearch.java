package theriseed.server.mix;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Mixes by number and name. */
@Component
class MixSearch implements Searched {
    private final MixRepository mixes;

    MixSearch(MixRepository mixes) {
        this.mixes = mixes;
    }

    /** Mixes are told with who bought them. */
    @Override
    public boolean forVisitors() {
        return false;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        return mixes.searched(words.patterns(), Limit.of(most)).stream()
                .map(MixSearch::hit)
                .toList();
    }

    @Override
    @ReadsOnly
    public Optional<Hit> numbered(String folded) {
        return mixes.findByFolded(folded).map(MixSearch::hit);
    }

    private static Hit hit(Mix mix) {
        return new Hit(Hit.Kind.MIX, mix.number(), mix.number(), mix.name());
    }
}
