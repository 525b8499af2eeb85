package theriseed.core.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;
import theriseed.core.drying.DryingWatch;
import theriseed.core.drying.Moisture;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;

/**
 * One lot's steps at the bench weighed against each other: where it stands in its chain, what went unseen in each step, and
 * what came of it. Masses in grams, moistures in percent wet basis. Moistures that nobody measured are taken from the drying
 * that follows, or as is usual: good enough to draw where dry matter went, never for a label.
 */
public final class LotSteps {
    /** What a kitchen scale is off by at most, grams. */
    public static final double SCALE_ERROR_G = 1;

    /** Taken for seed whose storage moisture the crop table does not know, percent wet basis. */
    private static final double USUAL_STORED = 8;

    private static final double MOST_G = 1e9;

    private final Crop crop;
    private final Chain chain;
    private final Filled filled;
    private final List<Step> steps;
    private final List<Judged> judged = new ArrayList<>();
    private final double dryPicked;

    /**
     * What was picked into the lot, or transferred into it.
     *
     * @param cameOf what was picked that it came of; none where that is not known
     * @param moisture of it, as far as it is known
     * @param ofOtherLots whether it came of other lots
     * @param transferredOut grams of it that went into other lots
     */
    public record Filled(
            BigDecimal mass,
            Optional<Picked> cameOf,
            OptionalDouble moisture,
            boolean ofOtherLots,
            BigDecimal transferredOut) {}

    /**
     * What was picked that a lot came of: its own, or its share of what was picked into the lots it came of.
     *
     * @param mass grams
     * @param plants likewise, so that a part has its part of them
     */
    public record Picked(double mass, double plants) {
        /** The share of it that so many grams of so many make. */
        public Picked share(double grams, double of) {
            return new Picked(mass * grams / of, plants * grams / of);
        }

        /** All of them together; {@code plants} as few as they can have been. */
        public static Picked together(List<Picked> parts, int plants) {
            return new Picked(
                    parts.stream().mapToDouble(Picked::mass).sum(),
                    Math.min(plants, parts.stream().mapToDouble(Picked::plants).sum()));
        }
    }

    /**
     * A step as it was weighed.
     *
     * @param massOut empty while it is under way
     * @param gone weighed and gone elsewhere
     */
    public record Step(
            StepKind kind,
            BigDecimal massIn,
            BigDecimal waterAdded,
            Optional<BigDecimal> massOut,
            BigDecimal gone,
            OptionalDouble moistureIn,
            OptionalDouble moistureOut) {
        boolean ended() {
            return massOut.isPresent();
        }

        /**
         * What was weighed in it, once it has ended.
         *
         * @throws OutOfRange where its weights cannot be
         */
        public MassBalance.Weighed weighed() {
            return MassBalance.Weighed.recorded(
                    kind,
                    massIn.doubleValue(),
                    waterAdded.doubleValue(),
                    massOut.orElseThrow().doubleValue(),
                    gone.doubleValue(),
                    moistureIn,
                    moistureOut);
        }
    }

