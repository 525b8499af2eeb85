package theriseed.server.today;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
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
import theriseed.core.day.PlantingNeed;
import theriseed.core.day.PlantingNeeds;
import theriseed.core.isolation.NeighbourReport;
import theriseed.core.lot.LotNeed;
import theriseed.core.measure.OutOfRange;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.SeasonWork;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTakenIn;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Kept;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.calendar.Calendar;
import theriseed.server.calendar.Entry;
import theriseed.server.farm.Farms;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.ground.Ground;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.LotsShown;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.market.StallDays;
import theriseed.server.pollination.PollinationWork;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.seedroom.Needs;
import theriseed.server.stall.Stocks;
import theriseed.server.today.Task.When;
import theriseed.server.walk.LateView;
import theriseed.server.walk.StageVerdict;
import theriseed.server.walk.StageWalk;
import theriseed.server.walk.Walks;

/** Finds what waits, from the records of plantings, walks, lots and tests. Nothing here is a list somebody keeps. */
@Service
public class Tasks {
    private final Plantings plantings;
    private final Ground ground;
    private final Crops crops;
    private final Farms farms;
    private final Walks walks;
    private final Lots lots;
    private final LotsHere here;
    private final Families families;
    private final Gate gate;
    private final Stocks stocks;
    private final Needs needs;
    private final Calendar calendar;
    private final PollinationWork pollination;
    private final OrderTasks orders;
    private final StallDays stallDays;
    private final FarmTime time;
    private final Kept<Instant, Open> found;

    Tasks(
            Plantings plantings,
            Ground ground,
            Crops crops,
            Farms farms,
            Walks walks,
            Lots lots,
            LotsHere here,
            Families families,
            Gate gate,
            Stocks stocks,
            Needs needs,
            Calendar calendar,
            PollinationWork pollination,
            OrderTasks orders,
            StallDays stallDays,
            FarmTime time,
            Changes changes) {
        this.orders = orders;
        this.stallDays = stallDays;
        this.calendar = calendar;
        this.pollination = pollination;
        this.plantings = plantings;
        this.ground = ground;
        this.crops = crops;
        this.farms = farms;
        this.walks = walks;
        this.lots = lots;
        this.here = here;
        this.families = families;
        this.gate = gate;
        this.stocks = stocks;
        this.needs = needs;
        this.time = time;
        this.found = new Kept<>(changes.of(Object.class), 1);
    }

    /** A planting that nothing can be calculated of, and why. */
    public record WrongPlanting(UUID id, String variety, Wrong why) {}

    /** @param wrongLots of which nobody can tell what they wait for, and {@code wrongPlantings} */
    public record Open(List<Task> tasks, List<WrongLot> wrongLots, List<WrongPlanting> wrongPlantings) {}

    /** The same for everybody who asks within a minute in which nothing was written. */
    @ReadsOnly
    public Open open() {
        Instant minute = time.now().truncatedTo(ChronoUnit.MINUTES);
        return found.of(minute, this::find);
    }

    private Open find() {
        List<Task> tasks = new ArrayList<>();
        LotsShown<Task> ofLots = LotsShown.of(Wrong.each(here.all(), this::ofLots));
        tasks.addAll(ofLots.lots());
        int year = time.today().getYear();
        List<PlantingView> kept = Stream.concat(plantings.of(year).stream(), plantings.of(year + 1).stream())
                .filter(planting -> planting.purpose() != Purpose.EATING)
                .toList();
        Set<UUID> numbered = lots.of(kept.stream().map(PlantingView::id).toList()).stream()
                .map(LotView::plantingId)
                .collect(Collectors.toSet());
        Set<UUID> seedKnown = families.known(kept.stream().map(PlantingView::id).toList());
        Wrong.Each<PlantingView, Task> inTheRows = Wrong.each(kept, some -> ofPlantings(some, numbered, seedKnown));
        tasks.addAll(inTheRows.right());
        tasks.addAll(promises(year));
        tasks.addAll(orders.of(time.today()));
        tasks.addAll(stallDays());
        calendar.due(time.today()).forEach(entry -> ofCalendar(entry, numbered, seedKnown, tasks));
        tasks.sort(Comparator.comparing(Task::urgent)
                .reversed()
                .thenComparing(task -> task.toDo().place())
                .thenComparing(Task::variety));
        return new Open(
                tasks,
                ofLots.wrong(),
                inTheRows.wrong().stream()
                        .map(one -> new WrongPlanting(
                                one.what().id(), one.what().variety().name(), one.why()))
                        .toList());
    }

