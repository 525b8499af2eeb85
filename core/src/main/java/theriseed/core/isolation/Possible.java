package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import theriseed.core.isolation.WayOut.Cost;
import theriseed.core.isolation.WayOut.Step;

/**
 * Something that could be done, whatever comes of it: its steps, what each makes of its stand, and what it costs.
 *
 * @param changes what becomes of each stand that is touched
 */
record Possible(List<Step> steps, Map<Integer, UnaryOperator<Stand>> changes, Cost cost) {
    /** What of a stand a step changes; two steps on one stand go together only where they change different things. */
    private enum Aspect {
        PLACE,
        TIME,
        FLOWERS,
        ROWS,
        GRADE
    }

    static Possible of(Way way, int stand, UnaryOperator<Stand> change, Cost cost) {
        return new Possible(List.of(new Step(way, stand)), Map.of(stand, change), cost);
    }

    Way way() {
        return steps.get(0).way();
    }

    /** The stands as they would be then. */
    Map<Integer, Stand> then(List<Stand> stands) {
        Map<Integer, Stand> then = new TreeMap<>();
        changes.forEach((number, change) -> then.put(number, change.apply(stands.get(number))));
        return then;
    }

    /** Whether both can be done in one season. */
    boolean goesWith(Possible other) {
        return steps.stream()
                .allMatch(step -> other.steps.stream()
                        .allMatch(theirs -> step.stand() != theirs.stand()
                                || aspect(step.way()) != aspect(theirs.way())
                                        && !puts(step.way())
                                        && !puts(theirs.way())));
    }

    /** Whether the stand is out of the season then, so that nothing else need be done about it. */
    private static boolean puts(Way way) {
        return way instanceof Way.AnotherYear || way instanceof Way.EatFirst;
    }

    Possible and(Possible other) {
        List<Step> both = new ArrayList<>(steps);
        both.addAll(other.steps);
        Map<Integer, UnaryOperator<Stand>> all = new TreeMap<>(changes);
        other.changes.forEach((number, change) ->
                all.merge(number, change, (first, second) -> stand -> second.apply(first.apply(stand))));
        return new Possible(both, all, cost.and(other.cost));
    }

    private static Aspect aspect(Way way) {
        if (way instanceof Way.Move || way instanceof Way.LiftAndReplant) {
            return Aspect.PLACE;
        }
        if (way instanceof Way.Shift || way instanceof Way.PickFirstFlowers || way instanceof Way.PickLastFlowers) {
            return Aspect.TIME;
        }
        if (way instanceof Way.DropRows) {
            return Aspect.ROWS;
        }
        return way instanceof Way.LowerGrade ? Aspect.GRADE : Aspect.FLOWERS;
    }
}
