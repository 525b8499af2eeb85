package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestCorrected;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** The steps of each lot from what was picked to clean seed. */
@Service
public class Bench {
    private final StepRepository steps;
    private final Lots lots;
    private final Harvests harvests;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Bench(
            StepRepository steps,
            Lots lots,
            Harvests harvests,
            Plantings plantings,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.steps = steps;
        this.lots = lots;
        this.harvests = harvests;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.events = events;
    }

    /**
     * Where each of these lots stands; lots nothing was picked into are left out.
     *
     * @param planted the plantings of the lots, by id
     * @param picked what was picked into them, by lot
     */
    @Transactional(readOnly = true)
    public Map<UUID, BenchView> of(
            Collection<LotView> of, Map<UUID, PlantingView> planted, Map<UUID, HarvestView> picked) {
        Map<UUID, List<Step>> byLot = steps
                .findByLotIdInOrderByPlace(of.stream().map(LotView::id).toList())
                .stream()
                .collect(Collectors.groupingBy(Step::lotId));
        Map<UUID, BenchView> views = new HashMap<>();
        for (LotView lot : of) {
            HarvestView harvest = picked.get(lot.id());
            if (harvest != null) {
                Crop crop = crops.get(planted.get(lot.plantingId()).variety().cropKey());
                views.put(
                        lot.id(),
                        new LotAtBench(crop, harvest, byLot.getOrDefault(lot.id(), List.of()), time.now()).view());
            }
        }
        return views;
    }

    /** What the rules would say of a step, without keeping it. */
    @HandsWork
    @Transactional(readOnly = true)
    public StepView preview(String lotNumber, StepFacts facts) {
        LotView lot = lots.get(lotNumber);
        HarvestView harvest = picked(lot);
        Step step = new Step(lot.id(), 0, facts, stamps.now());
        return new LotAtBench(crop(lot), harvest, List.of(), time.now()).view(step, Double.MAX_VALUE);
    }

    /** Begins a step, or records a whole one when it has a mass out. */
    @HandsWork
    @Transactional
    public StepView begin(String lotNumber, StepFacts facts) {
        LotView lot = lots.lock(lotNumber);
        HarvestView harvest = picked(lot);
        checkDays(facts, harvest);
        List<Step> before = new ArrayList<>(steps.findByLotIdInOrderByPlace(List.of(lot.id())));
        before.stream().filter(step -> !step.ended()).findFirst().ifPresent(open -> {
            throw new Refused(
                    "kind",
                    facts.kind(),
                    "no step while one is under way",
                    "A step of this lot is still under way: weigh it out first.");
        });
        checkFits(facts, before, before.size() + 1, harvest);
        Step step = steps.saveAndFlush(new Step(lot.id(), before.size() + 1, facts, stamps.now()));
        before.add(step);
        new LotAtBench(crop(lot), harvest, before, time.now()).checkYield();
        events.publishEvent(new LotWorkedOn(lot.id(), true));
        return view(lot, harvest, before, step);
    }

    /** Weighs out the step under way. */
    @HandsWork
    @Transactional
    public StepView finish(UUID id, int version, StepFacts facts) {
        return change(id, version, facts, null);
    }

    /** Corrects a step that has ended; everything after it is judged anew. */
    @HandsWork
    @Transactional
    public StepView correct(UUID id, int version, StepFacts facts, String reason) {
        return change(id, version, facts, reason);
    }

    private StepView change(UUID id, int version, StepFacts facts, String reason) {
        Step step = steps.findById(id).orElseThrow(NotFound.of("step"));
        LotView lot = lots.lock(lots.byId(step.lotId()).number());
        HarvestView harvest = picked(lot);
        List<Step> all = steps.findByLotIdInOrderByPlace(List.of(lot.id()));
        Clash.check(step, version, view(lot, harvest, all, step));
        checkDays(facts, harvest);
        boolean correction = step.ended();
        checkFits(facts, all, step.place(), harvest);
        Map<String, Object> before = step.correctable();
        step.change(facts);
        if (correction) {
            corrections.keep("step", id, before, step.correctable(), reason);
        }
        steps.saveAndFlush(step);
        new LotAtBench(crop(lot), harvest, all, time.now()).checkYield();
        events.publishEvent(new LotWorkedOn(lot.id(), false));
        return view(lot, harvest, all, step);
    }

    private void checkDays(StepFacts facts, HarvestView harvest) {
        SeasonDates.check(
                "begunAt", facts.begunAt().atZone(time.zone()).toLocalDate(), harvest.pickedOn(), time.today());
        if (facts.endedAt() != null) {
            SeasonDates.check(
                    "endedAt", facts.endedAt().atZone(time.zone()).toLocalDate(), harvest.pickedOn(), time.today());
        }
    }

    /** What goes into a step cannot be more than what came out of the one before, nor less than the next one took. */
    private static void checkFits(StepFacts facts, List<Step> all, int place, HarvestView harvest) {
        BigDecimal before =
                place == 1 ? harvest.mass() : all.get(place - 2).facts().massOut();
        Range.above(0, before.doubleValue(), "g").check("massIn", facts.massIn());
        if (facts.massOut() != null && place < all.size()) {
            checkAtLeast("massOut", facts.massOut(), all.get(place), "which the next step took");
        }
    }

    /** What was picked cannot turn out to be less than what the first step took. */
    @EventListener
    void on(HarvestCorrected corrected) {
        steps.findByLotIdInOrderByPlace(List.of(corrected.lotId())).stream()
                .findFirst()
                .ifPresent(first -> checkAtLeast("mass", corrected.mass(), first, "which the first step took"));
    }

    private static void checkAtLeast(String field, BigDecimal mass, Step taker, String why) {
        BigDecimal taken = taker.facts().massIn();
        if (mass.compareTo(taken) < 0) {
            throw new OutOfRange(
                    field,
                    mass.toPlainString(),
                    "at least " + taken.stripTrailingZeros().toPlainString(),
                    "g, " + why);
        }
    }

    private StepView view(LotView lot, HarvestView harvest, List<Step> all, Step step) {
        return new LotAtBench(crop(lot), harvest, all, time.now())
                .view().steps().stream()
                        .filter(view -> view.id().equals(step.id()))
                        .findFirst()
                        .orElseThrow();
    }

    private HarvestView picked(LotView lot) {
        HarvestView harvest = harvests.of(List.of(lot.id())).get(lot.id());
        if (harvest == null) {
            throw new Refused(
                    "number",
                    lot.number(),
                    "a lot that was picked",
                    "Nothing is picked into " + lot.number() + " yet: weigh the harvest first.");
        }
        return harvest;
    }

    private Crop crop(LotView lot) {
        return crops.get(plantings.cropKey(lot.plantingId()));
    }
}