    /** What these lots wait for. */
    private List<Task> ofLots(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        Map<UUID, List<LotNeed>> waited = needs.of(known, stocks.of(known));
        LotTasks of = new LotTasks(time.zone());
        return known.stream()
                .flatMap(lot -> of.of(lot, waited.get(lot.lot().id())))
                .toList();
    }

    /** What waits in the rows of these plantings. */
    private List<Task> ofPlantings(List<PlantingView> kept, Set<UUID> numbered, Set<UUID> seedKnown) {
        List<Task> tasks = new ArrayList<>();
        Map<UUID, StageVerdict> walked = walks.verdicts(kept);
        Map<UUID, List<StageWalk>> stages = walks.stages(kept);
        Map<UUID, List<LateView>> late = walks.late(kept);
        int season = farms.year().seasonOn(time.today());
        for (PlantingView planting : kept) {
            UUID id = planting.id();
            List<StageWalk> ofPlanting = stages.get(id);
            StageVerdict shown = walked.get(id);
            PlantingNeeds.of(
                            known(planting, season, numbered.contains(id), seedKnown.contains(id), ofPlanting, shown),
                            time.today())
                    .forEach(need -> tasks.add(task(planting, need, ofPlanting, time.today())));
            late.getOrDefault(id, List.of()).stream()
                    .filter(shed -> !shed.decided())
                    .forEach(shed -> tasks.add(decide(planting, shed)));
        }
        pollination.waiting(kept).forEach(waits -> tasks.add(pollination(waits)));
        return tasks;
    }

