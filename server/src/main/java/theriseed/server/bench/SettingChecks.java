package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Looks at what a step threw out or broke, to tell whether it was set right. */
@Service
public class SettingChecks {
    private final SettingCheckRepository checks;
    private final StepRepository steps;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    SettingChecks(
            SettingCheckRepository checks,
            StepRepository steps,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.checks = checks;
        this.steps = steps;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** The checks of a lot's steps. */
    @ReadsOnly
    public List<SettingCheckView> of(UUID lotId) {
        return of(steps.findByLotIdInOrderByPlace(List.of(lotId))).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    /** The checks of these steps, oldest first, by step. */
    @ReadsOnly
    Map<UUID, List<SettingCheckView>> of(Collection<Step> of) {
        Map<UUID, Step> byId = of.stream().filter(Step::ended).collect(Collectors.toMap(Step::id, Function.identity()));
        return checks.ofLots(byId.values().stream().map(Step::lotId).collect(Collectors.toSet())).stream()
                .filter(check -> byId.containsKey(check.stepId()))
                .map(check -> check.view(byId.get(check.stepId()).facts().massOut()))
                .collect(Collectors.groupingBy(SettingCheckView::stepId));
    }

    @HandsWork
    @Transactional
    SettingCheckView look(UUID stepId, SettingCheck.Facts facts) {
        Step step = steps.findById(stepId).orElseThrow(NotFound.of("step"));
        check(step, facts);
        return checks.save(new SettingCheck(step.facts(), stepId, facts, stamps.now()))
                .view(step.facts().massOut());
    }

    @HandsWork
    @Transactional
    SettingCheckView correct(UUID id, int version, String reason, SettingCheck.Facts facts) {
        SettingCheck check = checks.findById(id).orElseThrow(NotFound.of("check"));
        Step step = steps.findById(check.stepId()).orElseThrow(NotFound.of("step"));
        Clash.check(check, version, check.view(step.facts().massOut()));
        check(step, facts);
        Map<String, Object> before = check.correctable();
        check.change(step.facts(), facts);
        corrections.keep("setting check", id, before, check.correctable(), reason);
        return checks.saveAndFlush(check).view(step.facts().massOut());
    }

    private void check(Step step, SettingCheck.Facts facts) {
        if (!step.ended()) {
            throw new Refused("seeds", facts.seeds(), "bench.stillUnderWay");
        }
        SeasonDates.check(
                "lookedOn",
                facts.lookedOn(),
                step.facts().endedAt().atZone(time.zone()).toLocalDate(),
                time.today());
    }
}
