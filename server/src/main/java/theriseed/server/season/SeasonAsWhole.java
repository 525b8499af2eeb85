package theriseed.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.PollenFlow;
import theriseed.core.isolation.Stand;
import theriseed.core.isolation.Threat;
import theriseed.core.isolation.Threats;
import theriseed.core.population.PopulationPlan;
import theriseed.server.ground.NeighbourView;
import theriseed.server.ground.PlotView;
import theriseed.server.handbook.Crops;

/** All plantings of one season and the neighbours' crops beside them, so that each can be judged against the rest. */
final class SeasonAsWhole {
    private static final long REPORT_STALE_AFTER_DAYS = 365;

    private final Crops crops;
    private final BloomForecast forecast;
    private final Map<UUID, PlotView> plots;
    private final List<Source> sources = new ArrayList<>();

    /** A stand with what it is called. */
    private record Source(UUID id, String name, String crop, String place, boolean neighbour, Stand stand) {}

    SeasonAsWhole(
            Crops crops,
            BloomForecast forecast,
            Map<UUID, PlotView> plots,
            List<Planting> plantings,
            List<NeighbourView> neighbours) {
        this.crops = crops;
        this.forecast = forecast;
        this.plots = plots;
        plantings.forEach(planting -> sources.add(source(planting.id(), planting.variety(), planting.facts())));
        neighbours.forEach(seen -> sources.add(source(seen)));
    }

    PlantingView view(UUID id, int version, Variety variety, PlantingFacts facts) {
        Crop crop = crops.get(variety.cropKey());
        Source own = source(id, variety, facts);
        boolean forSeed = facts.purpose() == Purpose.SEED;
        return new PlantingView(
                id,
                version,
                facts.season(),
                variety.view(crop.name()),
                facts.plotId(),
                plots.get(facts.plotId()).name(),
                facts.purpose(),
                facts.grade(),
                facts.flowers(),
                facts.sownOn(),
                facts.setOutOn(),
                facts.plants(),
                facts.germination(),
                own.stand().area(),
                own.stand().bloom().map(bloom -> bloom(crop, bloom)).orElse(null),
                forSeed ? isolation(own, facts) : null,
                forSeed
                        ? PlantingView.Population.of(
                                PopulationPlan.of(crop, facts.grade(), facts.plants(), facts.germination()),
                                crop.thousandSeedWeight())
                        : null);
    }

    private PlantingView.Isolation isolation(Source own, PlantingFacts facts) {
        List<Source> others = sources.stream()
                .filter(source -> !source.id().equals(own.id()))
                .sorted(Comparator.comparing(Source::name))
                .toList();
        Threats threats = Threats.to(
                own.stand(), facts.grade(), others.stream().map(Source::stand).toList());
        return new PlantingView.Isolation(
                threats.verdict(),
                threats.crossing(),
                facts.grade().crossingAllowed(),
                PollenFlow.BAND,
                threats.worstFirst().stream()
                        .map(threat -> view(threat, others.get(threat.source())))
                        .toList());
    }

    private static PlantingView.ThreatView view(Threat threat, Source source) {
        return new PlantingView.ThreatView(
                source.id(),
                source.name(),
                source.crop(),
                source.place(),
                source.neighbour(),
                threat.metres(),
                threat.asked(),
                threat.daysTogether(),
                threat.daysApart(),
                threat.margin(),
                threat.crossing(),
                threat.compatibility(),
                threat.verdict(),
                threat.why());
    }

    private static PlantingView.Bloom bloom(Crop crop, BloomWindow bloom) {
        return new PlantingView.Bloom(
                bloom.first(), bloom.last(), BloomForecast.firstRipe(crop, bloom), BloomForecast.SPREAD_DAYS);
    }

    private Source source(UUID id, Variety variety, PlantingFacts facts) {
        Crop crop = crops.get(variety.cropKey());
        PlotView plot = plots.get(facts.plotId());
        LocalDate setOut = facts.setOutOn() == null ? facts.sownOn() : facts.setOutOn();
        Optional<BloomWindow> bloom =
                facts.flowers() ? forecast.of(crop, facts.season(), facts.sownOn(), setOut) : Optional.empty();
        Stand stand = new Stand(
                crop,
                variety.name(),
                plot.place(),
                plot.positionError(),
                facts.plants() * crop.inRow() * crop.betweenRows(),
                bloom,
                facts.flowers() ? PollenControl.OPEN : PollenControl.NEVER_FLOWERS,
                true);
        return new Source(id, variety.name(), crop.name(), plot.name(), false, stand);
    }

    private Source source(NeighbourView seen) {
        Crop crop = crops.get(seen.cropKey());
        boolean fresh = seen.bloom()
                .map(bloom -> bloom.last().toEpochDay() - seen.seenOn().toEpochDay() <= REPORT_STALE_AFTER_DAYS)
                .orElse(true);
        Stand stand = new Stand(
                crop,
                seen.name(),
                seen.place(),
                seen.positionError(),
                seen.area(),
                seen.bloom(),
                PollenControl.OPEN,
                seen.sure() && fresh);
        return new Source(seen.id(), seen.name(), crop.name(), seen.name(), true, stand);
    }
}