    /** What the calendar asks for on its day; walks, picking and sowing are found from what was walked, picked and sown. */
    private void ofCalendar(Entry entry, Set<UUID> numbered, Set<UUID> seedKnown, List<Task> tasks) {
        boolean found = entry.kind() == SeasonWork.Kind.WALK
                || entry.kind() == SeasonWork.Kind.PICK
                || entry.kind() == SeasonWork.Kind.SOW && seedKnown.contains(entry.plantingId());
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
                null,
                null,
                null,
                null));
    }

    /** Days at the stall that have come: to sell at, and to count once they are over. */
    private List<Task> stallDays() {
        return stallDays.toCount().stream()
                .map(day -> {
                    boolean over = day.heldOn().isBefore(time.today());
                    int packets = day.lines().stream()
                            .mapToInt(line -> line.taken() - line.handed())
                            .sum();
                    return Task.ofStallDay(
                            day.id(),
                            day.market(),
                            over ? new ToDo.CountStallDay(day.heldOn()) : new ToDo.SellAtStall(packets),
                            !over);
                })
                .toList();
    }

    /** What neighbours agreed to, and nobody has seen done. */
    private List<Task> promises(int year) {
        return ground.neighbours(List.of(year, year + 1)).values().stream()
                .flatMap(List::stream)
                .filter(seen -> seen.agreedBy() != null
                        && seen.keptOn() == null
                        && NeighbourReport.toBeSeen(seen.agreedBy(), seen.bloom(), time.today()))
                .map(seen -> new Task(
                        new ToDo.SeePromiseKept(
                                seen.agreedBy(), seen.kind() == NeighbourReport.Kind.WILD, seen.season()),
                        When.WHILE_DRY,
                        false,
                        seen.name(),
                        crops.general(seen.cropKey()).name(),
                        seen.name(),
                        null,
                        seen.id(),
                        null,
                        null,
                        null))
                .toList();
    }

    private PlantingNeeds.Known known(
            PlantingView planting,
            int season,
            boolean numbered,
            boolean seedKnown,
            List<StageWalk> stages,
            StageVerdict shown) {
        return new PlantingNeeds.Known(
                planting.purpose() == Purpose.SEED,
                planting.season() == season,
                numbered,
                seedKnown ? Optional.empty() : Optional.of(planting.sownOn()),
                Optional.ofNullable(planting.bloom())
                        .map(bloom -> new PlantingNeeds.Bloom(bloom.first(), bloom.last(), bloom.ripeFrom())),
                stages.stream()
                        .map(stage -> new PlantingNeeds.Stage(
                                Optional.ofNullable(stage.from()),
                                Optional.ofNullable(stage.to()),
                                stage.verdict() != null))
                        .toList(),
                Optional.ofNullable(shown).map(StageVerdict::verdict),
                Optional.ofNullable(planting.isolation()).map(PlantingView.Isolation::verdict),
                Optional.ofNullable(planting.ripens()).map(PlantingView.Ripens::here),
                Optional.ofNullable(planting.isolation())
                        .filter(PlantingView.Isolation::hangsOnDates)
                        .flatMap(isolation -> Optional.ofNullable(planting.bloom()))
                        .map(PlantingView.Bloom::looked));
    }

    private static Task task(PlantingView planting, PlantingNeed need, List<StageWalk> stages, LocalDate today) {
        ToDo toDo;
        if (need instanceof PlantingNeed.WalkStage walk) {
            StageWalk stage = stages.get(walk.place());
            toDo = new ToDo.WalkStage(stage.stage(), stage.lookFor());
        } else if (need instanceof PlantingNeed.WalkOn walk) {
            toDo = walkOn(walk.verdict());
        } else if (need instanceof PlantingNeed.LookWhetherRipe ripe) {
            toDo = new ToDo.LookWhetherRipe(ripe.since());
        } else if (need instanceof PlantingNeed.LookAtBloom look) {
            toDo = new ToDo.LookAtBloom(look.over());
        } else if (need instanceof PlantingNeed.SayWhatWasSown seed) {
            toDo = new ToDo.SayWhatWasSown(seed.since());
        } else if (need instanceof PlantingNeed.DecideRipening) {
            PlantingView.Ripens ripens = planting.ripens();
            toDo = new ToDo.DecideRipening(ripens.mark(), ripens.ends(), ripens.cause(), ripens.chance());
        } else if (need instanceof PlantingNeed.DecideIsolation) {
            PlantingView.Isolation isolation = planting.isolation();
            toDo = new ToDo.DecideIsolation(
                    isolation.threats().get(0).name(), isolation.crossing(), isolation.allowed());
        } else {
            toDo = new ToDo.WalkFirst();
        }
        boolean atHome = need instanceof PlantingNeed.DecideIsolation
                || need instanceof PlantingNeed.DecideRipening
                || need instanceof PlantingNeed.SayWhatWasSown;
        When when = atHome ? When.BY_EVENING : When.WHILE_DRY;
        return Task.of(planting, toDo, when, need.urgent()).where(planting.groundOn(today));
    }

    private static ToDo walkOn(WalkVerdict verdict) {
        return verdict.mark() == WalkVerdict.Mark.OVER
                ? new ToDo.WalkOver(verdict.share(), verdict.tolerance())
                : new ToDo.WalkOn(verdict.upper(), verdict.tolerance(), verdict.more());
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

    /** A day that cannot be shown is no farm. */
    @EventListener
    void takenIn(FarmTakenIn farm) {
        Open open = find();
        Stream.concat(
                        open.wrongLots().stream().map(WrongLot::why),
                        open.wrongPlantings().stream().map(WrongPlanting::why))
                .findFirst()
                .ifPresent(why -> {
                    throw new OutOfRange(why.field(), why.value(), why.refusal());
                });
    }
}
