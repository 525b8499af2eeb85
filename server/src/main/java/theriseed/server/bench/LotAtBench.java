package theriseed.server.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import theriseed.core.bench.Chain;
import theriseed.core.bench.LotSteps;
import theriseed.core.bench.MassBalance;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Floating;
import theriseed.core.crop.Usual;
import theriseed.core.drying.Overheated;
import theriseed.core.lot.MoistureHistory;
import theriseed.server.base.Wrong;
import theriseed.server.harvest.HarvestView;

/** One lot at the bench, as the rules see it and as it is shown. */
final class LotAtBench {
    private final Crop crop;
    private final Chain chain;
    private final List<Step> steps;
    private final Map<UUID, List<ReadingView>> readings;
    private final StepWatch watch;
    private final StepWatch.Now now;
    private final HarvestView harvest;
    private final Optional<LotSteps.Picked> cameOf;
    private final LotSteps lot;

    /**
     * @param chain it goes through, the crop's usual one or its own
     * @param cameOf what was picked that it came of; empty where that is not known
     * @param readings of the steps under way and of those in which it dried, by step
     */
    LotAtBench(
            Crop crop,
            Chain chain,
            HarvestView harvest,
            Optional<LotSteps.Picked> cameOf,
            List<Step> steps,
            Map<UUID, List<ReadingView>> readings,
            StepWatch.Now now) {
        this.crop = crop;
        this.chain = chain;
        this.steps = steps;
        this.readings = readings;
        this.watch = new StepWatch(crop, now);
        this.now = now;
        this.harvest = harvest;
        this.cameOf = cameOf;
        this.lot = new LotSteps(
                crop,
                chain,
                new LotSteps.Filled(
                        harvest.mass(),
                        cameOf,
                        harvest.moisture() == null
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(harvest.moisture().percent()),
                        harvest.picks().isEmpty(),
                        harvest.transferredOut()),
                steps.stream().map(step -> step.facts().toWeigh()).toList());
    }

    BenchView view() {
        List<StepView> views = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            views.add(view(i, lot.judged().get(i), views));
        }
        Optional<StepView> underWay =
                views.stream().filter(step -> step.massOut() == null).findFirst();
        StepKind next = lot.next().orElse(null);
        return new BenchView(
                chain.steps(),
                lot.left(),
                lot.skipped(),
                views,
                underWay.isPresent() ? null : next,
                underWay.orElse(null),
                crop.handling().extraction(),
                Floating.of(crop),
                underWay.map(StepView::kind)
                        .or(() -> Optional.ofNullable(next))
                        .map(StepKind::shelf)
                        .orElse(null),
                lot.wrong().orElse(null),
                lot.clean(),
                lot.transferred(),
                lot.mass(),
                cameOf.orElse(null),
                lot.expected().orElse(null),
                lot.toKeep().orElse(null),
                lot.yield().orElse(null),
                steps.stream()
                        .map(Step::facts)
                        .filter(facts -> facts.minutes() != null)
                        .mapToInt(facts -> facts.minutes() * facts.people())
                        .sum(),
                lot.dryPicked(),
                Overheated.all(views.stream()
                                .map(StepView::heated)
                                .filter(Objects::nonNull)
                                .toList())
                        .orElse(null));
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
    boolean transferred() {
        return lot.transferred();
    }

    private StepView view(int place, LotSteps.Judged judged, List<StepView> before) {
        Step step = steps.get(place);
        StepFacts facts = step.facts();
        boolean open = !step.ended();
        boolean dries = facts.kind() == StepKind.DRY;
        OptionalDouble into = into(facts, before);
        double usual = lot.usualInto(place);
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
                facts.dampBecause(),
                facts.note(),
                step.recordedBy(),
                maybe(judged.share()),
                judged.balance().map(balance -> maybe(balance.unaccounted())).orElse(null),
                facts.missingReason() != MissingReason.NOT_WEIGHED
                        && judged.balance().filter(MassBalance.Step::alarm).isPresent(),
                judged.wrong().map(Wrong::of).orElse(null),
                judged.dry().orElse(null),
                dries && !open ? watch.settled(facts, read(step)).orElse(null) : null,
                dries ? watch.heated(facts, into, usual, read(step)).orElse(null) : null,
                open && facts.kind() == StepKind.FERMENT ? watch.ferment(facts, read(step)) : null,
                open && dries ? watch.drying(facts, into, usual, lot, place, read(step)) : null,
                open && facts.kind() == StepKind.FREEZE
                        ? StepView.Freezing.since(facts.begunAt(), now.moment())
                        : null);
    }

    /** As it was read going in, else as it is known by then. */
    private OptionalDouble into(StepFacts facts, List<StepView> before) {
        return facts.moistureIn() != null
                ? OptionalDouble.of(facts.moistureIn())
                : MoistureHistory.of(
                                MoistureAtBench.begin(harvest), MoistureAtBench.steps(before, now.zone()), List.of())
                        .now()
                        .flatMap(MoistureHistory.Entry::moisture)
                        .map(known -> OptionalDouble.of(known.percent()))
                        .orElse(OptionalDouble.empty());
    }

    private List<ReadingView> read(Step step) {
        return readings.getOrDefault(step.id(), List.of());
    }

    static Double maybe(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
