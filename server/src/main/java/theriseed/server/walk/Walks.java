package theriseed.server.walk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.crop.SeedProcess;
import theriseed.core.crop.Stage;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;
import theriseed.core.roguing.LateOffType;
import theriseed.core.roguing.OffTypesStanding;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.StockTrend;
import theriseed.core.roguing.VerdictTable;
import theriseed.core.season.DueWalk;
import theriseed.core.season.SeasonDates;
import theriseed.core.season.SeasonWork;
import theriseed.core.store.StockPlan;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Kept;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;
import theriseed.server.photo.PhotoView;
import theriseed.server.photo.Photos;
import theriseed.server.photo.Pictured;
import theriseed.server.season.Grown;
import theriseed.server.season.Health;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.walk.StageVerdicts.Walked;

/**
 * Walks through the rows. Walks of one stage add up; a later stage shows other things and starts afresh, so a planting
 * is judged by its latest.
 */
@Service
public class Walks implements Pictured, Health {
    private static final int KINDS_SHOWN = 12;

    /** Those of ten years. */
    private static final int PLANTINGS_KEPT = 1000;

    private final WalkRepository walks;
    private final RingRepository rings;
    private final Plantings plantings;
    private final Crops crops;
    private final Farms farms;
    private final StageVerdicts stageVerdicts;
    private final Photos photos;
    private final ObjectProvider<Picking> picking;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;
    private final Kept<UUID, List<Walked>> walked;

    Walks(
            WalkRepository walks,
            RingRepository rings,
            Plantings plantings,
            Crops crops,
            Farms farms,
            StageVerdicts stageVerdicts,
            Photos photos,
            ObjectProvider<Picking> picking,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time,
            Changes changes) {
        this.walks = walks;
        this.rings = rings;
        this.plantings = plantings;
        this.crops = crops;
        this.farms = farms;
        this.stageVerdicts = stageVerdicts;
        this.photos = photos;
        this.picking = picking;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
        this.walked = new Kept<>(changes.of(Walk.class), PLANTINGS_KEPT);
    }

    @ReadsOnly
    public List<WalkView> of(UUID plantingId) {
        return views(walks.findByPlantingIdInOrderByWalkedOnAscIdAsc(List.of(plantingId)));
    }

    private List<WalkView> views(List<Walk> walked) {
        Map<UUID, List<PhotoView>> pictures =
                photos.of(walked.stream().map(Walk::id).toList());
        return walked.stream()
                .map(walk -> walk.view(pictures.getOrDefault(walk.id(), List.of())))
                .toList();
    }

    /** What the latest stage has shown, for each planting that was walked at all. */
    @ReadsOnly
    public Map<UUID, StageVerdict> verdicts(Collection<PlantingView> of) {
        Map<UUID, PlantingView> byId = of.stream().collect(Collectors.toMap(PlantingView::id, planting -> planting));
        Map<UUID, StageVerdict> verdicts = new HashMap<>();
        walked(byId.keySet()).forEach((id, all) -> {
            String latest = all.get(all.size() - 1).facts().stage();
            stageVerdicts.of(byId.get(id), latest, all).ifPresent(verdict -> verdicts.put(id, verdict));
        });
        return verdicts;
    }

    /** The stages of these plantings, with what was found at each. */
    @ReadsOnly
    public Map<UUID, List<StageWalk>> stages(Collection<PlantingView> of) {
        Map<UUID, List<Walked>> walked =
                walked(of.stream().map(PlantingView::id).toList());
        FarmYear year = farms.year();
        return of.stream()
                .collect(Collectors.toMap(
                        PlantingView::id,
                        planting -> stages(planting, walked.getOrDefault(planting.id(), List.of()), year)));
    }

    private List<StageWalk> stages(PlantingView planting, List<Walked> walked, FarmYear year) {
        Crop crop = crops.get(planting.variety().cropKey());
        List<DueWalk> due = SeasonWork.walks(planting.work(crop, year));
        if (due.isEmpty()) {
            return crop.stages(Optional.ofNullable(planting.liftedOn())).stream()
                    .map(stage ->
                            new StageWalk(stage.name(), stage.lookFor(), null, null, verdict(planting, stage, walked)))
                    .toList();
        }
        return due.stream()
                .map(walk -> new StageWalk(
                        walk.stage().name(),
                        walk.stage().lookFor(),
                        walk.from(),
                        walk.to(),
                        verdict(planting, walk.stage(), walked)))
                .toList();
    }

    private StageVerdict verdict(PlantingView planting, Stage stage, List<Walked> walked) {
        return stageVerdicts.of(planting, stage.name(), walked).orElse(null);
    }

    /** What a stage would show if so many more were looked at with so many off-types; empty when none were. */
    @ReadsOnly
    public Optional<StageVerdict> soFar(UUID plantingId, WalkFacts now) {
        Range.of(0, 1_000_000, "plants").check("lookedAt", now.lookedAt());
        Range.of(0, now.lookedAt(), "plants").check("offTypes", now.offTypesInAll());
        List<Walked> all = walked(List.of(plantingId)).getOrDefault(plantingId, List.of());
        return stageVerdicts.with(
                plantings.get(plantingId), all, now, stamps.now().by());
    }

