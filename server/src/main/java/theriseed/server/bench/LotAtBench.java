package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.bench.Chain;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.MassBalance;
import theriseed.core.bench.Moisture;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Floating;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;
import theriseed.server.harvest.HarvestView;

/** One lot's steps, weighed against each other by the rules. */
final class LotAtBench {
    private static final double SCALE_ERROR_G = 1;

    private final Crop crop;
    private final HarvestView harvest;
    private final List<Step> steps;
    private final Map<UUID, List<ReadingView>> readings;
    private final StepWatch watch;
    private final Chain chain;

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
        this.harvest = harvest;
        this.steps = steps;
        this.readings = readings;
        this.watch = new StepWatch(crop, now);
        this.chain = chain;
    }

    BenchView view() {
        double dryPicked = Moisture.dry(harvest.mass().doubleValue(), chain.usualMoistureAtHarvest());
        List<StepView> views = new ArrayList<>();
        double dryBefore = dryPicked;
        for (Step step : steps) {
            StepView view = view(step, dryBefore);
            dryBefore = view.dryOut();
            views.add(view);
        }
        Optional<StepView> underWay =
                views.stream().filter(step -> step.massOut() == null).findFirst();
        StepKind next = next();
        boolean clean = next == null && underWay.isEmpty();
        BigDecimal mass = mass();
        return new BenchView(
                chain.steps(),
                chain.left(done()),
                views,
                underWay.isPresent() ? null : next,
                underWay.orElse(null),
                Floating.of(crop),
                clean,
                mass,
                moisture(),
                expected().orElse(null),
                clean ? null : toKeep(mass.doubleValue()),
                clean ? LotYield.of(crop, harvest.mass().doubleValue(), harvest.plants(), mass.doubleValue()) : null,
                steps.stream()
                        .map(Step::facts)
                        .filter(facts -> facts.minutes() != null)
                        .mapToInt(facts -> facts.minutes() * facts.people())
                        .sum(),
                dryPicked);
    }

    /** Grams of clean seed that what was picked usually gives. */
    Optional<Usual> expected() {
        return LotYield.expected(crop, harvest.mass().doubleValue());
    }

    /** Share of what there is now that the steps left usually keep, 0 to 1. */
    private Usual toKeep(double mass) {
        return expected()
                .map(clean -> new Usual(Math.min(1, clean.low() / mass), Math.min(1, clean.high() / mass)))
                .orElse(null);
    }

    /** Refuses more clean seed than was picked, which water that never left would make possible. */
    void checkYield() {
        if (next() == null) {
            Range.above(0, harvest.mass().doubleValue(), "g, all that was picked")
                    .check("massOut", mass());
        }
    }

    private StepKind next() {
        return chain.next(done());
    }

    private List<StepKind> done() {
        return steps.stream()
                .filter(Step::ended)
                .map(step -> step.facts().kind())
                .toList();
    }

    /** What the next step takes in: what came out of the last. */
    BigDecimal mass() {
        return steps.stream()
                .filter(Step::ended)
                .reduce((first, second) -> second)
                .map(step -> step.facts().massOut())
                .orElse(harvest.mass());
    }

    private Double moisture() {
        Double last = null;
        for (Step step : steps) {
            last = step.facts().moistureOut() != null ? step.facts().moistureOut() : last;
        }
        return last;
    }

    StepView view(Step step, double dryBefore) {
        StepFacts facts = step.facts();
        MassBalance.Step balance = step.ended()
                ? MassBalance.of(
                                List.of(facts.weighed()),
                                crop.storageMoisture().orElse(8),
                                facts.kind().keepsMoisture() ? MassBalance.USUAL_ALARM : MassBalance.WET_ALARM,
                                SCALE_ERROR_G)
                        .get(0)
                : null;
        boolean measured = facts.moistureOut() != null;
        double moisture = measured ? facts.moistureOut() : facts.kind().usualMoistureAfter();
        double dryOut =
                step.ended() ? Math.min(dryBefore, Moisture.dry(facts.massOut().doubleValue(), moisture)) : dryBefore;
        return new StepView(
                step.id(),
                step.version(),
                step.place(),
                facts.kind(),
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
                step.ended() ? facts.massOut().doubleValue() / facts.massIn().doubleValue() : null,
                balance != null && balance.unaccounted().isPresent()
                        ? balance.unaccounted().getAsDouble()
                        : null,
                balance != null && balance.alarm(),
                dryOut,
                !measured,
                facts.kind() == StepKind.FERMENT && !step.ended() ? watch.ferment(facts, read(step)) : null,
                facts.kind() == StepKind.DRY && !step.ended() ? drying(step) : null);
    }

    private List<ReadingView> read(Step step) {
        return readings.getOrDefault(step.id(), List.of());
    }

    /** What went onto the trays is as moist as it was measured, or as the step before usually leaves it. */
    private StepView.Drying drying(Step step) {
        StepFacts facts = step.facts();
        Double measured = facts.moistureIn() != null ? facts.moistureIn() : moisture();
        double usual = steps.stream()
                .filter(one -> one.place() < step.place())
                .reduce((first, second) -> second)
                .map(before -> before.facts().kind().usualMoistureAfter())
                .orElse(chain.usualMoistureAtHarvest());
        return watch.drying(facts, measured, usual, read(step));
    }
}
