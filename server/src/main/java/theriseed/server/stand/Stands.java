package theriseed.server.stand;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.core.population.Generations;
import theriseed.core.population.Generations.Generation;
import theriseed.core.population.PopulationPlan;
import theriseed.core.population.StandLife;
import theriseed.core.season.SeasonDates;
import theriseed.core.store.StoreForecast;
import theriseed.server.base.Clash;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Grown;
import theriseed.server.season.Health;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.walk.WalkView;
import theriseed.server.walk.Walks;

/** How many plants stand, from counts and walks; what waits in store; and the generations behind the seed. */
@Service
public class Stands {
    /** After the coldest time, until what was lost in winter shows. */
    private static final int WINTER_OVER_DAYS = 45;

    private final PlantCountRepository counts;
    private final StoreLookRepository looks;
    private final PlantSeedRepository seeds;
    private final Plantings plantings;
    private final Walks walks;
    private final Lots lots;
    private final Harvests harvests;
    private final Crops crops;
    private final Farms farms;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    Stands(
            PlantCountRepository counts,
            StoreLookRepository looks,
            PlantSeedRepository seeds,
            Plantings plantings,
            Walks walks,
            Lots lots,
            Harvests harvests,
            Crops crops,
            Farms farms,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.counts = counts;
        this.looks = looks;
        this.seeds = seeds;
        this.plantings = plantings;
        this.walks = walks;
        this.lots = lots;
        this.harvests = harvests;
        this.crops = crops;
        this.farms = farms;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * What is known of a stand.
     *
     * @param pulled plants on walks since the last count
     * @param harvested plants whose seed was picked
     * @param sickShare of the plants looked at on walks, 0 to 1
     * @param sickStock whether so many were sick that nothing of it should be kept as stock
     * @param seeds of single plants, weighed one by one
     * @param effectiveSize of the plants picked; absent while none is
     * @param life absent for what is eaten
     * @param store absent while nothing is stored
     * @param generations behind its seed, this one where it was picked
     */
    public record StandPage(
            PlantingView planting,
            List<CountView> counts,
            int pulled,
            int harvested,
            double sickShare,
            boolean sickStock,
            List<SeedView> seeds,
            @Maybe EffectiveSize effectiveSize,
            @Maybe StandLife life,
            List<LookView> looks,
            @Maybe StoreForecast store,
            @Maybe LocalDate planted,
            @Maybe Generations generations,
            List<CorrectionView> corrections) {}

    /**
     * The effective population size of the plants that give seed.
     *
     * @param plants picked
     * @param weighed of them by themselves
     * @param effective size, by what each gave where it was weighed
     * @param ifAlike effective size if all gave alike
     */
    public record EffectiveSize(int plants, int weighed, double effective, double ifAlike) {}

    @ReadsOnly
    public StandPage of(UUID plantingId) {
        PlantingView planting = plantings.get(plantingId);
        Crop crop = crops.get(planting.variety().cropKey());
        List<PlantCount> counted = counts.findByPlantingIdOrderByCountedOnAscIdAsc(plantingId);
        List<StoreLook> looked = looks.findByPlantingIdOrderBySeenOnAscIdAsc(plantingId);
        List<WalkView> walked = walks.of(plantingId);
        Optional<StandLife.Count> last = counted.isEmpty()
                ? Optional.empty()
                : Optional.of(counted.get(counted.size() - 1).count());
        int pulled = walked.stream()
                .filter(walk ->
                        last.isEmpty() || walk.walkedOn().isAfter(last.get().on()))
                .mapToInt(WalkView::pulled)
                .sum();
        int seen = walked.stream().mapToInt(WalkView::lookedAt).sum();
        int sick = walked.stream().mapToInt(WalkView::sick).sum();
        double sickShare = seen == 0 ? 0 : sick / (double) seen;
        List<UUID> generations = plantings.idsOfVariety(planting.variety().id());
        Map<UUID, Integer> picked = picked(generations);
        List<PlantSeed> weighed = seeds.findByPlantingIdInOrderByIdAsc(generations);
        Map<UUID, EffectiveSize> effectiveSize = effectiveSize(crop, picked, weighed);
        List<PlantSeed> weighedHere = weighed.stream()
                .filter(seed -> seed.plantingId().equals(plantingId))
                .toList();
        LocalDate planted = plantedAgain(planting);
        return new StandPage(
                planting,
                counted.stream().map(PlantCount::view).toList(),
                pulled,
                picked.getOrDefault(plantingId, 0),
                sickShare,
                planting.purpose() == Purpose.PLANTING_STOCK
                        && !walks.tooSick(List.of(plantingId)).isEmpty(),
                weighedHere.stream().map(PlantSeed::view).toList(),
                effectiveSize.get(plantingId),
                planting.purpose() == Purpose.SEED ? life(planting, crop, last, pulled) : null,
                looked.stream().map(StoreLook::view).toList(),
                planted == null ? null : store(planting, counted, looked, planted),
                planted,
                generations(planting, effectiveSize).orElse(null),
                corrections.of(Stream.of(counted, looked, weighedHere)
                        .flatMap(List::stream)
                        .map(Recorded::id)
                        .toList()));
    }

    private StandLife life(PlantingView planting, Crop crop, Optional<StandLife.Count> last, int pulled) {
        return StandLife.of(
                new StandLife.Stand(
                        crop,
                        planting.grade(),
                        farms.year()
                                .winter(planting.season(), planting.sownOn())
                                .plusDays(WINTER_OVER_DAYS),
                        planting.plants(),
                        last,
                        pulled,
                        planting.selected(),
                        planting.sownOn(),
                        SeasonDates.of(crop.lifeCycle(), planting.season(), farms.year())
                                .latestSowing(),
                        planting.window()),
                time.today());
    }

    /** The day on which what is stored goes back to the ground; null for what is not stored. */
    private static LocalDate plantedAgain(PlantingView planting) {
        if (planting.replantedOn() != null) {
            return planting.replantedOn();
        }
        return planting.purpose() == Purpose.PLANTING_STOCK && planting.clearedOn() != null
                ? planting.sownOn().plusYears(1)
                : null;
    }

    /** Nothing before it was written down how many were put in. */
    private static StoreForecast store(
            PlantingView planting, List<PlantCount> counted, List<StoreLook> looked, LocalDate planted) {
        int wanted = planting.stock() != null ? planting.stock().wanted() : planting.plants();
        return stored(counted)
                .map(stored -> StoreForecast.of(stored.plants(), stored.on(), since(stored, looked), planted, wanted))
                .orElse(null);
    }

    /** Plants whose seed was picked, by planting. */
    private Map<UUID, Integer> picked(Collection<UUID> plantingIds) {
        Map<UUID, UUID> plantingOf =
                lots.of(plantingIds).stream().collect(Collectors.toMap(LotView::id, LotView::plantingId));
        Map<UUID, Integer> picked = new HashMap<>();
        if (!plantingOf.isEmpty()) {
            for (HarvestView harvest : harvests.of(plantingOf.keySet()).values()) {
                picked.merge(plantingOf.get(harvest.lotId()), harvest.plants(), Math::max);
            }
        }
        return picked;
    }

    /** By planting, where plants were picked or weighed. */
    private static Map<UUID, EffectiveSize> effectiveSize(
            Crop crop, Map<UUID, Integer> picked, List<PlantSeed> weighed) {
        Map<UUID, List<Double>> masses = weighed.stream()
                .collect(Collectors.groupingBy(
                        PlantSeed::plantingId, Collectors.mapping(PlantSeed::mass, Collectors.toList())));
        Map<UUID, EffectiveSize> effectiveSize = new HashMap<>();
        Stream.concat(picked.keySet().stream(), masses.keySet().stream())
                .distinct()
                .forEach(id -> {
                    List<Double> own = masses.getOrDefault(id, List.of());
                    int plants = Math.max(picked.getOrDefault(id, 0), own.size());
                    effectiveSize.put(
                            id,
                            new EffectiveSize(
                                    plants,
                                    own.size(),
                                    PopulationPlan.effectiveSize(crop, plants, own),
                                    PopulationPlan.effectiveSize(crop, plants)));
                });
        return effectiveSize;
    }

    private Optional<Generations> generations(PlantingView planting, Map<UUID, EffectiveSize> effectiveSize) {
        return Generations.of(plantings.grown(effectiveSize.keySet()).values().stream()
                .filter(grown -> grown.season() <= planting.season())
                .map(grown -> new Generation(
                        grown.season(),
                        Math.max(1, effectiveSize.get(grown.id()).effective())))
                .toList());
    }

    /** Writes down a count; one with an id known already is the same count sent again. */
    @HandsWork
    @Transactional
    public CountView count(UUID id, UUID plantingId, CountFacts facts) {
        return once.record(id, () -> counts.findById(id), () -> {
                    check(plantings.grown(plantingId), facts);
                    return counts.save(new PlantCount(id, plantingId, facts, stamps.now()));
                })
                .view();
    }

    @HandsWork
    @Transactional
    public CountView correctCount(UUID id, int version, String reason, CountFacts facts) {
        PlantCount count = counts.findById(id).orElseThrow(NotFound.of("count"));
        Clash.check(count, version, count.view());
        check(plantings.grown(count.plantingId()), facts);
        Map<String, Object> before = count.correctable();
        count.change(facts);
        corrections.keep("count", id, before, count.correctable(), reason);
        return counts.saveAndFlush(count).view();
    }

    private void check(Grown planting, CountFacts facts) {
        SeasonDates.check("countedOn", facts.countedOn(), planting.sownOn(), time.today());
        if (facts.point() == StandLife.Point.STORED && planting.purpose() == Purpose.PLANTING_STOCK) {
            checkHealthy(planting, facts);
        }
    }

    /** Nothing of a sick crop is kept as stock, unless it is said why. */
    private void checkHealthy(Grown planting, CountFacts facts) {
        for (Health.Sick found : walks.tooSick(List.of(planting.id()))) {
            if (facts.note().isBlank()) {
                throw new Refused("note", "nothing", "stand.sick", "sick", found.sick(), "seen", found.lookedAt());
            }
        }
    }

    /** Writes down the seed of one plant; one with an id known already is the same sent again. */
    @HandsWork
    @Transactional
    public SeedView weigh(UUID id, UUID plantingId, SeedFacts facts) {
        return once.record(id, () -> seeds.findById(id), () -> {
                    Grown planting = plantings.grown(plantingId);
                    Range.of(0, planting.plants() - 1, "plants")
                            .because("BEFORE_THIS_ONE")
                            .check("plant", seeds.countByPlantingId(plantingId));
                    check(id, planting, facts);
                    return seeds.saveAndFlush(new PlantSeed(id, plantingId, facts, stamps.now()));
                })
                .view();
    }

    @HandsWork
    @Transactional
    public SeedView correctSeed(UUID id, int version, String reason, SeedFacts facts) {
        PlantSeed seed = seeds.findById(id).orElseThrow(NotFound.of("seed of a plant"));
        Clash.check(seed, version, seed.view());
        check(id, plantings.grown(seed.plantingId()), facts);
        Map<String, Object> before = seed.correctable();
        seed.change(facts);
        corrections.keep("seed of a plant", id, before, seed.correctable(), reason);
        return seeds.saveAndFlush(seed).view();
    }

    private void check(UUID id, Grown planting, SeedFacts facts) {
        if (planting.purpose() != Purpose.SEED) {
            throw new Refused("plant", facts.plant(), "planting.notForSeed", "variety", planting.varietyName());
        }
        SeasonDates.check("weighedOn", facts.weighedOn(), planting.sownOn().plusDays(1), time.today());
        if (seeds.existsByPlantingIdAndPlantIgnoreCaseAndIdNot(
                planting.id(), facts.plant().strip(), id)) {
            throw new Refused("plant", facts.plant(), "stand.weighedAlready", "plant", facts.plant());
        }
    }

    /** Writes down a look through the store; one with an id known already is the same look sent again. */
    @HandsWork
    @Transactional
    public LookView look(UUID id, UUID plantingId, LookFacts facts) {
        return once.record(id, () -> looks.findById(id), () -> {
                    check(id, plantingId, facts);
                    return looks.save(new StoreLook(id, plantingId, facts, stamps.now()));
                })
                .view();
    }

    private void check(UUID id, UUID plantingId, LookFacts facts) {
        StandLife.Count stored = stored(counts.findByPlantingIdOrderByCountedOnAscIdAsc(plantingId))
                .orElseThrow(() -> new Refused(
                        "pieces",
                        facts.pieces(),
                        "stand.storedFirst",
                        "variety",
                        plantings.grown(plantingId).varietyName()));
        SeasonDates.check("seenOn", facts.seenOn(), stored.on().plusDays(1), time.today());
        int thrownOut = since(stored, looks.findByPlantingIdAndIdNotOrderBySeenOnAscIdAsc(plantingId, id)).stream()
                .mapToInt(StoreForecast.Look::thrownOut)
                .sum();
        Range.of(1, stored.plants() - thrownOut, "pieces").because("LIE_THERE").check("pieces", facts.pieces());
    }

    /** What was put in store last; none while that was not counted. */
    private static Optional<StandLife.Count> stored(List<PlantCount> counted) {
        return counted.stream()
                .map(PlantCount::count)
                .filter(count -> count.point() == StandLife.Point.STORED && count.plants() > 0)
                .reduce((one, later) -> later);
    }

    private static List<StoreForecast.Look> since(StandLife.Count stored, List<StoreLook> looked) {
        return looked.stream()
                .map(StoreLook::look)
                .filter(look -> look.on().isAfter(stored.on()))
                .toList();
    }

    @HandsWork
    @Transactional
    public LookView correctLook(UUID id, int version, String reason, LookFacts facts) {
        StoreLook look = looks.findById(id).orElseThrow(NotFound.of("look"));
        Clash.check(look, version, look.view());
        check(id, look.plantingId(), facts);
        Map<String, Object> before = look.correctable();
        look.change(facts);
        corrections.keep("look", id, before, look.correctable(), reason);
        return looks.saveAndFlush(look).view();
    }
}
