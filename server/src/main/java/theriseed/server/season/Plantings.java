package theriseed.server.season;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.crop.Crop;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;
import theriseed.server.ground.Ground;
import theriseed.server.ground.NeighbourView;
import theriseed.server.ground.PlotView;
import theriseed.server.handbook.Crops;

/** The plantings of the farm, each judged against everything else of its season. */
@Service
public class Plantings {
    private static final Comparator<PlantingView> BY_GROUP = Comparator.comparing(
                    (PlantingView planting) -> planting.variety().cropName())
            .thenComparing(planting -> planting.variety().name());

    private final PlantingRepository plantings;
    private final VarietyRepository varieties;
    private final Crops crops;
    private final Ground ground;
    private final Farms farms;
    private final Corrections corrections;
    private final Stamps stamps;

    Plantings(
            PlantingRepository plantings,
            VarietyRepository varieties,
            Crops crops,
            Ground ground,
            Farms farms,
            Corrections corrections,
            Stamps stamps) {
        this.plantings = plantings;
        this.varieties = varieties;
        this.crops = crops;
        this.ground = ground;
        this.farms = farms;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    @Transactional(readOnly = true)
    public List<Integer> seasons() {
        return plantings.seasons();
    }

    @Transactional(readOnly = true)
    public List<PlantingView> of(int season) {
        List<Planting> all = plantings.findBySeasonIn(List.of(season));
        SeasonAsWhole whole = whole(season, all);
        return all.stream()
                .map(planting -> whole.view(planting.id(), planting.version(), planting.variety(), planting.facts()))
                .sorted(BY_GROUP)
                .toList();
    }

    @Transactional(readOnly = true)
    public PlantingView get(UUID id) {
        Planting planting = plantings.findWithVarietyById(id).orElseThrow(NotFound.of("planting"));
        return view(planting);
    }

    /** The plantings with these ids, in a number of queries that does not grow with them. */
    @Transactional(readOnly = true)
    public Map<UUID, PlantingView> all(Collection<UUID> ids) {
        Map<UUID, PlantingView> found = new HashMap<>();
        if (ids.isEmpty()) {
            return found;
        }
        List<Integer> seasons = plantings.seasonsOf(ids);
        Map<Integer, List<Planting>> bySeason = plantings.findBySeasonIn(seasons).stream()
                .collect(Collectors.groupingBy(planting -> planting.facts().season()));
        Map<Integer, List<NeighbourView>> seen =
                ground.neighbours(seasons).stream().collect(Collectors.groupingBy(NeighbourView::season));
        Map<UUID, PlotView> plots = ground.plotsById();
        BloomForecast forecast = forecast();
        bySeason.forEach((season, all) -> {
            SeasonAsWhole whole = new SeasonAsWhole(crops, forecast, plots, all, seen.getOrDefault(season, List.of()));
            all.stream()
                    .filter(planting -> ids.contains(planting.id()))
                    .forEach(planting -> found.put(
                            planting.id(),
                            whole.view(planting.id(), planting.version(), planting.variety(), planting.facts())));
        });
        return found;
    }

    @Transactional(readOnly = true)
    public List<PlantingView> ofVariety(UUID varietyId) {
        List<UUID> ids = plantings.findByVarietyIdOrderBySeasonDesc(varietyId).stream()
                .map(Planting::id)
                .toList();
        Map<UUID, PlantingView> all = all(ids);
        return ids.stream().map(all::get).toList();
    }

    /** What the rules would say of a planting, without keeping it. */
    @GrowersWork
    @Transactional(readOnly = true)
    public PlantingView preview(PlantingFacts facts) {
        Planting planned = planned(facts);
        return whole(facts.season(), plantings.findBySeasonIn(List.of(facts.season())))
                .view(planned.id(), 0, planned.variety(), planned.facts());
    }

    @GrowersWork
    @Transactional
    public PlantingView make(PlantingFacts facts) {
        return view(plantings.saveAndFlush(planned(facts)));
    }

    @GrowersWork
    @Transactional
    public PlantingView correct(UUID id, int version, String reason, PlantingFacts facts) {
        Planting planting = plantings.findWithVarietyById(id).orElseThrow(NotFound.of("planting"));
        if (planting.version() != version) {
            Clash.check(planting, version, view(planting));
        }
        Map<String, Object> before = new LinkedHashMap<>(
                planting.correctable(ground.plot(planting.facts().plotId()).name()));
        String plotNow = ground.plot(facts.plotId()).name();
        planting.change(crops.get(planting.variety().cropKey()), facts);
        corrections.keep("planting", id, before, planting.correctable(plotNow), reason);
        return view(plantings.saveAndFlush(planting));
    }

    private Planting planned(PlantingFacts facts) {
        Variety variety = varieties.findById(facts.varietyId()).orElseThrow(NotFound.of("variety"));
        ground.plot(facts.plotId());
        Crop crop = crops.get(variety.cropKey());
        return new Planting(variety, crop, facts, stamps.now());
    }

    private PlantingView view(Planting planting) {
        int season = planting.facts().season();
        return whole(season, plantings.findBySeasonIn(List.of(season)))
                .view(planting.id(), planting.version(), planting.variety(), planting.facts());
    }

    private SeasonAsWhole whole(int season, List<Planting> all) {
        return new SeasonAsWhole(crops, forecast(), ground.plotsById(), all, ground.neighbours(List.of(season)));
    }

    private BloomForecast forecast() {
        return new BloomForecast(farms.get().climate());
    }
}
