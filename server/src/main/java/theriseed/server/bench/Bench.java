package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.Chain;
import theriseed.core.bench.LotSteps;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.drying.Overheated;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.KeptEach;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.base.Wrong;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestCorrected;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickAdded;
import theriseed.server.instrument.Instruments;
import theriseed.server.lot.LotStates;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.TransferView;
import theriseed.server.lot.Transfers;
import theriseed.server.photo.Pictured;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/** The steps of each lot from what was picked to clean seed. */
@Service
public class Bench implements Pictured {
    /** More than stand in a seed room, with those of a crop of ten years. */
    private static final int MOST_KEPT = 5000;

    private final StepRepository steps;
    private final Readings readings;
    private final Chains chains;
    private final Instruments instruments;
    private final Lots lots;
    private final Transfers transfers;
    private final Harvests harvests;
    private final Varieties varieties;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;
    private final LotStates states;

    /** A step that is under way looks otherwise every hour. */
    private final KeptEach<UUID, Rests, Optional<Filled>> kept =
            new KeptEach<>(MOST_KEPT, lot -> lot.isEmpty() || lot.get().worked().underWay() == null);

    Bench(
            StepRepository steps,
            Readings readings,
            Chains chains,
            Instruments instruments,
            Lots lots,
            Transfers transfers,
            Harvests harvests,
            Varieties varieties,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events,
            LotStates states) {
        this.steps = steps;
        this.readings = readings;
        this.chains = chains;
        this.instruments = instruments;
        this.lots = lots;
        this.transfers = transfers;
        this.harvests = harvests;
        this.varieties = varieties;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.events = events;
        this.states = states;
    }

    /** What was picked into each of these lots and where it stands, in a number of queries that does not grow with them. */
    @ReadsOnly
    public LotsAtBench of(Collection<LotView> of) {
        Map<UUID, LotView> byId = of.stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        Map<UUID, UUID> states = this.states.of(byId.keySet());
        Map<UUID, VarietyView> named =
                varieties.byIds(of.stream().map(LotView::varietyId).collect(Collectors.toSet()));
        Map<UUID, Rests> rests = new HashMap<>();
        states.forEach((id, state) -> rests.put(
                id,
                new Rests(state, crops.get(named.get(byId.get(id).varietyId()).cropKey()))));
        Map<UUID, HarvestView> picked = new HashMap<>();
        Map<UUID, BenchView> worked = new HashMap<>();
        kept.of(rests, ids -> calculated(ids, rests))
                .forEach((id, lot) -> lot.ifPresent(filled -> {
                    picked.put(id, filled.picked());
                    worked.put(id, filled.worked());
                }));
        return new LotsAtBench(of, picked, worked);
    }

    /** What the figures of a lot at the bench rest on. */
    private record Rests(UUID state, Crop crop) {}

    /** A lot that something is in. */
    private record Filled(HarvestView picked, BenchView worked) {}

    private Map<UUID, Optional<Filled>> calculated(List<UUID> ids, Map<UUID, Rests> rests) {
        Map<UUID, Map<UUID, LocalDate>> cameOf = transfers.cameOf(ids);
        Map<UUID, Crop> crop = new HashMap<>();
        cameOf.forEach((id, before) ->
                before.keySet().forEach(lot -> crop.put(lot, rests.get(id).crop())));
        ids.forEach(id -> crop.put(id, rests.get(id).crop()));
        Set<UUID> all = crop.keySet();
        Map<UUID, HarvestView> picked = harvests.of(all);
        Map<UUID, List<Step>> byLot =
                steps.findByLotIdInOrderByPlace(all).stream().collect(Collectors.groupingBy(Step::lotId));
        Map<UUID, List<ReadingView>> read = readings.of(byLot.values().stream()
                .flatMap(List::stream)
                .filter(step -> !step.ended() || step.facts().kind() == StepKind.DRY)
                .map(Step::id)
                .toList());
        StepWatch.Now now = now();
        Map<UUID, Chain> own = chains.own(all);
        Map<UUID, BenchView> worked = new HashMap<>();
        for (UUID id : inOrder(picked)) {
            HarvestView harvest = picked.get(id);
            List<Step> of = byLot.getOrDefault(id, List.of());
            Chain chain = own.getOrDefault(id, Chains.usual(crop.get(id), harvest.arrival() != null));
            worked.put(id, new LotAtBench(crop.get(id), chain, harvest, cameOf(harvest, worked), of, read, now).view());
        }
        return ids.stream()
                .collect(Collectors.toMap(
                        id -> id,
                        id -> Optional.ofNullable(picked.get(id))
                                .map(harvest -> new Filled(
                                        harvest, heated(worked, id, cameOf.getOrDefault(id, Map.of()), now.zone())))));
    }

    /** Each after the lots it came of. */
    private static Set<UUID> inOrder(Map<UUID, HarvestView> picked) {
        Set<UUID> order = new LinkedHashSet<>();
        picked.keySet().forEach(id -> add(id, picked, order));
        return order;
    }

