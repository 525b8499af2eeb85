package theriseed.server.selection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.selection.ProgenyRows;
import theriseed.server.base.Clash;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.Grown;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Trials of progeny rows: sown, scored in several visits by several people, ranked with their error, decided about. */
@Service
public class Trials {
    private static final int MOST_ROWS = 400;

    private final ProgenyTrialRepository trials;
    private final ProgenyRowRepository rows;
    private final ProgenyPlotRepository plots;
    private final CandidateRepository candidates;
    private final Scores scores;
    private final Plantings plantings;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;

    Trials(
            ProgenyTrialRepository trials,
            ProgenyRowRepository rows,
            ProgenyPlotRepository plots,
            CandidateRepository candidates,
            Scores scores,
            Plantings plantings,
            Corrections corrections,
            Once once,
            Stamps stamps) {
        this.trials = trials;
        this.rows = rows;
        this.plots = plots;
        this.candidates = candidates;
        this.scores = scores;
        this.plantings = plantings;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
    }

    /** A trial in a list. */
    public record TrialLine(UUID id, String name, UUID plantingId, int rows, int decided) {}

    /**
     * A row to be sown.
     *
     * @param motherId the marked plant its seed came from; null for a check or for seed from elsewhere
     * @param compared whether it is a check that the others are compared with
     */
    public record Sown(UUID motherId, boolean compared, String subLot) {}

    /** A piece of a row in one block. */
    public record PieceView(UUID id, int block) {}

    /**
     * A row as others see it.
     *
     * @param subLot number its seed was kept under
     * @param pedigree where it came from, the plant it was taken from first
     */
    public record RowView(
            UUID id,
            int version,
            int number,
            boolean compared,
            String subLot,
            List<String> pedigree,
            List<PieceView> plots,
            @Maybe RowDecision decision,
            String reason) {}

    /**
     * A row in its rank.
     *
     * @param predicted its true worth, drawn towards the mean of all by how much its plots differ
     * @param likeTheBest whether the scores cannot tell it from the best row
     */
    public record Ranked(UUID rowId, int rank, double mean, double predicted, int plots, boolean likeTheBest) {}

    /**
     * Rows by what they are worth, over all visits.
     *
     * @param traitId for one trait, in its units; absent over all traits, from 0 to 100
     * @param leastDifference below which two rows are not told apart
     * @param repeatability share of the differences between rows that is their own
     * @param inBlocks whether differences between blocks were taken out
     */
    public record Ranking(
            @Maybe UUID traitId,
            double mean,
            double leastDifference,
            double repeatability,
            int freedom,
            boolean inBlocks,
            List<Ranked> rows) {}

    /** Rankings are absent while fewer than three rows are scored, or none in two plots. */
    public record TrialPage(
            UUID id,
            String name,
            int blocks,
            PlantingView planting,
            List<TraitView> traits,
            List<RowView> rows,
            List<VisitView> visits,
            List<Ranking> rankings,
            List<CorrectionView> corrections) {}

