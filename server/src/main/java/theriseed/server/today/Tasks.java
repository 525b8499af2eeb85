package theriseed.server.today;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.StepKind;
import theriseed.core.isolation.Verdict;
import theriseed.core.lot.SaleGate;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.BoredSeed;
import theriseed.core.quality.GerminationTest;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.SeasonWork;
import theriseed.server.base.FarmTakenIn;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.StepView;
import theriseed.server.calendar.Calendar;
import theriseed.server.calendar.Entry;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsShown;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.pollination.PollinationWork;
import theriseed.server.quality.GerminationView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.thread.Threads;
import theriseed.server.today.Task.When;
import theriseed.server.walk.LateView;
import theriseed.server.walk.StageVerdict;
import theriseed.server.walk.StageWalk;
import theriseed.server.walk.Walks;

/** Finds what waits, from the records of plantings, walks, lots and tests. Nothing here is a list somebody keeps. */
@Service
class Tasks {
    private static final int WALK_DAYS_BEFORE_BLOOM = 21;
    private static final int WALK_LATE_DAYS = 14;
    private static final double FORGOTTEN_TRAY_HOURS = 96;

    /** Seedlings left longer than this beyond the last count tangle, mould, and tell less. */
    private static final int LATE_TO_COUNT_DAYS = 3;

    private static final int STIRRED_FOR_HOURS = 8;

    private final Plantings plantings;
    private final Walks walks;
    private final Lots lots;
    private final Threads threads;
    private final Calendar calendar;
    private final PollinationWork pollination;
    private final FarmTime time;

    Tasks(
            Plantings plantings,
            Walks walks,
            Lots lots,
            Threads threads,
            Calendar calendar,
            PollinationWork pollination,
            FarmTime time) {
        this.calendar = calendar;
        this.pollination = pollination;
        this.plantings = plantings;
        this.walks = walks;
        this.lots = lots;
        this.threads = threads;
        this.time = time;
    }

    /** A planting that nothing can be calculated of, and why. */
    record WrongPlanting(UUID id, String variety, Wrong why) {}

    /** @param wrongLots of which nobody can tell what they wait for, and {@code wrongPlantings} */
    record Open(List<Task> tasks, List<WrongLot> wrongLots, List<WrongPlanting> wrongPlantings) {}

    @ReadsOnly
    Open open() {
        List<Task> tasks = new ArrayList<>();
        LotsShown<Threads.Shelved> here = threads.here();
        here.lots().forEach(shelved -> ofLot(shelved, tasks));
        int year = time.today().getYear();
        List<PlantingView> kept = Stream.concat(plantings.of(year).stream(), plantings.of(year + 1).stream())
                .filter(planting -> planting.purpose() != Purpose.EATING)
                .toList();
        Set<UUID> numbered = lots.of(kept.stream().map(PlantingView::id).toList()).stream()
                .map(LotView::plantingId)
                .collect(Collectors.toSet());
        Wrong.Each<PlantingView, Task> inTheRows = Wrong.each(kept, some -> ofPlantings(some, numbered));
        tasks.addAll(inTheRows.right());
        calendar.due(time.today()).forEach(entry -> ofCalendar(entry, numbered, tasks));
        tasks.sort(Comparator.comparing(Task::urgent)
                .reversed()
                .thenComparing(task -> task.toDo().place())
                .thenComparing(Task::variety));
        return new Open(
                tasks,
                here.wrong(),
                inTheRows.wrong().stream()
                        .map(one -> new WrongPlanting(
                                one.what().id(), one.what().variety().name(), one.why()))
                        .toList());
    }

