package theriseed.server.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import theriseed.core.bench.Chain;
import theriseed.core.bench.LotSteps;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Floating;
import theriseed.core.crop.Usual;
import theriseed.server.base.Wrong;
import theriseed.server.harvest.HarvestView;

/** One lot at the bench, as the rules see it and as it is shown. */
final class LotAtBench {
    private final Crop crop;
    private final Chain chain;
    private final List<Step> steps;
    private final Map<UUID, List<ReadingView>> readings;
    private final StepWatch watch;
    private final LotSteps lot;

    /**
     * @param chain it goes through, the crop's usual one or its own
     * @param readings of the steps under way, by step
     */
    LotAtBench(
            Crop crop,
            Chain chain,
            HarvestView harvest,
            List<Step> steps,
            Map<UUID, List<ReadingView>> readings,
            StepWatch.Now now) {
        this.crop = crop;
        this.chain = chain;
        this.steps = steps;
        this.readings = readings;
        this.watch = new StepWatch(crop, now);
        this.lot = new LotSteps(
                crop,
                chain,
                new LotSteps.Filled(
                        harvest.mass(),
                        harvest.plants(),
                        Step.maybe(harvest.moisture()),
                        !harvest.poured().isEmpty(),
                        harvest.pouredOut()),
                steps.stream().map(step -> step.facts().toWeigh()).toList());
    }

    BenchView view() {
        List<StepView> views = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            views.add(view(i, lot.judged().get(i)));
        }
        Optional<StepView> underWay =
                views.stream().filter(step -> step.massOut() == null).findFirst();
        StepKind next = lot.next().orElse(null);
        return new BenchView(
                chain.steps(),
                lot.left(),
                views,
                underWay.isPresent() ? null : next,
                underWay.orElse(null),
                Floating.of(crop),
                underWay.map(StepView::kind)
                        .or(() -> Optional.ofNullable(next))
                        .map(StepKind::shelf)
                        .orElse(null),
                lot.wrong().orElse(null),
                lot.clean(),
                lot.poured(),
                lot.mass(),
                maybe(lot.moisture()),
                lot.expected().orElse(null),
                lot.toKeep().orElse(null),
                lot.yield().orElse(null),
                steps.stream()
                        .map(Step::facts)
                        .filter(facts -> facts.minutes() != null)
                        .mapToInt(facts -> facts.minutes() * facts.people())
                        .sum(),
                lot.dryPicked());
    }

    /** Grams of clean seed that what was picked usually gives. */
    Optional<Usual> expected() {
        return lot.expected();
    }

    /** Refuses more clean seed than was picked, and less than went into other lots. */
    void check() {
        lot.check();
    }

    /** Whether all of it went into other lots. */
    boolean poured() {
        return lot.poured();
    }

    private StepView view(int place, LotSteps.Judged judged) {
        Step step = steps.get(place);
        StepFacts facts = step.facts();
        boolean open = !step.ended();
        return new StepView(
                step.id(),
                step.version(),
                step.place(),
                facts.kind(),
                facts.kind().isRead(),
                facts.kind().isSet(),
                facts.begunAt(),
                facts.endedAt(),
                facts.massIn(),
                facts.waterAdded(),
                facts.massOut(),
                facts.byProducts(),
                facts.moistureIn(),
                facts.moistureOut(),
                facts.temperature(),
                facts.target(),
                facts.minutes(),
                facts.people(),
                facts.vessels(),
                facts.way(),
                facts.hole(),
                facts.rounds(),
                facts.missingReason(),
                facts.missingBecause(),
                facts.note(),
                step.recordedBy(),
                maybe(judged.share()),
                judged.balance().map(balance -> maybe(balance.unaccounted())).orElse(null),
                judged.balance().filter(balance -> balance.alarm()).isPresent(),
                judged.wrong().map(Wrong::of).orElse(null),
                judged.dry().orElse(null),
                open && facts.kind() == StepKind.FERMENT ? watch.ferment(facts, read(step)) : null,
                open && facts.kind() == StepKind.DRY
                        ? watch.drying(facts, lot.measuredInto(place), lot.usualInto(place), read(step))
                        : null);
    }

    private List<ReadingView> read(Step step) {
        return readings.getOrDefault(step.id(), List.of());
    }

    private static Double maybe(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
