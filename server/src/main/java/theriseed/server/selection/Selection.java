package theriseed.server.selection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.selection.KeepTheBest;
import theriseed.core.selection.SelectionResponse.Sides;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.handbook.Crops;
import theriseed.server.photo.PhotoView;
import theriseed.server.photo.Photos;
import theriseed.server.photo.Pictured;
import theriseed.server.season.Grown;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Marking the best plants and fruits of a planting, scoring them, and choosing how many to keep. */
@Service
public class Selection implements Pictured {
    private final CandidateRepository candidates;
    private final Scores scores;
    private final Trials trials;
    private final Plantings plantings;
    private final Crops crops;
    private final Photos photos;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    Selection(
            CandidateRepository candidates,
            Scores scores,
            Trials trials,
            Plantings plantings,
            Crops crops,
            Photos photos,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.candidates = candidates;
        this.scores = scores;
        this.trials = trials;
        this.plantings = plantings;
        this.crops = crops;
        this.photos = photos;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * A marked plant or fruit.
     *
     * @param scores mean of its scores by trait
     * @param score mean over its traits of where it lies on their scales, 0 to 100; absent while nothing is scored
     * @param chosen absent until it was decided
     */
    public record CandidateView(
            UUID id,
            CandidateKind kind,
            String tag,
            LocalDate markedOn,
            @Maybe UUID fromRowId,
            Map<UUID, Double> scores,
            @Maybe Double score,
            @Maybe Boolean chosen,
            String note) {}

    /**
     * What keeping some of the best comes to, side by side.
     *
     * @param scored plants with scores
     * @param deviation of their score
     * @param beforeBloom whether the others can still be pulled before they shed pollen
     */
    public record Choice(
            int scored,
            double deviation,
            double heritability,
            boolean beforeBloom,
            int asked,
            List<KeepTheBest.Option> options) {}

    /**
     * Best first; those without scores at the end.
     *
     * @param photos of what is marked, by its id
     */
    public record SelectionPage(
            PlantingView planting,
            List<TraitView> traits,
            List<CandidateView> candidates,
            Map<UUID, List<PhotoView>> photos,
            List<VisitView> visits,
            @Maybe Choice choice,
            List<Trials.TrialLine> trials) {}

    /** Marked plants and fruits of a planting that stand in the rows: whoever picks for the kitchen leaves them. */
    public record NotForEating(UUID plantingId, String variety, String crop, String ground, List<String> tags) {}

    /** What of these plantings is marked for seed, and was not decided against. */
    @ReadsOnly
    public List<NotForEating> notForEating(Collection<PlantingView> plantings) {
        Map<UUID, List<String>> tags = plantings.isEmpty()
                ? Map.of()
                : candidates.markedFor(plantings.stream().map(PlantingView::id).toList()).stream()
                        .collect(Collectors.groupingBy(
                                Candidate::plantingId, Collectors.mapping(Candidate::tag, Collectors.toList())));
        return plantings.stream()
                .filter(planting -> tags.containsKey(planting.id()))
                .map(planting -> new NotForEating(
                        planting.id(),
                        planting.variety().name(),
                        planting.variety().cropName(),
                        planting.ground(),
                        tags.get(planting.id())))
                .toList();
    }

    /** @param heritability of a single plant's score, 0 to 1; null for what is usual */
    @ReadsOnly
    public SelectionPage page(UUID plantingId, Double heritability) {
        PlantingView planting = plantings.get(plantingId);
        List<Trait> traits = scores.traitsOf(planting.variety().id());
        List<VisitView> visits = scores.of(plantingId);
        List<CandidateView> marked = ranked(candidates.findByPlantingIdOrderByIdAsc(plantingId), traits, visits);
        return new SelectionPage(
                planting,
                traits.stream().map(Trait::view).toList(),
                marked,
                photos.of(marked.stream().map(CandidateView::id).toList()),
                visits,
                choice(planting, marked, heritability),
                trials.lines(planting.variety().id()));
    }

    private static List<CandidateView> ranked(List<Candidate> marked, List<Trait> traits, List<VisitView> visits) {
        Map<UUID, Map<UUID, Double>> means = means(visits);
        return marked.stream()
                .map(candidate -> {
                    Map<UUID, Double> own = means.getOrDefault(candidate.id(), Map.of());
                    return new CandidateView(
                            candidate.id(),
                            candidate.kind(),
                            candidate.tag(),
                            candidate.markedOn(),
                            candidate.fromRowId(),
                            own,
                            score(own, traits),
                            candidate.chosen(),
                            candidate.note());
                })
                .sorted(Comparator.comparing(CandidateView::score, Comparator.nullsLast(Comparator.reverseOrder())))
                .toList();
    }

    /** Mean score of each subject for each trait, over all visits. */
    static Map<UUID, Map<UUID, Double>> means(List<VisitView> visits) {
        Map<UUID, Map<UUID, List<Double>>> all = new HashMap<>();
        visits.forEach(visit -> visit.marks()
                .forEach(mark -> all.computeIfAbsent(mark.subjectId(), subject -> new HashMap<>())
                        .computeIfAbsent(visit.traitId(), trait -> new ArrayList<>())
                        .add(mark.value())));
        Map<UUID, Map<UUID, Double>> means = new HashMap<>();
        all.forEach((subject, traits) -> means.put(
                subject,
                traits.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                scored -> scored.getValue().stream()
                                        .mapToDouble(Double::doubleValue)
                                        .average()
                                        .orElseThrow()))));
        return means;
    }

    /** Where something lies on the scales of its traits, on average; null when it was not scored. */
    static Double score(Map<UUID, Double> scored, List<Trait> traits) {
        var score = traits.stream()
                .filter(trait -> scored.containsKey(trait.id()))
                .mapToDouble(trait -> trait.score(scored.get(trait.id())))
                .average();
        return score.isPresent() ? score.getAsDouble() : null;
    }

    /** None while fewer than three are scored, or all alike. */
    private Choice choice(PlantingView planting, List<CandidateView> marked, Double heritability) {
        double h2 = Range.of(0, 1, "")
                .check("heritability", heritability == null ? KeepTheBest.USUAL_HERITABILITY : heritability);
        double[] scored = marked.stream()
                .filter(candidate -> candidate.score() != null)
                .mapToDouble(CandidateView::score)
                .toArray();
        double deviation = deviation(scored);
        if (scored.length < 3 || deviation == 0) {
            return null;
        }
        Crop crop = crops.get(planting.variety().cropKey());
        boolean before = planting.bloom() != null
                && time.today().isBefore(planting.bloom().first());
        return new Choice(
                scored.length,
                deviation,
                h2,
                before,
                (int) crop.plants().of(planting.grade()),
                KeepTheBest.options(
                        crop,
                        planting.grade(),
                        scored.length,
                        h2,
                        deviation,
                        before ? Sides.BOTH : Sides.MOTHERS_ONLY));
    }

    private static double deviation(double[] values) {
        double mean = Arrays.stream(values).average().orElse(0);
        double squares = Arrays.stream(values)
                .map(value -> (value - mean) * (value - mean))
                .sum();
        return values.length < 2 ? 0 : Math.sqrt(squares / (values.length - 1));
    }

    /** Marks a plant or fruit; one with an id known already is the same one sent again. */
    @HandsWork
    @Transactional
    public UUID mark(UUID id, UUID plantingId, CandidateFacts facts) {
        return once.record(id, () -> candidates.findById(id), () -> {
                    Grown planting = plantings.grown(plantingId);
                    SeasonDates.check(
                            "markedOn", facts.markedOn(), planting.sownOn().plusDays(1), time.today());
                    if (candidates.existsByPlantingIdAndTagIgnoreCase(
                            plantingId, facts.tag().strip())) {
                        throw new Refused("tag", facts.tag(), "selection.tagTaken", "tag", facts.tag());
                    }
                    if (facts.fromRowId() != null) {
                        trials.checkRow(facts.fromRowId(), plantingId);
                    }
                    return candidates.saveAndFlush(new Candidate(id, plantingId, facts, stamps.now()));
                })
                .id();
    }

    /** Scores marked plants for one trait. */
    @HandsWork
    @Transactional
    public VisitView visit(UUID id, UUID plantingId, UUID traitId, LocalDate day, List<Mark> marks) {
        Grown planting = plantings.grown(plantingId);
        Set<UUID> marked = candidates.findByPlantingIdOrderByIdAsc(plantingId).stream()
                .map(Candidate::id)
                .collect(Collectors.toSet());
        return scores.visit(
                id,
                plantingId,
                planting.varietyId(),
                traitId,
                day,
                planting.sownOn().plusDays(1),
                marks,
                marked);
    }

    /** Chooses these of a planting's marked plants; the others are not kept. */
    @GrowersWork
    @Transactional
    public void choose(UUID plantingId, Collection<UUID> kept) {
        List<Candidate> marked = candidates.findByPlantingIdOrderByIdAsc(plantingId);
        Set<UUID> unknown = new HashSet<>(kept);
        marked.forEach(candidate -> unknown.remove(candidate.id()));
        if (!unknown.isEmpty()) {
            throw new Refused("kept", unknown, "selection.notMarked");
        }
        marked.forEach(candidate -> candidate.choose(kept.contains(candidate.id())));
        candidates.saveAllAndFlush(marked);
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return candidates.existsById(id);
    }
}
