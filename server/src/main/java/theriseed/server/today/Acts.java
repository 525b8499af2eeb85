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
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.StepKind;
import theriseed.core.isolation.Verdict;
import theriseed.core.lot.SaleGate;
import theriseed.core.quality.BoredSeed;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.SeasonWork;
import theriseed.server.base.FarmTime;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.StepView;
import theriseed.server.calendar.Calendar;
import theriseed.server.calendar.Entry;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.pollination.PollinationWork;
import theriseed.server.quality.GerminationView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.thread.Threads;
import theriseed.server.today.Act.Kind;
import theriseed.server.today.Act.When;
import theriseed.server.walk.LateView;
import theriseed.server.walk.StageVerdict;
import theriseed.server.walk.StageWalk;
import theriseed.server.walk.Walks;

/** Finds what waits, from the records of plantings, walks, lots and tests. Nothing here is a list somebody keeps. */
@Service
class Acts {
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

    Acts(
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

    @Transactional(readOnly = true)
    List<Act> open() {
        List<Act> acts = new ArrayList<>();
        threads.here().forEach(shelved -> ofLot(shelved, acts));
        int year = time.today().getYear();
        List<PlantingView> kept = Stream.concat(plantings.of(year).stream(), plantings.of(year + 1).stream())
                .filter(planting -> planting.purpose() != Purpose.EATING)
                .toList();
        Map<UUID, StageVerdict> walked = walks.verdicts(kept);
        Map<UUID, List<StageWalk>> stages = walks.stages(kept);
        Map<UUID, List<LateView>> late = walks.late(kept);
        Set<UUID> numbered = lots.of(kept.stream().map(PlantingView::id).toList()).stream()
                .map(LotView::plantingId)
                .collect(Collectors.toSet());
        for (PlantingView planting : kept) {
            UUID id = planting.id();
            if (!numbered.contains(id)) {
                walk(planting, walked.get(id), stages.get(id), acts);
            }
            if (planting.season() == year && planting.purpose() == Purpose.SEED) {
                ofPlanting(planting, numbered.contains(id), acts);
            }
            late.getOrDefault(id, List.of()).stream()
                    .filter(shed -> !shed.decided())
                    .forEach(shed -> acts.add(decide(planting, shed)));
        }
        pollination.waiting(kept).forEach(waits -> acts.add(pollination(waits)));
        calendar.due(time.today()).forEach(entry -> ofCalendar(entry, numbered, acts));
        acts.sort(Comparator.comparing(Act::urgent)
                .reversed()
                .thenComparing(Act::kind)
                .thenComparing(Act::variety));
        return acts;
    }

    /** What the calendar asks for on its day; walks and picking are found from what was walked and picked. */
    private static void ofCalendar(Entry entry, Set<UUID> numbered, List<Act> acts) {
        boolean found = entry.kind() == SeasonWork.Kind.WALK || entry.kind() == SeasonWork.Kind.PICK;
        if (found || numbered.contains(entry.plantingId())) {
            return;
        }
        boolean evening = entry.kind() == SeasonWork.Kind.CLOSE_BUDS || entry.kind() == SeasonWork.Kind.CHECK_STORE;
        acts.add(new Act(
                Kind.valueOf(entry.kind().name()),
                evening ? When.BY_EVENING : When.WHILE_DRY,
                entry.to().equals(entry.from()),
                entry.variety(),
                entry.crop(),
                entry.ground(),
                null,
                entry.plantingId(),
                null,
                null,
                null,
                null,
                null,
                null,
                entry.to().atStartOfDay(),
                entry.about().isEmpty() ? null : entry.about()));
    }

    /** A walk is due while its stage lasts, and before and in bloom until its planting is shown to be true. */
    private void walk(PlantingView planting, StageVerdict walked, List<StageWalk> stages, List<Act> acts) {
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
        StageVerdict told = stageOpen ? null : walked;
        acts.add(about(
                planting,
                Kind.WALK,
                When.WHILE_DRY,
                notShown && blooms && !today.isBefore(planting.bloom().first()),
                new Figures()
                        .stage(now.map(StageWalk::stage).orElse(told == null ? null : told.stage()))
                        .count(told == null ? null : told.verdict().more())
                        .share(
                                told == null ? null : told.verdict().limit().upper(),
                                planting.grade().offTypesAllowed())
                        .other(now.map(StageWalk::lookFor).orElse(null))));
    }

    private static Act pollination(PollinationWork.Waits waits) {
        When when = waits.what() == PollinationWork.What.POLLINATE ? When.WHILE_WET : When.WHILE_DRY;
        return about(
                waits.planting(),
                Kind.valueOf(waits.what().name()),
                when,
                waits.what() == PollinationWork.What.POLLINATE,
                new Figures().count(waits.count()));
    }

    private static Act decide(PlantingView planting, LateView shed) {
        return about(
                planting,
                Kind.DECIDE_RING,
                When.BY_EVENING,
                shed.late().suspect(),
                new Figures()
                        .share(shed.late().shed().seedFathered(), shed.late().limit()));
    }

    private void ofPlanting(PlantingView planting, boolean numbered, List<Act> acts) {
        LocalDate today = time.today();
        if (planting.bloom() == null) {
            return;
        }
        LocalDate last = planting.bloom().last();
        if (!numbered && !today.isBefore(planting.bloom().ripeFrom())) {
            acts.add(about(
                    planting,
                    Kind.PICK,
                    When.WHILE_DRY,
                    false,
                    new Figures().at(planting.bloom().ripeFrom().atStartOfDay())));
        }
        boolean crosses = planting.isolation().verdict() == Verdict.CROSSES;
        if (crosses && !today.isAfter(last)) {
            PlantingView.ThreatView worst = planting.isolation().threats().get(0);
            acts.add(about(
                    planting,
                    Kind.DECIDE_ISOLATION,
                    When.BY_EVENING,
                    false,
                    new Figures()
                            .share(
                                    planting.isolation().crossing(),
                                    planting.isolation().allowed())
                            .other(worst.name())));
        }
    }

    private void ofLot(Threads.Shelved shelved, List<Act> acts) {
        LotKnown known = shelved.known();
        if (known.bench() != null && known.bench().poured()) {
            return;
        }
        if (known.lot().hold() != null) {
            acts.add(of(
                    known,
                    Kind.LOOK_AT_HOLD,
                    When.BY_EVENING,
                    false,
                    new Figures().other(known.lot().hold().reason())));
            return;
        }
        ofWeevils(known, acts);
        ofRunningTests(known, acts);
        BenchView bench = known.bench();
        if (bench == null) {
            acts.add(of(known, Kind.FILL_LOT, When.WHILE_DRY, true, new Figures()));
        } else if (bench.underWay() != null) {
            if (!stirredEnough(bench.underWay())) {
                acts.add(underWay(known, bench.underWay()));
            }
        } else if (!bench.clean()) {
            acts.add(of(
                    known,
                    Kind.NEXT_STEP,
                    bench.next().wet() ? When.WHILE_WET : When.WHILE_DRY,
                    bench.next().wet(),
                    new Figures().step(bench.next())));
        } else if (shelved.stock().any()) {
            ofCleanLot(shelved, acts);
        }
    }

    /** Seedlings are counted on their day; those of the first count are taken out, so that they do not hide the others. */
    private void ofRunningTests(LotKnown known, List<Act> acts) {
        for (GerminationView test : known.tests().running()) {
            boolean last = !time.today().isBefore(test.finalDue());
            boolean first = test.firstOn() == null && !time.today().isBefore(test.firstDue());
            if (last || first) {
                acts.add(of(
                        known,
                        Kind.COUNT_GERMINATION,
                        When.BY_EVENING,
                        time.today().isAfter(test.finalDue().plusDays(LATE_TO_COUNT_DAYS)),
                        new Figures()
                                .count(test.replicates() * test.perReplicate())
                                .at(test.setOn().atStartOfDay())
                                .other(last ? "LAST" : "FIRST")));
            }
        }
    }

    /** Bored seed is frozen at once, unless it is in the freezer; what lived on is looked for when it has hatched. */
    private void ofWeevils(LotKnown known, List<Act> acts) {
        BoredSeed weevils = known.weevils();
        if (weevils == null || weevils.next() == BoredSeed.Next.NOTHING) {
            return;
        }
        boolean freezing = known.bench() != null
                && known.bench().underWay() != null
                && known.bench().underWay().kind() == StepKind.FREEZE;
        if (weevils.next() == BoredSeed.Next.FREEZE && !freezing) {
            acts.add(of(
                    known, Kind.FREEZE, When.BY_EVENING, true, new Figures().share(weevils.share(), weevils.upper())));
        } else if (weevils.next() == BoredSeed.Next.LOOK_AGAIN && !time.today().isBefore(weevils.due())) {
            acts.add(of(
                    known,
                    Kind.LOOK_FOR_WEEVILS,
                    When.BY_EVENING,
                    false,
                    new Figures().at(weevils.due().atStartOfDay())));
        }
    }

    private static void ofCleanLot(Threads.Shelved shelved, List<Act> acts) {
        LotKnown known = shelved.known();
        List<SaleGate.Reason> reasons = known.gate().reasons();
        if (reasons.contains(SaleGate.Reason.SEED_WEIGHT_UNKNOWN)) {
            acts.add(of(known, Kind.WEIGH_SEED, When.BY_EVENING, false, new Figures()));
        }
        if (known.tests().running().isEmpty()) {
            ofTestsWanted(known, reasons, acts);
        }
        boolean packed = !shelved.stock().runs().isEmpty();
        if (known.gate().mayBeSold() && !packed && shelved.stock().free().signum() > 0) {
            acts.add(of(known, Kind.PACK, When.BY_EVENING, false, new Figures()));
        }
    }

    private static void ofTestsWanted(LotKnown known, List<SaleGate.Reason> reasons, List<Act> acts) {
        if (reasons.contains(SaleGate.Reason.UNTESTED)) {
            acts.add(of(known, Kind.TEST_GERMINATION, When.BY_EVENING, false, new Figures()));
        }
        if (reasons.contains(SaleGate.Reason.REPLICATES_DISAGREE)) {
            acts.add(of(
                    known,
                    Kind.TEST_AGAIN,
                    When.BY_EVENING,
                    false,
                    new Figures()
                            .share(
                                    known.tests().germination().result().range() / 100,
                                    known.tests().germination().result().toleratedRange() / 100)));
        } else if (reasons.contains(SaleGate.Reason.TEST_RUN_OUT)) {
            acts.add(of(
                    known,
                    Kind.TEST_GERMINATION,
                    When.BY_EVENING,
                    false,
                    new Figures().at(known.gate().testRunsOut().atStartOfDay())));
        }
    }

    /** A ferment that is not ready and was stirred within the half day asks for nothing. */
    private boolean stirredEnough(StepView step) {
        return step.ferment() != null
                && step.ferment().state() == FermentClock.State.NOT_READY
                && step.ferment().lastStirred() != null
                && Duration.between(step.ferment().lastStirred(), time.now()).toHours() < STIRRED_FOR_HOURS;
    }

    private Act underWay(LotKnown known, StepView step) {
        StepView.Drying drying = step.drying();
        if (drying != null && drying.moisture() > drying.target()) {
            boolean forgotten = drying.sinceWeighed() > FORGOTTEN_TRAY_HOURS;
            return of(
                    known,
                    Kind.WEIGH_TRAY,
                    When.WHILE_DRY,
                    forgotten || drying.tooWarm() || drying.rewetted(),
                    new Figures()
                            .step(step.kind())
                            .share(drying.moisture() / 100, drying.target() / 100)
                            .count((int) Math.round(drying.sinceWeighed() / 24))
                            .at(drying.dryAt() == null ? null : local(drying.dryAt()))
                            .other(drying.tooWarm() ? "TOO_WARM" : drying.rewetted() ? "REWETTED" : null));
        }
        if (step.kind() != StepKind.FERMENT) {
            return of(
                    known,
                    Kind.WEIGH_OUT,
                    When.WHILE_DRY,
                    false,
                    new Figures().step(step.kind()).at(local(step.begunAt())));
        }
        boolean ready = step.ferment().state() != FermentClock.State.NOT_READY;
        return of(
                known,
                ready ? Kind.RINSE : Kind.STIR,
                ready ? When.WHILE_WET : When.BY_EVENING,
                ready,
                new Figures()
                        .step(step.kind())
                        .temperature(step.ferment().temperature())
                        .at(local(
                                ready ? step.ferment().overAt() : step.ferment().readyAt())));
    }

    private LocalDateTime local(Instant moment) {
        return LocalDateTime.ofInstant(moment, time.zone());
    }

    /** The figures of an act, gathered before it is made. */
    private static final class Figures {
        private StepKind step;
        private String stage;
        private Integer count;
        private Double share;
        private Double limit;
        private Double temperature;
        private LocalDateTime at;
        private String other;

        Figures step(StepKind step) {
            this.step = step;
            return this;
        }

        Figures stage(String stage) {
            this.stage = stage;
            return this;
        }

        Figures count(Integer count) {
            this.count = count;
            return this;
        }

        Figures share(Double share, Double limit) {
            this.share = share;
            this.limit = limit;
            return this;
        }

        Figures temperature(double temperature) {
            this.temperature = temperature;
            return this;
        }

        Figures at(LocalDateTime at) {
            this.at = at;
            return this;
        }

        Figures other(String other) {
            this.other = other;
            return this;
        }
    }

    private static Act of(LotKnown known, Kind kind, When when, boolean urgent, Figures figures) {
        return act(known.planting(), known.lot().number(), kind, when, urgent, figures);
    }

    private static Act about(PlantingView planting, Kind kind, When when, boolean urgent, Figures figures) {
        return act(planting, null, kind, when, urgent, figures);
    }

    private static Act act(PlantingView planting, String lot, Kind kind, When when, boolean urgent, Figures figures) {
        return new Act(
                kind,
                when,
                urgent,
                planting.variety().name(),
                planting.variety().cropName(),
                planting.plotName(),
                lot,
                planting.id(),
                figures.step,
                figures.stage,
                figures.count,
                figures.share,
                figures.limit,
                figures.temperature,
                figures.at,
                figures.other);
    }
}