    /** What waits in the rows of these plantings. */
    private List<Task> ofPlantings(List<PlantingView> kept, Set<UUID> numbered) {
        List<Task> tasks = new ArrayList<>();
        int year = time.today().getYear();
        Map<UUID, StageVerdict> walked = walks.verdicts(kept);
        Map<UUID, List<StageWalk>> stages = walks.stages(kept);
        Map<UUID, List<LateView>> late = walks.late(kept);
        for (PlantingView planting : kept) {
            UUID id = planting.id();
            if (!numbered.contains(id)) {
                walk(planting, walked.get(id), stages.get(id), tasks);
            }
            if (planting.season() == year && planting.purpose() == Purpose.SEED) {
                ofPlanting(planting, numbered.contains(id), tasks);
            }
            late.getOrDefault(id, List.of()).stream()
                    .filter(shed -> !shed.decided())
                    .forEach(shed -> tasks.add(decide(planting, shed)));
        }
        pollination.waiting(kept).forEach(waits -> tasks.add(pollination(waits)));
        return tasks;
    }

    /** What the calendar asks for on its day; walks and picking are found from what was walked and picked. */
    private void ofCalendar(Entry entry, Set<UUID> numbered, List<Task> tasks) {
        boolean found = entry.kind() == SeasonWork.Kind.WALK || entry.kind() == SeasonWork.Kind.PICK;
        if (found || numbered.contains(entry.plantingId())) {
            return;
        }
        boolean evening = entry.kind() == SeasonWork.Kind.CLOSE_BUDS || entry.kind() == SeasonWork.Kind.CHECK_STORE;
        tasks.add(new Task(
                new ToDo.Planned(
                        entry.kind(),
                        entry.to(),
                        entry.to().isAfter(time.today()),
                        entry.about().isEmpty() ? null : entry.about()),
                evening ? When.BY_EVENING : When.WHILE_DRY,
                entry.to().equals(entry.from()),
                entry.variety(),
                entry.crop(),
                entry.ground(),
                entry.plantingId(),
                null));
    }

    /** A walk is due while its stage lasts, and before and in bloom until its planting is shown to be true. */
    private void walk(PlantingView planting, StageVerdict walked, List<StageWalk> stages, List<Task> tasks) {
        LocalDate today = time.today();
        Optional<StageWalk> now = stages.stream()
                .filter(stage -> stage.from() != null
                        && !today.isBefore(stage.from())
                        && !today.isAfter(stage.to().plusDays(WALK_LATE_DAYS)))
                .max(Comparator.comparing(StageWalk::from));
        boolean stageOpen = now.isPresent() && now.get().verdict() == null;
        boolean notShown = walked == null || walked.verdict().mark() != WalkVerdict.Mark.SHOWN;
        boolean near = planting.purpose() == Purpose.SEED
                && planting.bloom() != null
                && !today.isBefore(planting.bloom().first().minusDays(WALK_DAYS_BEFORE_BLOOM));
        if (!stageOpen && !(near && notShown)) {
            return;
        }
        boolean blooms = near && !today.isAfter(planting.bloom().last());
        ToDo walk = stageOpen
                ? new ToDo.WalkStage(now.get().stage(), now.get().lookFor())
                : walked == null ? new ToDo.WalkFirst() : walkOn(walked.verdict());
        boolean shedding = blooms && !today.isBefore(planting.bloom().first());
        tasks.add(Task.of(planting, walk, When.WHILE_DRY, notShown && shedding));
    }

    private static ToDo walkOn(WalkVerdict verdict) {
        return verdict.mark() == WalkVerdict.Mark.OVER
                ? new ToDo.WalkOver(verdict.limit().upper(), verdict.tolerance())
                : new ToDo.WalkOn(verdict.limit().upper(), verdict.tolerance(), verdict.more());
    }

    private static Task pollination(PollinationWork.Waits waits) {
        ToDo toDo = switch (waits.what()) {
            case POLLINATE -> new ToDo.Pollinate(waits.count());
            case LOOK_AT_FLOWERS -> new ToDo.SeeWhatTook(waits.count());
            case SHAKE -> new ToDo.Shake(waits.count());
        };
        boolean now = waits.what() == PollinationWork.What.POLLINATE;
        return Task.of(waits.planting(), toDo, now ? When.WHILE_WET : When.WHILE_DRY, now);
    }

