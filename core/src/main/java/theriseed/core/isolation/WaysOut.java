package theriseed.core.isolation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import theriseed.core.ground.Site;
import theriseed.core.measure.Range;

/**
 * The ways out for a seed crop that is not clear: single steps, and two or three that clear only together. A way is offered
 * only when it helps against a threat and makes no other seed crop worse. Hours are those of {@link KeepingHours}.
 */
public final class WaysOut {
    /** A neighbour is asked where at most this share of their pollen has come already. */
    private static final double WORTH_ASKING = 0.5;

    /** A step is taken together with others only where it alone brings the estimate down to this share at most. */
    private static final double WORTH_A_STEP = 0.9;

    /** Steps that are tried together: of moves and of shifts the truest, of the others what costs least. */
    private static final int OF_A_KIND_TRIED = 3;

    private static final int TRIED_BY_TWO = 14;
    private static final int TRIED_BY_THREE = 9;

    /** Sets offered, the best for the same stands; more would only be read past. */
    private static final int SETS = 3;

    private final SeasonThreats season;
    private final int asked;
    private final Threats before;
    private final List<WayOut> ways = new ArrayList<>();

    private WaysOut(SeasonThreats season, int asked) {
        this.season = season;
        this.asked = asked;
        this.before = season.to(asked);
    }

    /** What a source of pollen is, and so what can be done about it. */
    public enum Source {
        OWN,
        NEIGHBOUR,
        /** Grows by itself on a verge or in a hedge: nobody is asked, it is mown. */
        WILD,
        /** Nobody knows what grows there: it is looked at, and noted. */
        UNKNOWN,
        VOLUNTEERS
    }

    /**
     * What is known of a stand beyond its pollen.
     *
     * @param source whose it is
     * @param plants that stand there
     * @param sown whether it is sown already; then it cannot wait for another year
     * @param from the day from which it is on the ground it seeds on
     * @param planted whether it is on the ground it seeds on; then it cannot be moved or put off
     * @param shifted the stand sown so many days later, where it may be and would still ripen before the frost
     * @param lifted day on which what is planted could be lifted and planted elsewhere; none where it cannot
     * @param lastUseful last day on which a flower may open whose seed ripens here; none where none is too late
     * @param worth of all its seed, in hours of work
     * @param seedLasts whether seed of it is stored that germinates in the season after
     */
    public record Known(
            Source source,
            int plants,
            LocalDate from,
            boolean sown,
            boolean planted,
            IntFunction<Optional<Stand>> shifted,
            Optional<LocalDate> lifted,
            Optional<LocalDate> lastUseful,
            double worth,
            boolean seedLasts) {
        public Known {
            Range.of(1, 1e7, "plants").check("plants", plants);
            Range.of(0, 1e9, "h").check("worth", worth);
        }

        /** What is not the farm's own to plan: it is neither moved nor sown otherwise. */
        public static Known fixed(Source source, int plants, LocalDate from) {
            return new Known(
                    source,
                    plants,
                    from,
                    true,
                    true,
                    days -> Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    WayOut.Cost.A_CROP_HOURS,
                    false);
        }
    }

    /**
     * @param asked the seed crop, by its place among the stands
     * @param known of every stand, in the same order
     * @param free ground that is free for it
     * @param today nothing is offered for days that are over
     */
    public static List<WayOut> of(
            SeasonThreats season, int asked, List<Known> known, List<Site> free, LocalDate today) {
        WaysOut ways = new WaysOut(season, asked);
        if (ways.before.verdict() == Verdict.CLEAR) {
            return List.of();
        }
        Steps steps = new Steps(season, asked, ways.before, known, free, today);
        List<Tried> partly = new ArrayList<>();
        for (Possible step : steps.all()) {
            Tried tried = ways.tried(step);
            Optional<WayOut> way = ways.weigh(tried);
            way.ifPresent(ways.ways::add);
            if (way.filter(found -> found.verdict() == Verdict.CLEAR).isEmpty()) {
                partly.add(tried);
            }
        }
        steps.smallest(step -> ways.weigh(ways.tried(step))).forEach(ways.ways::add);
        steps.shiftsTogether().forEach(step -> partly.add(ways.tried(step)));
        ways.together(partly);
        ways.ways.sort(WayOut.BEST_FIRST);
        return List.copyOf(ways.ways);
    }

    /**
     * A step, or several together, and what comes of it.
     *
     * @param touched threats to every seed crop it touches, and {@code after} to the one that was asked about
     */
    private record Tried(Possible done, Map<Integer, Threats> touched, Threats after) {}

    private Tried tried(Possible done) {
        Map<Integer, Threats> touched = season.with(done.then(season.stands()));
        return new Tried(done, touched, touched.getOrDefault(asked, before));
    }

    /** Two steps that do together what neither does alone; three where two are not enough. */
    private void together(List<Tried> partly) {
        List<Possible> tried = worthTrying(partly);
        List<WayOut> sets = new ArrayList<>();
        Consumer<Possible> weighed = set -> better(set).ifPresent(sets::add);
        eachSet(tried, 2, weighed);
        if (sets.stream().noneMatch(set -> set.verdict() == Verdict.CLEAR)) {
            eachSet(tried.subList(0, Math.min(TRIED_BY_THREE, tried.size())), 3, weighed);
        }
        sets.sort(WayOut.BEST_FIRST);
        Map<Set<Integer>, WayOut> best = new LinkedHashMap<>();
        sets.forEach(set ->
                best.putIfAbsent(set.steps().stream().map(WayOut.Step::stand).collect(Collectors.toSet()), set));
        best.values().stream().limit(SETS).forEach(ways::add);
    }

