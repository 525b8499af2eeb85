package theriseed.server.walk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Stamps;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/**
 * Walks through the rows. Walks of one stage add up; a later stage shows other things and starts afresh, so a planting
 * is judged by its latest.
 */
@Service
public class Walks {
    private final WalkRepository walks;
    private final Plantings plantings;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Walks(WalkRepository walks, Plantings plantings, Corrections corrections, Stamps stamps, FarmTime time) {
        this.walks = walks;
        this.plantings = plantings;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    @Transactional(readOnly = true)
    public List<WalkView> of(UUID plantingId) {
        return walks.findByPlantingIdInOrderByWalkedOnAscIdAsc(List.of(plantingId)).stream()
                .map(Walk::view)
                .toList();
    }

    /** What the latest stage has shown, for each planting that was walked at all. */
    @Transactional(readOnly = true)
    public Map<UUID, StageVerdict> verdicts(Collection<PlantingView> of) {
        Map<UUID, PlantingView> byId = of.stream().collect(Collectors.toMap(PlantingView::id, planting -> planting));
        Map<UUID, List<Walk>> walked = walks.findByPlantingIdInOrderByWalkedOnAscIdAsc(byId.keySet()).stream()
                .collect(Collectors.groupingBy(Walk::plantingId));
        Map<UUID, StageVerdict> verdicts = new HashMap<>();
        walked.forEach((id, all) -> {
            String latest = all.get(all.size() - 1).facts().stage();
            verdicts.put(id, judge(byId.get(id), latest, all, 0, 0).orElseThrow());
        });
        return verdicts;
    }

    /** What a stage would show if so many more were looked at with so many off-types; empty when none were. */
    @Transactional(readOnly = true)
    public Optional<StageVerdict> soFar(UUID plantingId, String stage, int lookedAt, int offTypes) {
        Range.of(0, 1_000_000, "plants").check("lookedAt", lookedAt);
        Range.of(0, lookedAt, "plants").check("offTypes", offTypes);
        List<Walk> all = walks.findByPlantingIdInOrderByWalkedOnAscIdAsc(List.of(plantingId));
        return judge(plantings.get(plantingId), stage, all, lookedAt, offTypes);
    }

    /** Records a walk; one with an id known already is the same walk sent again. */
    @HandsWork
    @Transactional
    public WalkView record(UUID id, UUID plantingId, WalkFacts facts) {
        Optional<Walk> same = walks.findById(id);
        if (same.isPresent()) {
            return same.get().view();
        }
        checkDay(plantings.get(plantingId), facts.walkedOn());
        return walks.save(new Walk(id, plantingId, facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public WalkView correct(UUID id, int version, String reason, WalkFacts facts) {
        Walk walk = walks.findById(id).orElseThrow(NotFound.of("walk"));
        Clash.check(walk, version, walk.view());
        checkDay(plantings.get(walk.plantingId()), facts.walkedOn());
        Map<String, Object> before = walk.correctable();
        walk.change(facts);
        corrections.keep("walk", id, before, walk.correctable(), reason);
        return walks.saveAndFlush(walk).view();
    }

    private void checkDay(PlantingView planting, LocalDate day) {
        SeasonDates.check("walkedOn", day, planting.sownOn(), time.today());
    }

    private static Optional<StageVerdict> judge(
            PlantingView planting, String stage, List<Walk> all, int lookedAt, int offTypes) {
        List<WalkFacts> sameStage = new ArrayList<>();
        all.stream().map(Walk::facts).filter(walk -> walk.stage().equals(stage)).forEach(sameStage::add);
        int looked = lookedAt + sameStage.stream().mapToInt(WalkFacts::lookedAt).sum();
        int off =
                offTypes + sameStage.stream().mapToInt(WalkFacts::offTypesInAll).sum();
        return looked == 0
                ? Optional.empty()
                : Optional.of(new StageVerdict(
                        stage, looked, off, WalkVerdict.of(planting.grade(), off, looked, planting.plants())));
    }
}