    private static Task decide(PlantingView planting, LateView shed) {
        return Task.of(
                planting,
                new ToDo.DecideRing(
                        shed.late().shed().seedFathered(), shed.late().limit()),
                When.BY_EVENING,
                shed.late().suspect());
    }

    private void ofPlanting(PlantingView planting, boolean numbered, List<Task> tasks) {
        LocalDate today = time.today();
        if (planting.bloom() == null) {
            return;
        }
        LocalDate last = planting.bloom().last();
        if (!numbered && !today.isBefore(planting.bloom().ripeFrom())) {
            tasks.add(
                    Task.of(planting, new ToDo.LookWhetherRipe(planting.bloom().ripeFrom()), When.WHILE_DRY, false));
        }
        PlantingView.Isolation isolation = planting.isolation();
        if (isolation.verdict() == Verdict.CROSSES && !today.isAfter(last)) {
            tasks.add(Task.of(
                    planting,
                    new ToDo.DecideIsolation(
                            isolation.threats().get(0).name(), isolation.crossing(), isolation.allowed()),
                    When.BY_EVENING,
                    false));
        }
    }

    private void ofLot(Threads.Shelved shelved, List<Task> tasks) {
        LotKnown known = shelved.known();
        if (known.bench() != null && known.bench().poured()) {
            return;
        }
        if (known.lot().hold() != null) {
            tasks.add(evening(known, new ToDo.DecideHold(known.lot().hold().reason())));
            return;
        }
        ofWeevils(known, tasks);
        ofRunningTests(known, tasks);
        BenchView bench = known.bench();
        if (bench == null) {
            tasks.add(Task.of(known, new ToDo.WeighHarvest(), When.WHILE_DRY, true));
        } else if (bench.underWay() != null) {
            if (!stirredEnough(bench.underWay())) {
                tasks.add(underWay(known, bench.underWay()));
            }
        } else if (bench.wrong() != null) {
            tasks.add(Task.of(known, new ToDo.PutWeightsRight(bench.wrong()), When.BY_EVENING, true));
        } else if (!bench.clean()) {
            boolean wet = bench.next().wet();
            tasks.add(Task.of(known, new ToDo.NextStep(bench.next()), wet ? When.WHILE_WET : When.WHILE_DRY, wet));
        } else if (shelved.stock().any()) {
            ofCleanLot(shelved, tasks);
        }
    }

    /** Seedlings are counted on their day; those of the first count are taken out, so that they do not hide the others. */
    private void ofRunningTests(LotKnown known, List<Task> tasks) {
        for (GerminationView test : known.tests().running()) {
            boolean last = !time.today().isBefore(test.finalDue());
            boolean first = test.firstOn() == null && !time.today().isBefore(test.firstDue());
            if (last || first) {
                tasks.add(Task.of(
                        known,
                        new ToDo.CountGermination(test.replicates() * test.perReplicate(), test.setOn(), last),
                        When.BY_EVENING,
                        time.today().isAfter(test.finalDue().plusDays(LATE_TO_COUNT_DAYS))));
            }
        }
    }

    /** Bored seed is frozen at once, unless it is in the freezer; what lived on is looked for when it has hatched. */
    private void ofWeevils(LotKnown known, List<Task> tasks) {
        BoredSeed weevils = known.weevils();
        if (weevils == null || weevils.next() == BoredSeed.Next.NOTHING) {
            return;
        }
        boolean freezing = known.bench() != null
                && known.bench().underWay() != null
                && known.bench().underWay().kind() == StepKind.FREEZE;
        if (weevils.next() == BoredSeed.Next.FREEZE && !freezing) {
            tasks.add(Task.of(known, new ToDo.Freeze(weevils.share(), weevils.upper()), When.BY_EVENING, true));
        } else if (weevils.next() == BoredSeed.Next.LOOK_AGAIN && !time.today().isBefore(weevils.due())) {
            tasks.add(evening(known, new ToDo.LookForWeevils(weevils.due())));
        }
    }

