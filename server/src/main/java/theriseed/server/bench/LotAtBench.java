package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import theriseed.core.bench.Chain;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.MassBalance;
import theriseed.core.bench.Moisture;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;
import theriseed.server.harvest.HarvestView;

/** One lot's steps, weighed against each other by the rules. */
final class LotAtBench {
    private static final double SCALE_ERROR_G = 1;
    private static final double USUAL_ROOM_C = 20;

    private final Crop crop;
    private final HarvestView harvest;
    private final List<Step> steps;
    private final Instant now;

    LotAtBench(Crop crop, HarvestView harvest, List<Step> steps, Instant now) {
        this.crop = crop;
        this.harvest = harvest;
        this.steps = steps;
        this.now = now;
    }

    BenchView view() {
        double dryPicked = Moisture.dry(harvest.mass().doubleValue(), chain().usualMoistureAtHarvest());
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
                chain().steps(),
                views,
                underWay.isPresent() ? null : next,
                underWay.orElse(null),
                clean,
                mass,
                moisture(),
                LotYield.expected(crop, harvest.mass().doubleValue()).orElse(null),
                clean ? LotYield.of(crop, harvest.mass().doubleValue(), harvest.plants(), mass.doubleValue()) : null,
                steps.stream()
                        .map(step -> step.facts().minutes())
                        .filter(minutes -> minutes != null)
                        .mapToInt(Integer::intValue)
                        .sum(),
                dryPicked);
    }

    /** Refuses more clean seed than was picked, which water that never left would make possible. */
    void checkYield() {
        if (next() == null) {
            Range.above(0, harvest.mass().doubleValue(), "g, all that was picked")
                    .check("massOut", mass());
        }
    }

    private Chain chain() {
        return Chain.of(crop);
    }

    private StepKind next() {
        return chain().next(steps.stream()
                .filter(Step::ended)
                .map(step -> step.facts().kind())
                .toList());
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
                facts.minutes(),
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
                facts.kind() == StepKind.FERMENT && !step.ended() ? ferment(facts) : null);
    }

    private StepView.Ferment ferment(StepFacts facts) {
        Usual window = crop.fermentHours().orElse(new Usual(12, 48));
        double temperature = facts.temperature() == null ? USUAL_ROOM_C : facts.temperature();
        double hours = Math.max(0, Duration.between(facts.begunAt(), now).toMinutes() / 60.0);
        FermentClock clock = FermentClock.of(
                List.of(new FermentClock.Reading(0, temperature), new FermentClock.Reading(hours, temperature)),
                FermentClock.USUAL_Q10,
                window.low(),
                window.high(),
                temperature);
        double toReady = FermentClock.hoursAt(temperature, FermentClock.USUAL_Q10, window.low());
        double toOver = FermentClock.hoursAt(temperature, FermentClock.USUAL_Q10, window.high());
        return new StepView.Ferment(
                clock.state(),
                clock.equivalentHours(),
                window.low(),
                window.high(),
                temperature,
                later(facts.begunAt(), toReady),
                later(facts.begunAt(), toOver));
    }

    private static Instant later(Instant from, double hours) {
        return from.plusSeconds(Math.round(hours * 3600));
    }
}
