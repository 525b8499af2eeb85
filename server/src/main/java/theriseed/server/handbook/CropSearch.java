package theriseed.server.handbook;

import java.util.List;
import org.springframework.stereotype.Component;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Crops of the handbook by name, species, family and their other names. */
@Component
class CropSearch implements Searched {
    private final Crops crops;

    CropSearch(Crops crops) {
        this.crops = crops;
    }

    @Override
    public List<Hit> hits(SearchWords words, int most) {
        return crops.matching(words.typed()).stream()
                .limit(most)
                .map(crop -> new Hit(Hit.Kind.CROP, crop.key(), crop.name(), crop.species()))
                .toList();
    }
}
