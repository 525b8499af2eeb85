package theriseed.server.selection;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Traits, and the visits on which plants and plots are scored for them. */
@Service
public class Scores {
    private static final int MOST_TRAITS = 20;

    private final TraitRepository traits;
    private final ScoreVisitRepository visits;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    Scores(
            TraitRepository traits,
            ScoreVisitRepository visits,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.traits = traits;
        this.visits = visits;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    List<Trait> traitsOf(UUID varietyId) {
        return traits.findByVarietyIdOrderByIdAsc(varietyId);
    }

    @GrowersWork
    @Transactional
    public TraitView make(UUID varietyId, TraitFacts facts) {
        if (traits.existsByVarietyIdAndNameIgnoreCase(varietyId, facts.name().strip())) {
            throw new Refused("name", facts.name(), "trait.there");
        }
        Range.of(0, MOST_TRAITS - 1.0, "traits").because("BEFORE_THIS_ONE").check("name", (double)
                traitsOf(varietyId).size());
        return traits.saveAndFlush(new Trait(varietyId, facts, stamps.now())).view();
    }

    /** Visits to a planting's marked plants or to a trial, oldest first. */
    @ReadsOnly
    public List<VisitView> of(UUID ofId) {
        return visits.findByOfIdOrderByScoredOnAscIdAsc(ofId).stream()
                .map(ScoreVisit::view)
                .toList();
    }

    /**
     * Writes down one visit; one with an id known already is the same visit sent again.
     *
     * @param subjects what may be scored there
     */
    @HandsWork
    @Transactional
    public VisitView visit(
            UUID id,
            UUID ofId,
            UUID varietyId,
            UUID traitId,
            LocalDate day,
            LocalDate earliest,
            List<Mark> marks,
            Collection<UUID> subjects) {
        return once.record(id, () -> visits.findById(id), () -> {
                    Trait trait = traits.findById(traitId).orElseThrow(NotFound.of("trait"));
                    if (!trait.varietyId().equals(varietyId)) {
                        throw new Refused("traitId", trait.view().name(), "trait.otherVariety");
                    }
                    SeasonDates.check("scoredOn", day, earliest, time.today());
                    check(trait, marks, Set.copyOf(subjects));
                    return visits.save(new ScoreVisit(id, ofId, traitId, day, marks, stamps.now()));
                })
                .view();
    }

    @HandsWork
    @Transactional
    public VisitView correct(UUID id, int version, String reason, List<Mark> marks) {
        ScoreVisit visit = visits.findById(id).orElseThrow(NotFound.of("visit"));
        Clash.check(visit, version, visit.view());
        Trait trait = traits.findById(visit.traitId()).orElseThrow(NotFound.of("trait"));
        check(trait, marks, visit.marks().stream().map(Mark::subjectId).collect(Collectors.toSet()));
        Map<String, Object> before = visit.correctable();
        visit.change(marks);
        corrections.keep("visit", id, before, visit.correctable(), reason);
        return visits.saveAndFlush(visit).view();
    }

    private static void check(Trait trait, List<Mark> marks, Set<UUID> subjects) {
        Range.of(1, 5000, "scores").check("marks", marks.size());
        Set<UUID> scored = new HashSet<>();
        for (Mark mark : marks) {
            trait.check(mark.value());
            if (!subjects.contains(mark.subjectId()) || !scored.add(mark.subjectId())) {
                throw new Refused("marks", mark.subjectId(), "trait.marks");
            }
        }
    }
}