    private static void add(UUID id, Map<UUID, HarvestView> picked, Set<UUID> order) {
        if (!order.contains(id) && picked.containsKey(id)) {
            picked.get(id).transferred().forEach(transfer -> add(transfer.fromId(), picked, order));
            order.add(id);
        }
    }

    /** What was picked that a lot came of. @param worked the lots it came of, at least */
    private static Optional<LotSteps.Picked> cameOf(HarvestView harvest, Map<UUID, BenchView> worked) {
        if (harvest.arrival() != null) {
            return Optional.empty();
        }
        if (harvest.transferred().isEmpty()) {
            return Optional.of(new LotSteps.Picked(harvest.mass().doubleValue(), harvest.plants()));
        }
        List<LotSteps.Picked> parts = new ArrayList<>();
        for (TransferView transfer : harvest.transferred()) {
            BenchView from = worked.get(transfer.fromId());
            if (from == null || from.cameOf() == null) {
                return Optional.empty();
            }
            parts.add(from.cameOf()
                    .share(transfer.mass().doubleValue(), from.mass().doubleValue()));
        }
        return Optional.of(LotSteps.Picked.together(parts, harvest.plants()));
    }

    /** What was dried too hot before it was transferred on stays that for ever. @param before lots it came of, until which day */
    private static BenchView heated(Map<UUID, BenchView> worked, UUID id, Map<UUID, LocalDate> before, ZoneId zone) {
        BenchView own = worked.get(id);
        List<Overheated> all = new ArrayList<>();
        Optional.ofNullable(own.heated()).ifPresent(all::add);
        before.forEach((lot, until) -> Optional.ofNullable(worked.get(lot)).stream()
                .flatMap(work -> work.steps().stream())
                .filter(step -> step.heated() != null
                        && !step.begunAt().atZone(zone).toLocalDate().isAfter(until))
                .map(StepView::heated)
                .forEach(all::add));
        return Overheated.all(all).map(own::heated).orElse(own);
    }

    /** Has a lot that came of others go on where they stood. */
    @HandsWork
    @Transactional
    public void goOn(UUID lotId, List<StepKind> left) {
        chains.goOn(lotId, left);
    }

    /** Has a clean lot go through more steps; what was done stays. */
    @HandsWork
    @Transactional
    public void further(LotView lot, List<StepKind> again) {
        List<StepKind> order = new ArrayList<>();
        steps.findByLotIdInOrderByPlace(List.of(lot.id()))
                .forEach(step -> order.add(step.facts().kind()));
        order.addAll(again);
        chains.become(lot, order);
    }

    /**
     * A lot of a planting whose picking may still go on.
     *
     * @param harvest absent while nothing is in it
     * @param begun whether the bench has begun on it: what is picked later gets a number of its own, dries by itself and may be
     *     blended with it where both stand at the same step
     */
    public record OpenLot(LotView lot, @Maybe HarvestView harvest, boolean begun) {}

    /** Lots of a planting that another pick may join, and those at the bench that it may be blended with later. */
    @ReadsOnly
    public List<OpenLot> open(UUID plantingId) {
        List<LotView> all = lots.of(List.of(plantingId)).stream()
                .filter(lot -> lot.origin() == Origin.PICKED)
                .toList();
        List<UUID> ids = all.stream().map(LotView::id).toList();
        Map<UUID, HarvestView> picked = harvests.of(ids);
        Set<UUID> begun =
                steps.findByLotIdInOrderByPlace(ids).stream().map(Step::lotId).collect(Collectors.toSet());
        Set<UUID> done =
                done(all.stream().filter(lot -> begun.contains(lot.id())).toList());
        return all.stream()
                .filter(lot -> !done.contains(lot.id()))
                .map(lot -> new OpenLot(lot, picked.get(lot.id()), begun.contains(lot.id())))
                .filter(open -> open.begun()
                        || open.harvest() == null
                        || open.harvest().transferredOut().signum() == 0)
                .toList();
    }