    @ReadsOnly
    public List<TrialLine> lines(UUID varietyId) {
        List<ProgenyTrial> found = trials.findByVarietyIdOrderByIdAsc(varietyId);
        if (found.isEmpty()) {
            return List.of();
        }
        Map<UUID, List<ProgenyRow>> sown =
                rows
                        .findByTrialIdInOrderByNumberAsc(
                                found.stream().map(ProgenyTrial::id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(ProgenyRow::trialId));
        return found.stream()
                .map(trial -> {
                    List<ProgenyRow> own = sown.getOrDefault(trial.id(), List.of());
                    int decided = (int)
                            own.stream().filter(row -> row.decision() != null).count();
                    return new TrialLine(trial.id(), trial.name(), trial.plantingId(), own.size(), decided);
                })
                .toList();
    }

    @ReadsOnly
    public TrialPage get(UUID id) {
        ProgenyTrial trial = trials.findById(id).orElseThrow(NotFound.of("trial"));
        PlantingView planting = plantings.get(trial.plantingId());
        List<ProgenyRow> sown = rows.findByTrialIdInOrderByNumberAsc(List.of(id));
        Map<UUID, List<ProgenyPlot>> pieces = plotsOf(sown);
        List<Trait> traits = scores.traitsOf(trial.varietyId());
        List<VisitView> visits = scores.of(id);
        Function<UUID, List<String>> pedigrees = pedigrees(trial.varietyId());
        return new TrialPage(
                id,
                trial.name(),
                trial.blocks(),
                planting,
                traits.stream().map(Trait::view).toList(),
                sown.stream()
                        .map(row -> view(row, pieces.getOrDefault(row.id(), List.of()), pedigrees))
                        .toList(),
                visits,
                rankings(trial, sown, pieces, traits, visits),
                corrections.of(sown.stream().map(ProgenyRow::id).toList()));
    }

    private Map<UUID, List<ProgenyPlot>> plotsOf(List<ProgenyRow> sown) {
        return plots
                .findByRowIdInOrderByBlockAsc(sown.stream().map(ProgenyRow::id).toList())
                .stream()
                .collect(Collectors.groupingBy(ProgenyPlot::rowId));
    }

    private static RowView view(ProgenyRow row, List<ProgenyPlot> pieces, Function<UUID, List<String>> pedigrees) {
        return new RowView(
                row.id(),
                row.version(),
                row.number(),
                row.compared(),
                row.subLot(),
                row.motherId() == null ? List.of() : pedigrees.apply(row.motherId()),
                pieces.stream()
                        .map(plot -> new PieceView(plot.id(), plot.block()))
                        .toList(),
                row.decision(),
                row.reason());
    }

    /** One ranking over all traits, where there are several, and one for each that was scored. */
    private static List<Ranking> rankings(
            ProgenyTrial trial,
            List<ProgenyRow> sown,
            Map<UUID, List<ProgenyPlot>> pieces,
            List<Trait> traits,
            List<VisitView> visits) {
        Map<UUID, Map<UUID, Double>> means = Selection.means(visits);
        List<Trait> scored = traits.stream()
                .filter(trait ->
                        visits.stream().anyMatch(visit -> visit.traitId().equals(trait.id())))
                .toList();
        List<Ranking> rankings = new ArrayList<>();
        if (scored.size() > 1) {
            rank(trial, sown, pieces, null, plot -> Selection.score(means.getOrDefault(plot, Map.of()), scored), true)
                    .ifPresent(rankings::add);
        }
        for (Trait trait : scored) {
            boolean more = trait.view().moreIsBetter();
            rank(
                            trial,
                            sown,
                            pieces,
                            trait.id(),
                            plot -> means.getOrDefault(plot, Map.of()).get(trait.id()),
                            more)
                    .ifPresent(rankings::add);
        }
        return rankings;
    }

    private static Optional<Ranking> rank(
            ProgenyTrial trial,
            List<ProgenyRow> sown,
            Map<UUID, List<ProgenyPlot>> pieces,
            UUID traitId,
            Function<UUID, Double> scoreOf,
            boolean moreIsBetter) {
        double sign = moreIsBetter ? 1 : -1;
        Map<String, List<Double>> scored = new LinkedHashMap<>();
        for (ProgenyRow row : sown) {
            List<Double> values = pieces.getOrDefault(row.id(), List.of()).stream()
                    .map(plot -> scoreOf.apply(plot.id()))
                    .filter(value -> value != null)
                    .map(value -> sign * value)
                    .toList();
            if (!values.isEmpty()) {
                scored.put(row.id().toString(), values);
            }
        }
        int all = scored.values().stream().mapToInt(List::size).sum();
        if (scored.size() < 3 || all <= scored.size()) {
            return Optional.empty();
        }
        boolean whole =
                trial.blocks() > 1 && scored.values().stream().allMatch(values -> values.size() == trial.blocks());
        ProgenyRows result = ProgenyRows.of(scored, whole ? ProgenyRows.Design.BLOCKS : ProgenyRows.Design.SCATTERED);
        List<Ranked> ranked = new ArrayList<>();
        for (String row : result.ranked()) {
            ranked.add(new Ranked(
                    UUID.fromString(row),
                    ranked.size() + 1,
                    sign * result.means().get(row),
                    sign * result.predicted().get(row),
                    result.plots().get(row),
                    result.likeTheBest(row)));
        }
        return Optional.of(new Ranking(
                traitId,
                sign * result.mean(),
                result.leastDifference(),
                result.repeatability(),
                result.freedom(),
                whole,
                ranked));
    }

    /** Where the seed of a marked plant came from, generation by generation, as far back as trials go. */
    private Function<UUID, List<String>> pedigrees(UUID varietyId) {
        List<ProgenyTrial> all = trials.findByVarietyIdOrderByIdAsc(varietyId);
        Map<UUID, ProgenyTrial> trialById =
                all.stream().collect(Collectors.toMap(ProgenyTrial::id, Function.identity()));
        Map<UUID, ProgenyRow> rowById = rows.findByTrialIdInOrderByNumberAsc(trialById.keySet()).stream()
                .collect(Collectors.toMap(ProgenyRow::id, Function.identity()));
        Map<UUID, PlantingView> grown = plantings.ofVariety(varietyId).stream()
                .collect(Collectors.toMap(PlantingView::id, Function.identity()));
        Map<UUID, Candidate> marked = candidates.findByPlantingIdIn(grown.keySet()).stream()
                .collect(Collectors.toMap(Candidate::id, Function.identity()));
        Map<UUID, List<String>> known = new HashMap<>();
        return mother -> known.computeIfAbsent(mother, id -> {
            List<String> line = new ArrayList<>();
            for (Candidate plant = marked.get(id); plant != null; ) {
                PlantingView planting = grown.get(plant.plantingId());
                line.add("tag " + plant.tag() + " of " + planting.season() + ", " + planting.ground());
                ProgenyRow row = plant.fromRowId() == null ? null : rowById.get(plant.fromRowId());
                if (row == null) {
                    break;
                }
                line.add("row " + row.number() + " of "
                        + trialById.get(row.trialId()).name());
                plant = row.motherId() == null ? null : marked.get(row.motherId());
            }
            return List.copyOf(line);
        });
    }

    /** Sows a trial: its rows are numbered in their order, each with a plot in every block. */
    @GrowersWork
    @Transactional
    public UUID sow(UUID id, UUID plantingId, String name, int blocks, List<Sown> sown) {
        return once.record(id, () -> trials.findById(id), () -> {
                    Range.of(3, MOST_ROWS, "rows").check("rows", sown.size());
                    Grown planting = plantings.grown(plantingId);
                    UUID variety = planting.varietyId();
                    ProgenyTrial trial =
                            trials.saveAndFlush(new ProgenyTrial(id, variety, plantingId, name, blocks, stamps.now()));
                    checkMothers(variety, sown);
                    List<ProgenyRow> made = new ArrayList<>();
                    List<ProgenyPlot> pieces = new ArrayList<>();
                    for (Sown row : sown) {
                        ProgenyRow numbered = new ProgenyRow(
                                id,
                                made.size() + 1,
                                row.motherId(),
                                row.compared(),
                                row.subLot().strip(),
                                stamps.now());
                        made.add(numbered);
                        for (int block = 1; block <= blocks; block++) {
                            pieces.add(new ProgenyPlot(numbered.id(), block));
                        }
                    }
                    rows.saveAllAndFlush(made);
                    plots.saveAll(pieces);
                    return trial;
                })
                .id();
    }

    private void checkMothers(UUID varietyId, List<Sown> sown) {
        Set<UUID> known =
                candidates
                        .findByPlantingIdIn(plantings.ofVariety(varietyId).stream()
                                .map(PlantingView::id)
                                .toList())
                        .stream()
                        .map(Candidate::id)
                        .collect(Collectors.toSet());
        sown.stream()
                .map(Sown::motherId)
                .filter(mother -> mother != null && !known.contains(mother))
                .findFirst()
                .ifPresent(mother -> {
                    throw new Refused("rows", mother, "trial.mother");
                });
    }

    /** Scores plots of a trial for one trait. */
    @HandsWork
    @Transactional
    public VisitView visit(UUID id, UUID trialId, UUID traitId, LocalDate day, List<Mark> marks) {
        ProgenyTrial trial = trials.findById(trialId).orElseThrow(NotFound.of("trial"));
        Grown planting = plantings.grown(trial.plantingId());
        List<UUID> subjects = plotsOf(rows.findByTrialIdInOrderByNumberAsc(List.of(trialId))).values().stream()
                .flatMap(List::stream)
                .map(ProgenyPlot::id)
                .toList();
        return scores.visit(
                id, trialId, trial.varietyId(), traitId, day, planting.sownOn().plusDays(1), marks, subjects);
    }

    /** Decides about a row; a decision that is changed keeps what it changes. */
    @GrowersWork
    @Transactional
    public void decide(UUID rowId, int version, RowDecision decision, String reason) {
        ProgenyRow row = rows.findById(rowId).orElseThrow(NotFound.of("row"));
        Clash.check(row, version, view(row, List.of(), mother -> List.of()));
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Map<String, Object> before = row.correctable();
        boolean changed = row.decision() != null;
        row.decide(decision, reason);
        if (changed) {
            corrections.keep("row", rowId, before, row.correctable(), reason);
        }
        rows.saveAndFlush(row);
    }

    /** A marked plant stands in a row of a trial on its own planting. */
    void checkRow(UUID rowId, UUID plantingId) {
        ProgenyRow row = rows.findById(rowId).orElseThrow(NotFound.of("row"));
        ProgenyTrial trial = trials.findById(row.trialId()).orElseThrow(NotFound.of("trial"));
        if (!trial.plantingId().equals(plantingId)) {
            throw new Refused("fromRowId", row.number(), "trial.row");
        }
    }
}
