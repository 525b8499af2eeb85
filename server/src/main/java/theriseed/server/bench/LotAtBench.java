package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import theriseed.core.bench.Chain;
import theriseed.core.bench.DryMatter;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.MassBalance;
import theriseed.core.bench.Moisture;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Floating;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;
import theriseed.server.base.Wrong;
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
    private final BigDecimal pouredOut;

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
        this.pouredOut = harvest.pouredOut();
    }

    BenchView view() {
        double moisture = shown(0).orElse(usualMoistureIn());
        double dryPicked = Moisture.dry(harvest.mass().doubleValue(), moisture);
        List<StepView> views = new ArrayList<>();
        double dryBefore = dryPicked;
        double massBefore = harvest.mass().doubleValue();
        for (Step step : steps) {
            StepView view = view(step, dryBefore, massBefore, moisture);
            if (view.dry() != null) {
                moisture = moistureAfter(step, moisture);
                dryBefore = view.dry().out();
                massBefore = view.massOut().doubleValue();
            }
            views.add(view);
        }
        Optional<StepView> underWay =
                views.stream().filter(step -> step.massOut() == null).findFirst();
        boolean poured = poured();
        StepKind next = poured ? null : next();
        StepKind wrong = views.stream()
                .filter(step -> step.wrong() != null)
                .map(StepView::kind)
                .findFirst()
                .orElse(null);
        boolean clean = next() == null && underWay.isEmpty() && wrong == null;
        BigDecimal mass = mass();
        return new BenchView(
                chain.steps(),
                poured ? List.of() : chain.left(done()),
                views,
                underWay.isPresent() ? null : next,
                underWay.orElse(null),
                Floating.of(crop),
                underWay.map(StepView::kind)
                        .or(() -> Optional.ofNullable(next))
                        .map(StepKind::shelf)
                        .orElse(null),
                wrong,
                clean,
                poured,
                mass,
                moisture(),
                expected().orElse(null),
                clean ? null : toKeep(mass.doubleValue()),
                clean && harvest.poured().isEmpty()
                        ? LotYield.of(crop, harvest.mass().doubleValue(), harvest.plants(), mass.doubleValue())
                        : null,
                steps.stream()
                        .map(Step::facts)
                        .filter(facts -> facts.minutes() != null)
                        .mapToInt(facts -> facts.minutes() * facts.people())
                        .sum(),
                dryPicked);
    }

    /** Grams of clean seed that what was picked usually gives. */
    Optional<Usual> expected() {
        return harvest.poured().isEmpty()
                ? LotYield.expected(crop, harvest.mass().doubleValue())
                : Optional.empty();
    }

    /** Share of what there is now that the steps left usually keep, 0 to 1. */
    private Usual toKeep(double mass) {
        return expected()
                .map(clean -> new Usual(Math.min(1, clean.low() / mass), Math.min(1, clean.high() / mass)))
                .orElse(null);
    }

    /** Refuses more clean seed than was picked, which water that never left would make possible, and less than was poured. */
    void check() {
        if (next() == null) {
            Range.above(0, harvest.mass().doubleValue(), "g")
                    .because("ALL_PICKED")
                    .check("massOut", mass());
        }
        if (steps.stream().allMatch(Step::ended)) {
            Range.of(pouredOut.doubleValue(), 1e9, "g").because("TRANSFERRED").check("massOut", mass());
        }
    }

    /** Whether all of it went into other lots. */
    boolean poured() {
        return pouredOut.signum() > 0 && pouredOut.compareTo(mass()) >= 0;
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
        Double last = harvest.moisture();
        for (Step step : steps) {
            last = step.facts().moistureOut() != null ? step.facts().moistureOut() : last;
        }
        return last;
    }

    private StepView view(Step step, double dryBefore, double massBefore, double moistureBefore) {
        StepFacts facts = step.facts();
        Wrong.Or<MassBalance.Step> weighed = step.ended() ? Wrong.or(() -> balance(facts)) : new Wrong.Or<>(null, null);
        MassBalance.Step balance = weighed.value();
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
                step.ended() ? facts.massOut().doubleValue() / facts.massIn().doubleValue() : null,
                balance != null && balance.unaccounted().isPresent()
                        ? balance.unaccounted().getAsDouble()
                        : null,
                balance != null && balance.alarm(),
                weighed.wrong(),
                step.ended() ? dry(step, dryBefore, massBefore, moistureBefore) : null,
                facts.kind() == StepKind.FERMENT && !step.ended() ? watch.ferment(facts, read(step)) : null,
                facts.kind() == StepKind.DRY && !step.ended() ? drying(step) : null);
    }

    private MassBalance.Step balance(StepFacts facts) {
        return MassBalance.of(
                        List.of(facts.weighed()),
                        crop.storageMoisture().orElse(8),
                        facts.kind().keepsMoisture() ? MassBalance.USUAL_ALARM : MassBalance.WET_ALARM,
                        SCALE_ERROR_G)
                .get(0);
    }

    private double usualMoistureIn() {
        return harvest.poured().isEmpty() ? Chain.usualMoistureAtHarvest(crop) : chain.usualMoistureBefore();
    }

    private DryMatter dry(Step step, double before, double massBefore, double moistureBefore) {
        StepFacts facts = step.facts();
        return DryMatter.of(
                before,
                massBefore,
                facts.massIn().doubleValue(),
                facts.massOut().doubleValue(),
                facts.gone().doubleValue(),
                moistureAfter(step, moistureBefore),
                facts.moistureOut() != null);
    }

    /** Measured, else as the drying that follows shows it, else as before where nothing wets or dries, else the usual. */
    private double moistureAfter(Step step, double before) {
        StepFacts facts = step.facts();
        if (facts.moistureOut() != null) {
            return facts.moistureOut();
        }
        return shown(step.place())
                .orElse(facts.kind().keepsMoisture() ? before : facts.kind().usualMoistureAfter());
    }

    /** Moisture after so many steps, as the drying that follows shows it. */
    private OptionalDouble shown(int stepsBefore) {
        if (stepsBefore >= steps.size()) {
            return OptionalDouble.empty();
        }
        StepFacts next = steps.get(stepsBefore).facts();
        boolean onlyDried = next.kind() == StepKind.DRY
                && next.massOut() != null
                && next.massOut().compareTo(next.massIn()) <= 0
                && next.gone().signum() == 0;
        if (!onlyDried) {
            return OptionalDouble.empty();
        }
        double after =
                next.moistureOut() != null ? next.moistureOut() : next.kind().usualMoistureAfter();
        return OptionalDouble.of(DryMatter.moistureBeforeDrying(
                next.massIn().doubleValue(), next.massOut().doubleValue(), after));
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
                .orElse(usualMoistureIn());
        return watch.drying(facts, measured, usual, read(step));
    }
}
