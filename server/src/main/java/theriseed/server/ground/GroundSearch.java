package theriseed.server.ground;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Plots and their beds by name. */
@Component
class GroundSearch implements Searched {
    private final Ground ground;

    GroundSearch(Ground ground) {
        this.ground = ground;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        List<PlotView> plots = ground.plots();
        Map<UUID, String> names = plots.stream().collect(Collectors.toMap(PlotView::id, PlotView::name));
        Stream<Hit> found = plots.stream()
                .filter(plot -> words.in(plot.name()))
                .map(plot -> new Hit(Hit.Kind.PLOT, plot.id(), plot.name(), ""))
                .limit(most);
        Stream<Hit> beds = ground.beds().stream()
                .filter(bed -> names.containsKey(bed.plotId()))
                .map(bed -> new Hit(Hit.Kind.BED, bed.plotId(), bed.name(), names.get(bed.plotId())))
                .filter(bed -> words.in(bed.title() + " " + bed.detail()))
                .limit(most);
        return Stream.concat(found, beds).toList();
    }
}
