package theriseed.server.lot;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.core.lot.BegunNumber;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.OutOfRange;
import theriseed.server.base.ReadsOnly;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;
import theriseed.server.season.Varieties;

/** Lots by their number, by the one they had before, by how people say it ("26 tom 2"), and by their variety. */
@Component
class LotSearch implements Searched {
    private final LotRepository lots;
    private final Varieties varieties;

    LotSearch(LotRepository lots, Varieties varieties) {
        this.lots = lots;
        this.varieties = varieties;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        Limit some = Limit.of(most);
        Set<Lot> found = new LinkedHashSet<>();
        BegunNumber.read(words.typed())
                .ifPresent(begun -> found.addAll(lots.called(begun.exactly(), begun.beginnings(), some)));
        signs(words.typed()).ifPresent(signs -> found.addAll(lots.holding(signs, some)));
        Map<UUID, String> names = varieties.names();
        found.addAll(lots.searched(
                words.patterns(),
                names.keySet().toArray(UUID[]::new),
                names.values().toArray(String[]::new),
                some));
        return found.stream().limit(most).map(lot -> hit(lot, names)).toList();
    }

    @Override
    @ReadsOnly
    public Optional<Hit> numbered(String folded) {
        return lots.findByFolded(folded).map(lot -> hit(lot, Map.of()));
    }

    private static Hit hit(Lot lot, Map<UUID, String> names) {
        LotView view = lot.view();
        String variety = names.getOrDefault(view.varietyId(), "");
        return new Hit(
                Hit.Kind.LOT,
                view.number(),
                view.number(),
                view.oldNumber().isEmpty() ? variety : variety + ", was " + view.oldNumber());
    }

    private static Optional<String> signs(String typed) {
        try {
            return Optional.of(LotNumber.folded(typed));
        } catch (OutOfRange noNumber) {
            return Optional.empty();
        }
    }
}