    /**
     * What the rules say of a step that has ended; of one under way nothing.
     *
     * @param share of what went in that came out, 0 to 1
     * @param balance of its dry matter; empty where its weights cannot be
     * @param wrong why they cannot be
     * @param dry where its dry matter went
     */
    public record Judged(
            OptionalDouble share,
            Optional<MassBalance.Step> balance,
            Optional<OutOfRange> wrong,
            Optional<DryMatter> dry) {
        private static final Judged NOTHING =
                new Judged(OptionalDouble.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** @param chain it goes through, the crop's usual one or its own; {@code steps} in their order */
    public LotSteps(Crop crop, Chain chain, Filled filled, List<Step> steps) {
        this.crop = crop;
        this.chain = chain;
        this.filled = filled;
        this.steps = List.copyOf(steps);
        double moisture = shownBy(0).orElse(usualMoistureIn());
        this.dryPicked = Moisture.dry(filled.mass().doubleValue(), moisture);
        double dry = dryPicked;
        double mass = filled.mass().doubleValue();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (!step.ended()) {
                judged.add(Judged.NOTHING);
                continue;
            }
            double after = moistureAfter(i, moisture);
            DryMatter matter = DryMatter.of(
                    dry,
                    mass,
                    step.massIn().doubleValue(),
                    step.massOut().get().doubleValue(),
                    step.gone().doubleValue(),
                    after,
                    step.moistureOut().isPresent());
            judged.add(judge(step, matter));
            moisture = after;
            dry = matter.out();
            mass = step.massOut().get().doubleValue();
        }
    }

    private Judged judge(Step step, DryMatter dry) {
        Optional<MassBalance.Step> balance = Optional.empty();
        Optional<OutOfRange> wrong = Optional.empty();
        try {
            balance = Optional.of(balance(step));
        } catch (OutOfRange cannotBe) {
            wrong = Optional.of(cannotBe);
        }
        return new Judged(
                OptionalDouble.of(step.massOut().orElseThrow().doubleValue()
                        / step.massIn().doubleValue()),
                balance,
                wrong,
                Optional.of(dry));
    }

    private MassBalance.Step balance(Step step) {
        return MassBalance.of(
                        List.of(step.weighed()),
                        crop.storageMoisture().orElse(USUAL_STORED),
                        step.kind().keepsMoisture() ? MassBalance.USUAL_ALARM : MassBalance.WET_ALARM,
                        SCALE_ERROR_G)
                .get(0);
    }

    /** What the rules say of each step, in their order. */
    public List<Judged> judged() {
        return List.copyOf(judged);
    }

    /** Grams of dry matter in what was picked. */
    public double dryPicked() {
        return dryPicked;
    }

    /** The step whose weights cannot be: until it is put right nothing goes on. */
    public Optional<StepKind> wrong() {
        for (int i = 0; i < steps.size(); i++) {
            if (judged.get(i).wrong().isPresent()) {
                return Optional.of(steps.get(i).kind());
            }
        }
        return Optional.empty();
    }

    /** Whether a step is under way. */
    public boolean underWay() {
        return !steps.stream().allMatch(Step::ended);
    }

    /** Whether nothing is to be done but perhaps to dry it for the store, and nothing of it is wrong. */
    public boolean clean() {
        return cleaned() && !underWay() && wrong().isEmpty();
    }

    /** Whether all of it went into other lots. */
    public boolean transferred() {
        return filled.transferredOut().signum() > 0 && filled.transferredOut().compareTo(mass()) >= 0;
    }

    /** The step to offer; none at the end of the chain, nor where all of it went into other lots. */
    public Optional<StepKind> next() {
        return transferred() ? Optional.empty() : Optional.ofNullable(chain.next(done()));
    }

    /** Steps of the chain still to come. */
    public List<StepKind> left() {
        return transferred() ? List.of() : chain.left(done());
    }

    /** Places in its chain, from 0, of steps that were passed over. */
    public List<Integer> skipped() {
        return chain.skipped(done());
    }

    private boolean cleaned() {
        return chain.cleaned(done());
    }

    private List<StepKind> done() {
        return steps.stream().filter(Step::ended).map(Step::kind).toList();
    }

    /** Grams at the last weighing: what the next step takes in. */
    public BigDecimal mass() {
        return steps.stream()
                .flatMap(step -> step.massOut().stream())
                .reduce((first, second) -> second)
                .orElse(filled.mass());
    }

    /** Grams of clean seed that what was picked usually gives, of a part its share; none where that is not known. */
    public Optional<Usual> expected() {
        return filled.cameOf().flatMap(picked -> LotYield.expected(crop, picked.mass()));
    }

    /** Share of what there is now that the steps left usually keep, 0 to 1; nothing once it is clean. */
    public Optional<Usual> toKeep() {
        double mass = mass().doubleValue();
        return clean()
                ? Optional.empty()
                : expected().map(usual -> new Usual(Math.min(1, usual.low() / mass), Math.min(1, usual.high() / mass)));
    }

    /** What it gave of what was picked, against what is usual; nothing until it is clean. */
    public Optional<LotYield> yield() {
        return clean()
                ? filled.cameOf().map(picked -> LotYield.of(crop, picked.mass(), picked.plants(), mass().doubleValue()))
                : Optional.empty();
    }

    /**
     * Refuses more clean seed than was picked, which water that never left would make possible, and less than was transferred.
     *
     * @throws OutOfRange of massOut
     */
    public void check() {
        if (cleaned()) {
            Range.above(0, filled.mass().doubleValue(), "g")
                    .because("ALL_PICKED")
                    .check("massOut", mass());
        }
        if (!underWay()) {
            Range.of(filled.transferredOut().doubleValue(), MOST_G, "g")
                    .because("TRANSFERRED")
                    .check("massOut", mass());
        }
    }

    /** Whether what is dried in the step at this place, from 0, is threshed after it. */
    public boolean driedToThresh(int place) {
        return chain.left(steps.subList(0, place + 1).stream().map(Step::kind).toList())
                .contains(StepKind.THRESH);
    }

    /**
     * Moisture to which it is dried in the step at this place, from 0, percent wet basis: what it threshes well at, then
     * what sealed packs need.
     */
    public double dryTo(int place) {
        OptionalDouble threshes = crop.handling().threshesAt();
        return driedToThresh(place) && threshes.isPresent() ? threshes.getAsDouble() : DryingWatch.sealed(crop);
    }

    /** What is taken to go into the step at this place, from 0, where nobody knows: as the step before usually leaves it. */
    public double usualInto(int place) {
        return place == 0 ? usualMoistureIn() : steps.get(place - 1).kind().usualMoistureAfter();
    }

    private double usualMoistureIn() {
        return filled.ofOtherLots() ? chain.usualMoistureBefore() : Chain.usualMoistureAtHarvest(crop);
    }

    /** Measured, else as the drying that follows shows it, else as before where nothing wets or dries, else the usual. */
    private double moistureAfter(int place, double before) {
        Step step = steps.get(place);
        if (step.moistureOut().isPresent()) {
            return step.moistureOut().getAsDouble();
        }
        return shownBy(place + 1)
                .orElse(step.kind().keepsMoisture() ? before : step.kind().usualMoistureAfter());
    }

    /** Moisture before the step at this place, as that step shows it: only where nothing but water left. */
    private OptionalDouble shownBy(int place) {
        if (place >= steps.size()) {
            return OptionalDouble.empty();
        }
        Step next = steps.get(place);
        boolean onlyDried = next.kind() == StepKind.DRY
                && next.ended()
                && next.massOut().get().compareTo(next.massIn()) <= 0
                && next.gone().signum() == 0;
        return onlyDried
                ? OptionalDouble.of(DryMatter.moistureBeforeDrying(
                        next.massIn().doubleValue(),
                        next.massOut().get().doubleValue(),
                        next.moistureOut().orElse(next.kind().usualMoistureAfter())))
                : OptionalDouble.empty();
    }
}