    /** Those of these that are clean or went into others; what nothing can be calculated of is neither. */
    private Set<UUID> done(List<LotView> some) {
        return Wrong.each(some, part -> List.copyOf(of(part).worked().entrySet())).right().stream()
                .filter(lot -> lot.getValue().clean() || lot.getValue().transferred())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** When a step began. */
    @ReadsOnly
    Instant begunAt(UUID id) {
        return steps.findById(id).orElseThrow(NotFound.of("step")).facts().begunAt();
    }

    /** Begins a step, or records a whole one when it has a mass out. */
    @HandsWork
    @Transactional
    public StepView begin(String lotNumber, StepFacts facts) {
        return begin(lotNumber, Recorded.nextId(), facts);
    }

    /** Begins a step whose id was made where there was no signal. */
    @HandsWork
    @Transactional
    StepView begin(String lotNumber, UUID id, StepFacts facts) {
        LotView lot = lots.lock(lotNumber);
        HarvestView harvest = picked(lot);
        checkDays(facts, harvest);
        List<Step> before = new ArrayList<>(steps.findByLotIdInOrderByPlace(List.of(lot.id())));
        if (at(lot, harvest, before, Map.of()).transferred()) {
            throw new Refused("massIn", facts.massIn(), "bench.transferred", "lot", lot.number());
        }
        before.stream().filter(step -> !step.ended()).findFirst().ifPresent(open -> {
            throw new Refused("kind", facts.kind(), "bench.stepUnderWay");
        });
        checkFits(facts, before, before.size() + 1, harvest);
        Step step = steps.saveAndFlush(new Step(id, lot.id(), before.size() + 1, facts, stamps.now()));
        before.add(step);
        at(lot, harvest, before, Map.of()).check();
        if (facts.kind() == StepKind.FREEZE) {
            events.publishEvent(new SeedFrozen(lot.id(), facts.dampBecause()));
        }
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
        BigDecimal gave = step.facts().massOut();
        amend(step, facts, reason, correction);
        if (correction && step.place() < all.size()) {
            follow(all.get(step.place()), gave, facts.massOut(), reason);
        }
        steps.flush();
        at(lot, harvest, all, Map.of()).check();
        events.publishEvent(new LotWorkedOn(lot.id(), false));
        return view(lot, harvest, all, step);
    }

    private void amend(Step step, StepFacts facts, String reason, boolean correction) {
        Map<String, Object> before = step.correctable();
        step.change(facts);
        if (correction) {
            corrections.keep("step", step.id(), before, step.correctable(), reason);
        }
    }

    /** The step that took all there was takes what there really was. */
    private void follow(Step next, BigDecimal was, BigDecimal is, String reason) {
        StepFacts facts = next.facts();
        BigDecimal taken = facts.taking(was, is);
        if (taken.compareTo(facts.massIn()) != 0) {
            amend(next, facts.took(taken), "follows the weight before it: " + reason, true);
        }
    }

    private void checkDays(StepFacts facts, HarvestView harvest) {
        LocalDate begun = facts.begunAt().atZone(time.zone()).toLocalDate();
        if (!harvest.transferred().isEmpty() && begun.isBefore(harvest.pickedOn())) {
            throw new Refused("begunAt", begun, "bench.beforeTransfer", "on", harvest.pickedOn());
        }
        SeasonDates.check("begunAt", begun, harvest.pickedOn(), time.today());
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
        if (facts.massOut() == null && place < all.size()) {
            throw new Refused("massOut", "nothing", "bench.massOutNeeded");
        }
        if (facts.massOut() != null && place < all.size()) {
            StepFacts next = all.get(place).facts();
            next.checkTaken("massOut", all.get(place - 1).facts().massOut(), facts.massOut());
        }
    }

    /** What is picked later is not joined with what is worked on already. */
    @EventListener
    void on(PickAdded added) {
        if (transfers.anyOut(added.lotId()) || steps.existsByLotId(added.lotId())) {
            throw new Refused("number", added.number(), "bench.begun", "lot", added.number());
        }
    }

    /** What was picked cannot turn out to be less than the first step needs; that takes all there really was. */
    @EventListener
    void on(HarvestCorrected corrected) {
        List<Step> all = steps.findByLotIdInOrderByPlace(List.of(corrected.lotId()));
        if (!all.isEmpty()) {
            Step first = all.get(0);
            first.facts().checkTaken("mass", corrected.was(), corrected.mass());
            follow(first, corrected.was(), corrected.mass(), corrected.reason());
            steps.flush();
        }
        LotView lot = lots.byId(corrected.lotId());
        OutOfRange.named("massOut", "mass", () -> {
            at(lot, picked(lot), all, Map.of()).check();
            return null;
        });
    }

    private StepView view(LotView lot, HarvestView harvest, List<Step> all, Step step) {
        return at(lot, harvest, all, readings.of(List.of(step.id()))).view().steps().stream()
                .filter(view -> view.id().equals(step.id()))
                .findFirst()
                .orElseThrow();
    }

    /** A lot with these steps, whether they are kept or only tried. */
    LotAtBench at(LotView lot, HarvestView harvest, List<Step> all, Map<UUID, List<ReadingView>> read) {
        Crop crop = crop(lot);
        Set<UUID> from =
                harvest.transferred().stream().map(TransferView::fromId).collect(Collectors.toSet());
        Map<UUID, BenchView> before =
                from.isEmpty() ? Map.of() : of(lots.byIds(List.copyOf(from))).worked();
        return new LotAtBench(crop, chains.chain(lot, crop), harvest, cameOf(harvest, before), all, read, now());
    }

    private StepWatch.Now now() {
        return new StepWatch.Now(
                time.now(), time.zone(), instruments.mash(time.today().plusDays(1)));
    }

    HarvestView picked(LotView lot) {
        HarvestView harvest = harvests.of(List.of(lot.id())).get(lot.id());
        if (harvest == null) {
            throw new Refused("number", lot.number(), "bench.nothingPicked", "lot", lot.number());
        }
        return harvest;
    }

    private Crop crop(LotView lot) {
        return crops.get(varieties.cropKey(lot.varietyId()));
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return steps.existsById(id);
    }
}
