package theriseed.core.isolation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Grade;
import theriseed.core.ground.Site;
import theriseed.core.isolation.WayOut.Cost;
import theriseed.core.isolation.WaysOut.Known;

/** What could be done about a seed crop and what threatens it, as far as crop, day and ground allow it. */
final class Steps {
    private static final int FARTHEST_SHIFT_DAYS = 75;

    /** Shifts that are tried together with another step. */
    private static final int SHIFT_STEP_DAYS = 7;

    /** Whole plants are covered where there are no more. */
    private static final int MOST_BAGGED_PLANTS = 30;

    /** What does not take when it is lifted in spring and planted again. Experience. */
    private static final double LOST_BY_LIFTING = 0.1;

    private final SeasonThreats season;
    private final int asked;
    private final Stand own;
    private final Threats before;
    private final List<Known> known;
    private final List<Site> free;
    private final LocalDate today;
    private final List<Possible> steps = new ArrayList<>();

    Steps(SeasonThreats season, int asked, Threats before, List<Known> known, List<Site> free, LocalDate today) {
        this.season = season;
        this.asked = asked;
        this.own = season.stands().get(asked);
        this.before = before;
        this.known = known;
        this.free = free;
        this.today = today;
    }

    /** All but those of which only the smallest that helps is of use. */
    List<Possible> all() {
        for (Grade grade : Grade.values()) {
            if (grade.compareTo(own.grade().orElseThrow()) < 0) {
                add(new Way.LowerGrade(grade), asked, stand -> stand.savedAs(grade), Cost.ofGrade(worth(asked)));
            }
        }
        if (!over()) {
            itself(known.get(asked));
            open().forEach(threat -> theOther(threat.source(), known.get(threat.source())));
        }
        return steps;
    }

    private List<Threat> open() {
        return before.worstFirst().stream()
                .filter(threat -> threat.verdict() != Verdict.CLEAR)
                .toList();
    }

    /** Whether its own bloom is past: then no pollen can be kept away any more. */
    private boolean over() {
        return own.bloom().filter(bloom -> bloom.last().isBefore(today)).isPresent();
    }

    private double worth(int stand) {
        return known.get(stand).worth();
    }

    private void add(Way way, int number, UnaryOperator<Stand> then, Cost cost) {
        steps.add(Possible.of(way, number, then, cost));
    }

    private void itself(Known here) {
        if (!here.planted()) {
            for (int place = 0; place < free.size(); place++) {
                Site there = free.get(place);
                add(new Way.Move(place), asked, stand -> stand.at(there), Cost.MOVE);
            }
        } else if (here.lifted().isPresent()) {
            Cost cost = Cost.ofWork(KeepingHours.lifting(here.plants()))
                    .and(Cost.ofSeed(LOST_BY_LIFTING, here.worth()))
                    .and(Cost.MOVE);
            for (int place = 0; place < free.size(); place++) {
                Site there = free.get(place);
                add(new Way.LiftAndReplant(place, here.lifted().get()), asked, stand -> stand.at(there), cost);
            }
        }
        if (!here.sown()) {
            add(new Way.AnotherYear(), asked, Steps::gone, Cost.ofSeason(here.worth(), here.seedLasts()));
        }
        if (own.control().takes() && own.bloom().isPresent()) {
            List<Stand> others = open().stream()
                    .map(threat -> season.stands().get(threat.source()))
                    .toList();
            steps.addAll(new FlowerSteps(asked, own, here, today).of(own.bloom().get(), others));
        }
    }

    private static Stand gone(Stand stand) {
        return stand.controlled(PollenControl.NEVER_FLOWERS);
    }

    private void theOther(int number, Known there) {
        Stand other = season.stands().get(number);
        switch (there.source()) {
            case OWN -> ownOther(number, other, there);
            case NEIGHBOUR -> promise(number, other, Way.AskNeighbour::new, KeepingHours.ASKING);
            case WILD -> promise(number, other, Way.Mow::new, 2 * KeepingHours.hoeing(other.area()));
            case VOLUNTEERS -> {
                LocalDate first = beforeFlower(own);
                if (!first.isBefore(today)) {
                    double hours = KeepingHours.hoeing(
                            Math.min(own.site().squareMetres(), Volunteers.hoed(other.crop(), other.area())));
                    add(new Way.PullVolunteers(first), number, Volunteers::pulled, Cost.ofWork(hours));
                }
            }
            case UNKNOWN -> {}
        }
    }

    private void ownOther(int number, Stand other, Known there) {
        LocalDate by = beforeFlower(other.bloom().isPresent() ? other : own);
        boolean sheds = other.control().sheds();
        if (other.crop().eatenBeforeFlowering() && !by.isBefore(today) && by.isAfter(there.from()) && sheds) {
            add(
                    new Way.EatFirst(by),
                    number,
                    Steps::gone,
                    Cost.ofSeed(other.grade().isPresent() ? 1 : 0, there.worth()));
        }
        if (!there.sown()) {
            add(new Way.AnotherYear(), number, Steps::gone, Cost.ofSeason(there.worth(), there.seedLasts()));
        }
        if (!sheds
                || other.bloom().filter(bloom -> !bloom.first().isBefore(today)).isEmpty()) {
            return;
        }
        BloomWindow bloom = other.bloom().get();
        boolean wind = other.crop().vector().equals("wind");
        if (!wind) {
            steps.add(FlowerSteps.cage(number, other, bloom));
        }
        if (!other.crop().crossesFreely()
                && other.crop().sexes().equals("perfect")
                && there.plants() <= MOST_BAGGED_PLANTS) {
            add(
                    new Way.BagPlants(there.plants()),
                    number,
                    stand -> stand.controlled(PollenControl.treated(true)),
                    Cost.ofWork(KeepingHours.clusters(there.plants() * KeepingHours.CLUSTERS_A_PLANT)));
        }
        boolean both = !wind
                && !own.crop().vector().equals("wind")
                && own.bloom().filter(mine -> !mine.first().isBefore(today)).isPresent()
                && other.grade().isPresent()
                && own.turns().isEmpty()
                && other.turns().isEmpty();
        if (both) {
            turns(number, other, bloom);
        }
    }