    /**
     * The verdicts of every count of a further walk of a stage, to be carried where there is no signal.
     *
     * @param others for plants not looked at before; absent when all were
     * @param again for the same plants again; absent where nobody looked at any
     */
    public record StageTables(
            String stage, @Maybe VerdictTable others, @Maybe VerdictTable again) {}

    /** For each stage that was walked, and first for one that was not. */
    @ReadsOnly
    public List<StageTables> tables(PlantingView planting) {
        List<Walked> all = walked(List.of(planting.id())).getOrDefault(planting.id(), List.of());
        List<StageTables> tables = new ArrayList<>();
        tables.add(
                new StageTables("", stageVerdicts.table(planting, "", all, true).orElse(null), null));
        all.stream()
                .map(walk -> walk.facts().stage())
                .distinct()
                .forEach(stage -> tables.add(new StageTables(
                        stage,
                        stageVerdicts
                                .table(planting, stage, all, true)
                                .filter(table -> table.reach() > 0)
                                .orElse(null),
                        stageVerdicts.table(planting, stage, all, false).orElse(null))));
        return tables;
    }

    @Override
    @ReadsOnly
    public List<Sick> tooSick(Collection<UUID> plantings) {
        return walked(plantings).entrySet().stream()
                .map(planting -> new Sick(
                        planting.getKey(),
                        planting.getValue().stream()
                                .mapToInt(walk -> walk.facts().sick())
                                .sum(),
                        planting.getValue().stream()
                                .mapToInt(walk -> walk.facts().lookedAt())
                                .sum()))
                .filter(found -> StockPlan.tooSick(found.sick(), found.lookedAt()))
                .toList();
    }

    /** Kinds of off-types to look for: those found in the variety before, most first, then the usual ones of its crop. */
    @ReadsOnly
    public List<String> kinds(PlantingView planting) {
        Set<String> kinds = new LinkedHashSet<>(walks.kindsOf(planting.variety().id()));
        kinds.addAll(crops.get(planting.variety().cropKey()).commonOffTypes());
        return kinds.stream().limit(KINDS_SHOWN).toList();
    }

    /** What off-types that shed pollen have done, walk by walk. */
    @ReadsOnly
    public List<LateView> late(PlantingView planting) {
        return late(List.of(planting)).getOrDefault(planting.id(), List.of());
    }

    /** The same of many plantings; those without are left out. */
    @ReadsOnly
    public Map<UUID, List<LateView>> late(Collection<PlantingView> of) {
        Map<UUID, PlantingView> byId = of.stream()
                .filter(planting -> planting.bloom() != null)
                .collect(Collectors.toMap(PlantingView::id, planting -> planting));
        List<Walk> shed = byId.isEmpty() ? List.of() : walks.onWhichPollenMayHaveBeenShed(byId.keySet());
        if (shed.isEmpty()) {
            return Map.of();
        }
        Set<UUID> decided = rings.findByPlantingIdInOrderById(byId.keySet()).stream()
                .map(SuspectRing::walkId)
                .collect(Collectors.toSet());
        Map<UUID, List<LateView>> late = new HashMap<>();
        for (Walk walk : shed) {
            PlantingView planting = byId.get(walk.plantingId());
            walk.facts()
                    .shedFrom(crops.get(planting.variety().cropKey()), planting.window())
                    .ifPresent(since -> late.computeIfAbsent(planting.id(), id -> new ArrayList<>())
                            .add(new LateView(
                                    walk.id(),
                                    since,
                                    walk.facts().sheddingSince() == null,
                                    late(planting, walk.facts(), since),
                                    decided.contains(walk.id()))));
        }
        return late;
    }

    private LateOffType late(PlantingView planting, WalkFacts walk, LocalDate since) {
        Crop crop = crops.get(planting.variety().cropKey());
        boolean gone = walk.pulled() == walk.offTypesInAll();
        LocalDate last = planting.bloom().last();
        LocalDate today = time.today();
        LocalDate still = last.isBefore(today) ? last : today;
        LocalDate removed = gone || still.isBefore(walk.walkedOn()) ? walk.walkedOn() : still;
        LocalDate over = last.isBefore(since) ? since : last;
        return LateOffType.of(
                crop,
                Math.max(planting.plants(), walk.offTypesInAll()),
                walk.offTypesInAll(),
                1 / (planting.inRow() * planting.betweenRows()),
                planting.window().orElseThrow(),
                since,
                removed.isAfter(over) ? over : removed,
                planting.grade().crossingAllowed());
    }