    /** Every set of so many steps that can be taken in one season. */
    private static void eachSet(List<Possible> steps, int many, Consumer<Possible> each) {
        for (int i = 0; i < steps.size(); i++) {
            extended(steps.get(i), steps.subList(i + 1, steps.size()), many - 1, each);
        }
    }

    private static void extended(Possible begun, List<Possible> rest, int more, Consumer<Possible> each) {
        if (more == 0) {
            each.accept(begun);
            return;
        }
        for (int i = 0; i < rest.size(); i++) {
            if (begun.goesWith(rest.get(i))) {
                extended(begun.and(rest.get(i)), rest.subList(i + 1, rest.size()), more - 1, each);
            }
        }
    }

    /** A set that comes to a better verdict than it is, and than any way that costs no more and keeps the crop. */
    private Optional<WayOut> better(Possible set) {
        if (set.steps().size() > 3) {
            return Optional.empty();
        }
        return weigh(tried(set))
                .filter(way -> way.verdict().compareTo(before.verdict()) < 0)
                .filter(way -> ways.stream()
                        .noneMatch(single -> keepsTheCrop(single)
                                && single.verdict().compareTo(way.verdict()) <= 0
                                && single.cost().inHours() <= way.cost().inHours()));
    }

    private boolean keepsTheCrop(WayOut way) {
        return way.steps().stream().noneMatch(step -> step.stand() == asked && step.way() instanceof Way.AnotherYear);
    }

    /** What brings the estimate down without harm: the cheapest, and of moves the truest. */
    private List<Possible> worthTrying(List<Tried> partly) {
        List<Possible> truestFirst = partly.stream()
                .filter(one -> one.after().crossing() <= before.crossing() * WORTH_A_STEP
                        || helps(one).findAny().isPresent())
                .filter(one -> !harms(one))
                .sorted(Comparator.comparingDouble(one -> one.after().crossing()))
                .map(Tried::done)
                .toList();
        return Stream.of(
                        truestFirst.stream().filter(WaysOut::isMove).limit(OF_A_KIND_TRIED),
                        truestFirst.stream().filter(WaysOut::isShift).limit(OF_A_KIND_TRIED),
                        truestFirst.stream().filter(step -> !isMove(step) && !isShift(step)))
                .flatMap(Function.identity())
                .sorted(Comparator.comparingDouble(step -> step.cost().inHours()))
                .limit(TRIED_BY_TWO)
                .toList();
    }

    private static boolean isMove(Possible step) {
        return step.way() instanceof Way.Move || step.way() instanceof Way.LiftAndReplant;
    }

    private static boolean isShift(Possible step) {
        return step.way() instanceof Way.Shift;
    }

    private Optional<WayOut> weigh(Tried tried) {
        Possible done = tried.done();
        Threats after = tried.after();
        List<Integer> helps = helps(tried).map(Threat::source).toList();
        boolean inVain = done.way() instanceof Way.LowerGrade && after.verdict() == before.verdict();
        return helps.isEmpty() || inVain || harms(tried)
                ? Optional.empty()
                : Optional.of(new WayOut(done.steps(), done.cost(), after.verdict(), after.crossing(), helps));
    }

    /** Whether any seed crop would be worse, this one among them. */
    private boolean harms(Tried tried) {
        boolean others = tried.touched().entrySet().stream()
                .filter(entry -> entry.getKey() != asked)
                .anyMatch(entry -> season.worsens(entry.getKey(), entry.getValue()));
        return others
                || tried.after().verdict().compareTo(before.verdict()) > 0
                || before.worstFirst().stream()
                        .anyMatch(threat ->
                                verdictOf(tried.after(), threat.source()).compareTo(threat.verdict()) > 0);
    }

    /** The threats that are less then; what is only promised is less where much of its pollen need not come. */
    private Stream<Threat> helps(Tried tried) {
        return before.worstFirst().stream()
                .filter(threat -> verdictOf(tried.after(), threat.source()).compareTo(threat.verdict()) < 0
                        || isPromised(tried.done(), threat.source())
                                && crossingOf(tried.after(), threat.source()) < threat.crossing() * WORTH_ASKING);
    }

    private static boolean isPromised(Possible done, int source) {
        return done.steps().stream()
                .anyMatch(step -> step.stand() == source
                        && (step.way() instanceof Way.AskNeighbour || step.way() instanceof Way.Mow));
    }

    private static double crossingOf(Threats threats, int source) {
        return from(threats, source).map(Threat::crossing).orElse(0.0);
    }

    private static Verdict verdictOf(Threats threats, int source) {
        return from(threats, source).map(Threat::verdict).orElse(Verdict.CLEAR);
    }

    private static Optional<Threat> from(Threats threats, int source) {
        return threats.worstFirst().stream()
                .filter(threat -> threat.source() == source)
                .findFirst();
    }
}
