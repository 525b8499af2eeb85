package theriseed.server.season;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.ground.Ground;
import theriseed.server.ground.PlotView;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Plantings of the plan by variety, crop, plot and season. */
@Component
class PlantingSearch implements Searched {
    private final PlantingRepository plantings;
    private final Varieties varieties;
    private final Ground ground;

    PlantingSearch(PlantingRepository plantings, Varieties varieties, Ground ground) {
        this.plantings = plantings;
        this.varieties = varieties;
        this.ground = ground;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        Map<UUID, String> grown = varieties.names();
        Map<UUID, String> plots =
                ground.plotsById().values().stream().collect(Collectors.toMap(PlotView::id, PlotView::name));
        return plantings
                .searched(
                        words.patterns(),
                        grown.keySet().toArray(UUID[]::new),
                        grown.values().toArray(String[]::new),
                        plots.keySet().toArray(UUID[]::new),
                        plots.values().toArray(String[]::new),
                        Limit.of(most))
                .stream()
                .map(found -> new Hit(
                        Hit.Kind.PLANTING,
                        found.getId(),
                        found.getVariety(),
                        found.getSeason() + ", " + plots.get(found.getPlotId())))
                .toList();
    }
}
