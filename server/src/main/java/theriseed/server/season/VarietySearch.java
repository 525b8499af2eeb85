package theriseed.server.season;

import java.util.List;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.handbook.Crops;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Varieties by their name and crop. */
@Component
class VarietySearch implements Searched {
    private final VarietyRepository varieties;
    private final Crops crops;

    VarietySearch(VarietyRepository varieties, Crops crops) {
        this.varieties = varieties;
        this.crops = crops;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        return varieties.names().stream()
                .map(named -> new Hit(
                        Hit.Kind.VARIETY,
                        named.id(),
                        named.name(),
                        crops.get(named.cropKey()).name()))
                .filter(hit -> words.in(hit.title() + " " + hit.detail()))
                .limit(most)
                .toList();
    }
}
