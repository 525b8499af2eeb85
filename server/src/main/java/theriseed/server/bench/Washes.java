package theriseed.server.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.AlkalineWash;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Washes in an alkaline cleaner: with what, how long, how often the same cleaner was used, where it went. */
@Service
public class Washes {
    private final WashRepository washes;
    private final StepRepository steps;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Washes(WashRepository washes, StepRepository steps, Corrections corrections, Stamps stamps, FarmTime time) {
        this.washes = washes;
        this.steps = steps;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    @ReadsOnly
    WashView of(UUID stepId) {
        return view(find(stepId));
    }

    /** When the seed of these washes is to come out, by step; those of which nobody said it are left out. */
    @ReadsOnly
    public Map<UUID, Instant> outAt(Collection<StepView> of) {
        if (of.isEmpty()) {
            return Map.of();
        }
        Map<UUID, Instant> begun = of.stream().collect(Collectors.toMap(StepView::id, StepView::begunAt));
        return washes.findByStepIdIn(begun.keySet()).stream()
                .collect(Collectors.toMap(
                        Wash::stepId,
                        wash -> AlkalineWash.of(
                                        begun.get(wash.stepId()), wash.facts().minutes(), time.now())
                                .outAt()));
    }

    /** Says it, or says it otherwise, with why. */
    @HandsWork
    @Transactional
    WashView say(UUID stepId, Changed made, WashFacts facts) {
        Step step = find(stepId);
        if (step.facts().kind() != StepKind.CHEMICAL_WASH) {
            throw new Refused("step", step.facts().kind(), "bench.noWash");
        }
        Wash there = washes.findByStepId(stepId).orElse(null);
        Clash.check(there == null ? Clash.NONE : there.version(), made.from(), view(step));
        if (there == null) {
            washes.saveAndFlush(new Wash(stepId, facts, stamps.now()));
            return view(step);
        }
        Map<String, Object> before = there.correctable();
        there.change(facts);
        corrections.keep("wash", stepId, before, there.correctable(), made.because());
        washes.saveAndFlush(there);
        return view(step);
    }

    private Step find(UUID id) {
        return steps.findById(id).orElseThrow(NotFound.of("step"));
    }

    private WashView view(Step step) {
        Wash there = washes.findByStepId(step.id()).orElse(null);
        if (there == null) {
            WashFacts last = washes.findFirstByOrderByIdDesc()
                    .map(Wash::facts)
                    .map(facts ->
                            new WashFacts(facts.product(), facts.dose(), facts.minutes(), facts.batch(), null, ""))
                    .orElse(null);
            return new WashView(Clash.NONE, last, 0, null);
        }
        WashFacts facts = there.facts();
        return new WashView(
                there.version(),
                facts,
                facts.batch().isEmpty()
                        ? 0
                        : washes.usedBefore(facts.batch(), step.facts().begunAt()),
                step.ended() ? null : AlkalineWash.of(step.facts().begunAt(), facts.minutes(), time.now()));
    }
}