    private static void ofCleanLot(Threads.Shelved shelved, List<Task> tasks) {
        LotKnown known = shelved.known();
        List<SaleGate.Reason> reasons = known.gate().reasons();
        if (reasons.contains(SaleGate.Reason.SEED_WEIGHT_UNKNOWN)) {
            tasks.add(evening(known, new ToDo.WeighSeed()));
        }
        if (known.tests().running().isEmpty()) {
            ofTestsWanted(known, reasons, tasks);
        }
        boolean packed = !shelved.stock().runs().isEmpty();
        if (known.gate().mayBeSold() && !packed && shelved.stock().free().signum() > 0) {
            tasks.add(evening(known, new ToDo.Pack()));
        }
    }

    private static void ofTestsWanted(LotKnown known, List<SaleGate.Reason> reasons, List<Task> tasks) {
        if (reasons.contains(SaleGate.Reason.UNTESTED)) {
            tasks.add(evening(known, new ToDo.TestGermination()));
        }
        if (reasons.contains(SaleGate.Reason.REPLICATES_DISAGREE)) {
            GerminationTest test = known.tests().germination().result();
            tasks.add(evening(known, new ToDo.RepeatTest(test.range(), test.toleratedRange())));
        } else if (reasons.contains(SaleGate.Reason.TEST_RUN_OUT)) {
            tasks.add(evening(known, new ToDo.TestAnew(known.gate().testRunsOut())));
        }
    }

    /** A ferment that is not ready and was stirred within the half day asks for nothing. */
    private boolean stirredEnough(StepView step) {
        return step.ferment() != null
                && step.ferment().state() == FermentClock.State.NOT_READY
                && step.ferment().lastStirred() != null
                && Duration.between(step.ferment().lastStirred(), time.now()).toHours() < STIRRED_FOR_HOURS;
    }

    private Task underWay(LotKnown known, StepView step) {
        StepView.Drying drying = step.drying();
        if (drying != null && drying.moisture() > drying.target()) {
            boolean forgotten = drying.sinceWeighed() > FORGOTTEN_TRAY_HOURS;
            return Task.of(
                    known, tray(drying, forgotten), When.WHILE_DRY, forgotten || drying.tooWarm() || drying.rewetted());
        }
        if (step.kind() != StepKind.FERMENT) {
            return Task.of(known, new ToDo.WeighOut(step.kind(), local(step.begunAt())), When.WHILE_DRY, false);
        }
        if (step.ferment().state() == FermentClock.State.NOT_READY) {
            return evening(known, new ToDo.Stir(local(step.ferment().readyAt())));
        }
        Instant over = step.ferment().overAt();
        return Task.of(
                known,
                new ToDo.Rinse(step.ferment().temperature(), local(over), over.isBefore(time.now())),
                When.WHILE_WET,
                true);
    }

    /** What is most pressing about seed that dries. */
    private ToDo tray(StepView.Drying drying, boolean forgotten) {
        LocalDateTime dryAt = drying.dryAt() == null ? null : local(drying.dryAt());
        if (drying.tooWarm()) {
            return new ToDo.TrayTooWarm(dryAt);
        }
        if (drying.rewetted()) {
            return new ToDo.TrayRewetted(dryAt);
        }
        return forgotten
                ? new ToDo.TrayForgotten((int) Math.round(drying.sinceWeighed() / 24), dryAt)
                : new ToDo.WeighTray(drying.moisture(), drying.target(), dryAt);
    }

    private static Task evening(LotKnown known, ToDo toDo) {
        return Task.of(known, toDo, When.BY_EVENING, false);
    }

    private LocalDateTime local(Instant moment) {
        return LocalDateTime.ofInstant(moment, time.zone());
    }

    /** A day that cannot be shown is no farm. */
    @EventListener
    void takenIn(FarmTakenIn farm) {
        Open open = open();
        Stream.concat(
                        open.wrongLots().stream().map(WrongLot::why),
                        open.wrongPlantings().stream().map(WrongPlanting::why))
                .findFirst()
                .ifPresent(why -> {
                    throw new OutOfRange(why.field(), why.value(), why.refusal());
                });
    }
}