    /** Two nets of which one is open each day: insects come for nothing, and never from the one to the other. */
    private void turns(int number, Stand other, BloomWindow theirs) {
        String turns = asked + " and " + number;
        UnaryOperator<Stand> open = stand -> stand.byTurns(turns);
        BloomWindow mine = own.bloom().orElseThrow();
        Possible here = Possible.of(
                new Way.CageByTurns(own.area(), KeepingHours.cageWeeks(mine)),
                asked,
                open,
                Cost.ofWork(KeepingHours.byTurns(own.area(), mine)));
        Possible there = Possible.of(
                new Way.CageByTurns(other.area(), KeepingHours.cageWeeks(theirs)),
                number,
                open,
                Cost.ofWork(KeepingHours.byTurns(other.area(), theirs)));
        steps.add(here.and(there));
    }

    /** What is promised counts as it will once it is noted. Where nobody knows when it flowers, it may be too late to ask. */
    private void promise(int number, Stand other, Function<LocalDate, Way> way, double hours) {
        boolean over = other.bloom().map(bloom -> bloom.last().isBefore(today)).orElse(false);
        LocalDate before = beforeFlower(other.bloom().isPresent() ? other : own);
        boolean late = before.isBefore(today);
        if (over || !other.control().sheds() || late && other.bloom().isEmpty()) {
            return;
        }
        LocalDate by = late ? today : before;
        add(way.apply(by), number, stand -> NeighbourReport.cut(stand, by, Optional.empty()), Cost.ofWork(hours));
    }

    /** Day before which a stand surely has no flower; today where its bloom is not known. */
    private LocalDate beforeFlower(Stand stand) {
        return stand.bloom()
                .map(bloom -> bloom.first().minusDays(stand.spread().beforeFirst()))
                .orElse(today);
    }

    /** Of outer rows and of shifts the smallest that does it. @param weigh what comes of it, if it helps */
    List<WayOut> smallest(Function<Possible, Optional<WayOut>> weigh) {
        List<WayOut> found = new ArrayList<>();
        rows().stream().map(weigh).flatMap(Optional::stream).findFirst().ifPresent(found::add);
        for (int number : shiftable()) {
            smallestShift(number, weigh).ifPresent(found::add);
        }
        return found;
    }

    private List<Possible> rows() {
        double wide = own.site().narrowSide();
        List<Possible> rows = new ArrayList<>();
        for (double metres = own.crop().betweenRows();
                metres <= wide / 3;
                metres += own.crop().betweenRows()) {
            double dropped = metres;
            double lost = Math.min(1, 2 * metres / wide);
            rows.add(Possible.of(
                    new Way.DropRows(metres, lost),
                    asked,
                    stand -> stand.dropping(dropped),
                    Cost.ofSeed(lost, worth(asked))));
        }
        return rows;
    }

    /** The seed crop and its own threats, as far as they are not on their ground yet. */
    private List<Integer> shiftable() {
        if (over()) {
            return List.of();
        }
        List<Integer> numbers = new ArrayList<>();
        numbers.add(asked);
        open().forEach(threat -> numbers.add(threat.source()));
        numbers.removeIf(number -> known.get(number).planted());
        return numbers;
    }

    /** The smallest shift that makes the seed crop clear; failing that, the smallest that helps at all. */
    private Optional<WayOut> smallestShift(int number, Function<Possible, Optional<WayOut>> weigh) {
        Optional<WayOut> helps = Optional.empty();
        for (int days = 1; days <= FARTHEST_SHIFT_DAYS; days++) {
            for (int by : new int[] {days, -days}) {
                Optional<WayOut> found = shift(number, by).flatMap(weigh);
                if (found.filter(way -> way.verdict() == Verdict.CLEAR).isPresent()) {
                    return found;
                }
                helps = helps.or(() -> found);
            }
        }
        return helps;
    }

    private Optional<Possible> shift(int number, int days) {
        return known.get(number)
                .shifted()
                .apply(days)
                .map(then -> Possible.of(
                        new Way.Shift(days),
                        number,
                        stand -> then.bloom()
                                .map(bloom -> stand.blooming(bloom, then.spread()))
                                .orElseGet(() -> stand.blooming(Optional.empty())),
                        Cost.NOTHING));
    }

    /** Shifts by whole weeks, and the first outer row, to be taken together with another step. */
    List<Possible> shiftsTogether() {
        List<Possible> weekly = new ArrayList<>();
        for (int number : shiftable()) {
            for (int days = SHIFT_STEP_DAYS; days <= FARTHEST_SHIFT_DAYS; days += 2 * SHIFT_STEP_DAYS) {
                shift(number, days).ifPresent(weekly::add);
                shift(number, -days).ifPresent(weekly::add);
            }
        }
        rows().stream().findFirst().ifPresent(weekly::add);
        return weekly;
    }
}
