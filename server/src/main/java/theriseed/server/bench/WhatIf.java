package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import theriseed.core.bench.MixedUnits;
import theriseed.core.bench.StepKind;
import theriseed.core.bench.StepShare;
import theriseed.core.crop.Usual;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamps;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** What a weight would say and change, before anything of it is kept. */
@Service
class WhatIf {
    private final Bench bench;
    private final StepRepository steps;
    private final Lots lots;
    private final Harvests harvests;
    private final OtherLots others;
    private final Stamps stamps;

    WhatIf(Bench bench, StepRepository steps, Lots lots, Harvests harvests, OtherLots others, Stamps stamps) {
        this.bench = bench;
        this.steps = steps;
        this.lots = lots;
        this.harvests = harvests;
        this.others = others;
        this.stamps = stamps;
    }

    /**
     * What the rules would say of a step, without keeping it.
     *
     * @param corrected the step these facts would correct; null for a new one
     */
    @HandsWork
    @ReadsOnly
    StepTried step(String lotNumber, UUID corrected, StepFacts facts) {
        LotView lot = lots.get(lotNumber);
        HarvestView harvest = bench.picked(lot);
        List<Step> before = steps.findByLotIdInOrderByPlace(List.of(lot.id()));
        List<Step> after = with(before, harvest.mass(), harvest.mass(), corrected, facts);
        if (corrected == null) {
            after.add(new Step(Recorded.nextId(), lot.id(), before.size() + 1, facts, stamps.now()));
        }
        int place = corrected == null ? before.size() : place(before, corrected);
        LotAtBench then = bench.at(lot, harvest, after, Map.of());
        BenchView becomes = then.view();
        StepView view = becomes.steps().get(place);
        if (facts.massOut() == null) {
            return new StepTried(view, null, null, LotChanges.NONE);
        }
        OwnSteps own = others.steps(lot);
        StepKind previous = place == 0 ? null : becomes.steps().get(place - 1).kind();
        OptionalDouble meant = MixedUnits.meant(
                facts.massOut().doubleValue(), sensible(own.share(facts.kind(), previous), facts, then));
        return new StepTried(
                view,
                meant.isPresent() ? meant.getAsDouble() : null,
                own.place(facts.kind(), previous, view.share()),
                corrected == null
                        ? LotChanges.NONE
                        : LotChanges.between(
                                bench.at(lot, harvest, before, Map.of()).view(), becomes));
    }

    private static int place(List<Step> steps, UUID id) {
        return steps.stream()
                .filter(step -> step.id().equals(id))
                .map(step -> step.place() - 1)
                .findFirst()
                .orElseThrow(NotFound.of("step of this lot"));
    }

    /** Masses a step may well give: what the farm's own gave, else anything from the clean seed to expect up. */
    private static Usual sensible(Optional<StepShare> own, StepFacts facts, LotAtBench lot) {
        double massIn = facts.massIn().doubleValue();
        return own.map(share -> share.of(massIn))
                .orElseGet(() -> new Usual(
                        Math.min(massIn, lot.expected().map(Usual::low).orElse(massIn / 100)),
                        massIn + facts.waterAdded().doubleValue()));
    }

    /** What another mass of a pick, grams, would change in the steps after it. */
    @HandsWork
    @ReadsOnly
    LotChanges pick(UUID pickId, BigDecimal mass) {
        HarvestView becomes = harvests.were(pickId, mass);
        LotView lot = lots.byId(becomes.lotId());
        HarvestView harvest = bench.picked(lot);
        List<Step> before = steps.findByLotIdInOrderByPlace(List.of(lot.id()));
        List<Step> after = with(before, harvest.mass(), becomes.mass(), null, null);
        return LotChanges.between(
                bench.at(lot, harvest, before, Map.of()).view(),
                bench.at(lot, becomes, after, Map.of()).view());
    }

    /** The steps of a lot with one of them, or the mass picked, corrected; none of it is kept. */
    private List<Step> with(List<Step> of, BigDecimal picked, BigDecimal pickedThen, UUID corrected, StepFacts facts) {
        List<Step> then = new ArrayList<>();
        BigDecimal was = picked;
        BigDecimal is = pickedThen;
        for (Step step : of) {
            StepFacts old = step.facts();
            if (!step.id().equals(corrected) && is != null) {
                old.checkTaken(step.place() == 1 ? "mass" : "massOut", was, is);
            }
            StepFacts now = step.id().equals(corrected) ? facts : old.took(old.taking(was, is));
            then.add(new Step(step.id(), step.lotId(), step.place(), now, stamps.now()));
            was = old.massOut();
            is = now.massOut();
        }
        return then;
    }
}