    /** How true a variety was from generation to generation. */
    @ReadsOnly
    public StockHistory history(UUID varietyId) {
        List<PlantingView> grown = plantings.ofVariety(varietyId);
        Map<UUID, StageVerdict> verdicts = verdicts(grown);
        List<StockHistory.StockYear> generations = grown.stream()
                .filter(planting -> verdicts.containsKey(planting.id()))
                .sorted(Comparator.comparing(PlantingView::season))
                .map(planting -> generation(planting, verdicts.get(planting.id())))
                .toList();
        return new StockHistory(
                StockTrend.of(generations.stream()
                        .map(one -> new StockTrend.Year(one.season(), one.offTypes(), one.lookedAt()))
                        .toList()),
                generations);
    }

    private static StockHistory.StockYear generation(PlantingView planting, StageVerdict walked) {
        int off = walked.verdict().found();
        int looked = walked.verdict().seen();
        double worst =
                walked.walked().stream().mapToDouble(Pass::recognised).min().orElseThrow();
        double side = 1 - (1 - OffTypesStanding.CONFIDENCE) / 2;
        return new StockHistory.StockYear(
                planting.season(),
                planting.id(),
                planting.ground(),
                walked.stage(),
                looked,
                off,
                off / (double) looked,
                Chance.lowerLimit(off, looked, side),
                Math.min(1, Chance.upperLimit(off, looked, side) / worst),
                walked.verdict().tolerance());
    }

    /** Records a walk; one with an id known already is the same walk sent again. */
    @HandsWork
    @Transactional
    public WalkView record(UUID id, UUID plantingId, WalkFacts facts) {
        return view(once.record(id, () -> walks.findById(id), () -> {
            check(plantings.grown(plantingId), facts, 0);
            return walks.saveAndFlush(new Walk(id, plantingId, facts, stamps.now()));
        }));
    }

    @HandsWork
    @Transactional
    public WalkView correct(UUID id, int version, String reason, WalkFacts facts) {
        Walk walk = walks.findById(id).orElseThrow(NotFound.of("walk"));
        if (walk.version() != version) {
            Clash.check(walk, version, view(walk));
        }
        check(plantings.grown(walk.plantingId()), facts, walk.facts().pulled());
        Map<String, Object> before = walk.correctable();
        walk.change(facts);
        corrections.keep("walk", id, before, walk.correctable(), reason);
        return view(walks.saveAndFlush(walk));
    }

    private WalkView view(Walk walk) {
        return views(List.of(walk)).get(0);
    }

    /** @param pulledBefore plants this very walk pulled before it was corrected */
    private void check(Grown planting, WalkFacts facts, int pulledBefore) {
        Crop crop = crops.get(planting.cropKey());
        LocalDate up = crop.grownFromSeed()
                ? planting.sownOn().plusDays(Math.max(1, crop.firstCountDay()))
                : planting.sownOn();
        LocalDate last = lastDay(planting, crop);
        SeasonDates.check("walkedOn", facts.walkedOn(), up, last);
        if (facts.sheddingSince() != null) {
            Range.of(1, facts.lookedAt(), "plants").because("SHED_POLLEN").check("offTypes", facts.offTypesInAll());
            SeasonDates.check("sheddingSince", facts.sheddingSince(), up, facts.walkedOn());
        }
        int pulled = walked(List.of(planting.id())).getOrDefault(planting.id(), List.of()).stream()
                        .mapToInt(walk -> walk.facts().pulled())
                        .sum()
                - pulledBefore;
        Range.of(0, Math.max(0, planting.plants() - pulled), "plants")
                .because("STAND")
                .check("pulled", facts.pulled());
    }

    /** Today, or the day after which nothing of it stands: dry crops are cut whole, stock is walked in the store too. */
    private LocalDate lastDay(Grown planting, Crop crop) {
        LocalDate last = SeasonDates.of(crop.lifeCycle(), planting.season(), farms.year())
                .latestPicking();
        boolean cutWhole = crop.seedProcess().filter(SeedProcess.DRY::equals).isPresent();
        if (cutWhole) {
            LocalDate cut = picking.stream()
                    .flatMap(harvest -> harvest.cutOn(planting.id()).stream())
                    .max(Comparator.naturalOrder())
                    .orElse(last);
            last = cut.isBefore(last) ? cut : last;
        }
        return time.today().isBefore(last) ? time.today() : last;
    }

    /** Walks of each of these plantings, in their order; those with no inspection recorded are left out. */
    private Map<UUID, List<Walked>> walked(Collection<UUID> plantings) {
        Map<UUID, List<Walked>> noted = new HashMap<>(walked.of(plantings, this::noted));
        noted.values().removeIf(List::isEmpty);
        return noted;
    }

    private Map<UUID, List<Walked>> noted(List<UUID> plantings) {
        Map<UUID, List<Walked>> noted = new HashMap<>();
        plantings.forEach(id -> noted.put(id, new ArrayList<>()));
        if (!plantings.isEmpty()) {
            walks.findByPlantingIdInOrderByWalkedOnAscIdAsc(plantings)
                    .forEach(walk -> noted.get(walk.plantingId()).add(new Walked(walk.facts(), walk.recordedBy())));
        }
        return noted;
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return walks.existsById(id);
    }
}
