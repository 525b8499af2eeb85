package theriseed.server.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.crop.Grade;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.VerdictTable;
import theriseed.core.roguing.WalkVerdict;
import theriseed.server.base.Latest;
import theriseed.server.season.PlantingView;

/** Judges what the walks of a stage have shown, each by the eyes of whoever walked. */
@Component
class StageVerdicts {
    private static final int TABLES_KEPT = 500;

    /** Those of ten years, at every grade. */
    private static final int VERDICTS_KEPT = 5000;

    private final Eyes eyes;
    private final Map<Judged, WalkVerdict> verdicts = Latest.map(VERDICTS_KEPT);
    private final Map<Told, VerdictTable> tables = Latest.map(TABLES_KEPT);

    private record Judged(Grade grade, int plants, List<Pass> walked) {}

    private record Told(Judged before, double recognised, boolean others) {}

    /** A walk and who walked it. */
    record Walked(WalkFacts facts, String by) {}

    /** The walks of one stage as they tell what stands, and the plants that stood before the first. */
    private record Stage(int plants, List<Pass> passes, int standing) {}

    StageVerdicts(Eyes eyes) {
        this.eyes = eyes;
    }

    /**
     * @param all walks of the planting, in their order
     * @return empty where no inspection of that stage is recorded, or nothing stood any more
     */
    Optional<StageVerdict> of(PlantingView planting, String name, List<Walked> all) {
        Stage stage = stage(planting, name, all);
        if (stage.passes().isEmpty()) {
            return Optional.empty();
        }
        Judged judged = new Judged(planting.grade(), stage.plants(), stage.passes());
        return Optional.of(StageVerdict.of(
                name,
                stage.plants(),
                stage.passes(),
                verdicts.computeIfAbsent(judged, what -> WalkVerdict.of(what.grade(), what.plants(), what.walked()))));
    }

    /** The same if so many more were looked at by whoever is signed in. */
    Optional<StageVerdict> with(PlantingView planting, List<Walked> all, WalkFacts now, String by) {
        List<Walked> more = now.lookedAt() == 0
                ? all
                : Stream.concat(all.stream(), Stream.of(new Walked(now, by))).toList();
        return of(planting, now.stage(), more);
    }

    /**
     * The verdicts of every count of a further walk of a stage.
     *
     * @param others whether it goes through plants that no walk of the stage looked at
     * @return empty where no plant stands any more
     */
    Optional<VerdictTable> table(PlantingView planting, String name, List<Walked> all, boolean others) {
        Stage stage = stage(planting, name, all);
        if (stage.standing() < 1) {
            return Optional.empty();
        }
        Told told =
                new Told(new Judged(planting.grade(), stage.plants(), stage.passes()), eyes.ofWhoeverWalks(), others);
        return Optional.of(tables.computeIfAbsent(
                told,
                what -> VerdictTable.of(
                        what.before().grade(),
                        what.before().plants(),
                        what.before().walked(),
                        what.recognised(),
                        what.others())));
    }

    private Stage stage(PlantingView planting, String name, List<Walked> all) {
        int standing = planting.plants();
        int plants = standing;
        List<Pass> passes = new ArrayList<>();
        for (Walked walk : all) {
            if (walk.facts().stage().equals(name)) {
                if (passes.isEmpty()) {
                    plants = standing;
                }
                if (standing > 0) {
                    passes.add(walk.facts().pass(standing, eyes.of(walk.by())));
                }
            } else if (!passes.isEmpty()) {
                // Off-types that a walk of another stage pulled meanwhile are no evidence of this one; they stand no
                // more.
                plants = Math.max(lookedAt(passes), plants - walk.facts().pulled());
            }
            standing = Math.max(0, standing - walk.facts().pulled());
        }
        return new Stage(passes.isEmpty() ? Math.max(1, standing) : plants, passes, standing);
    }

    private static int lookedAt(List<Pass> passes) {
        int fewest = 1;
        int gone = 0;
        for (Pass pass : passes) {
            fewest = Math.max(fewest, pass.lookedAt() + gone);
            gone += pass.gone();
        }
        return fewest;
    }
}
