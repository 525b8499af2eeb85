package theriseed.core.isolation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.ground.Site;
import theriseed.core.isolation.WayOut.Cost;
import theriseed.core.pollination.FlowerNeed;

/**
 * The ways out for a seed crop that is not clear. A way is offered only when it helps against a threat and makes no other
 * seed crop worse. Hours are those of {@link KeepingHours}.
 */
public final class WaysOut {
    private static final int FARTHEST_SHIFT_DAYS = 75;

    /** A neighbour is asked where at most this share of their pollen has come already. */
    private static final double WORTH_ASKING = 0.5;

    private final SeasonThreats season;
    private final int asked;
    private final Stand own;
    private final Threats before;
    private final LocalDate today;
    private final List<WayOut> ways = new ArrayList<>();

    private WaysOut(SeasonThreats season, int asked, LocalDate today) {
        this.season = season;
        this.asked = asked;
        this.own = season.stands().get(asked);
        this.before = season.to(asked);
        this.today = today;
    }

    /** What a source of pollen is, and so what can be done about it. */
    public enum Source {
        OWN,
        NEIGHBOUR,
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
     */
    public record Known(
            Source source,
            int plants,
            LocalDate from,
            boolean sown,
            boolean planted,
            IntFunction<Optional<Stand>> shifted) {}

    /**
     * @param asked the seed crop, by its place among the stands
     * @param known of every stand, in the same order
     * @param free ground that is free for it
     * @param today nothing is offered for days that are over
     */
    public static List<WayOut> of(
            SeasonThreats season, int asked, List<Known> known, List<Site> free, LocalDate today) {
        WaysOut ways = new WaysOut(season, asked, today);
        if (ways.before.verdict() == Verdict.CLEAR) {
            return List.of();
        }
        ways.lessSeed();
        if (!ways.over()) {
            ways.itself(known.get(asked), free);
            ways.before.worstFirst().stream()
                    .filter(threat -> threat.verdict() != Verdict.CLEAR)
                    .forEach(threat -> ways.theOther(threat.source(), known.get(threat.source())));
        }
        ways.ways.sort(WayOut.BEST_FIRST);
        return List.copyOf(ways.ways);
    }

    /** Whether its own bloom is past: then no pollen can be kept away any more. */
    private boolean over() {
        return own.bloom().filter(bloom -> bloom.last().isBefore(today)).isPresent();
    }

    /** What still helps when the pollen has come: to keep less of the seed, or to ask less of it. */
    private void lessSeed() {
        dropRows();
        for (Grade grade : Grade.values()) {
            if (grade.compareTo(own.grade().orElseThrow()) < 0) {
                offer(new Way.LowerGrade(grade), asked, own.savedAs(grade), Cost.GRADE);
            }
        }
    }

    private void itself(Known known, List<Site> free) {
        if (!known.planted()) {
            for (int place = 0; place < free.size(); place++) {
                offer(new Way.Move(place), asked, own.at(free.get(place)), Cost.MOVE);
            }
            shift(asked, known);
        }
        if (!known.sown()) {
            offer(new Way.AnotherYear(), asked, own.controlled(PollenControl.NEVER_FLOWERS), Cost.SEASON);
        }
        if (own.control().takes() && own.bloom().isPresent()) {
            closeFlowers(known, own.bloom().get());
        }
    }

    private void theOther(int number, Known known) {
        Stand other = season.stands().get(number);
        LocalDate by = beforeFlower(other.bloom().isPresent() ? other : own);
        Stand gone = other.controlled(PollenControl.NEVER_FLOWERS);
        boolean inTime = !by.isBefore(today);
        switch (known.source()) {
            case OWN -> {
                boolean eaten = other.crop().eatenBeforeFlowering();
                if (eaten
                        && inTime
                        && by.isAfter(known.from())
                        && other.control().sheds()) {
                    offer(
                            new Way.EatFirst(by),
                            number,
                            gone,
                            Cost.ofSeed(other.grade().isPresent() ? 1 : 0));
                }
                if (!known.planted()) {
                    shift(number, known);
                }
                if (!known.sown()) {
                    offer(new Way.AnotherYear(), number, gone, Cost.SEASON);
                }
            }
            case NEIGHBOUR -> {
                boolean over =
                        other.bloom().map(bloom -> bloom.last().isBefore(today)).orElse(false);
                // A promise leaves it tight, but the pollen that need not come is out of the sum; what has come is not.
                if (!over && other.control().sheds()) {
                    Stand promised = inTime ? gone.surely(false) : other.blooming(until(other, today));
                    offer(
                            new Way.AskNeighbour(inTime ? by : today),
                            number,
                            promised,
                            Cost.ofWork(KeepingHours.ASKING));
                }
            }
            case VOLUNTEERS -> {
                LocalDate first = beforeFlower(own);
                if (!first.isBefore(today)) {
                    double hours = KeepingHours.hoeing(own.site().squareMetres());
                    offer(new Way.PullVolunteers(first), number, gone.surely(true), Cost.ofWork(hours));
                }
            }
        }
    }

    /** What is left of a bloom that is cut short on a day; where its days are not known, of one that may go on. */
    private static Optional<BloomWindow> until(Stand stand, LocalDate day) {
        return stand.bloom().map(bloom -> bloom.first().isAfter(day) ? bloom : new BloomWindow(bloom.first(), day));
    }

    private void closeFlowers(Known known, BloomWindow bloom) {
        Crop crop = own.crop();
        if (!crop.vector().equals("wind") && !bloom.first().isBefore(today)) {
            int weeks = KeepingHours.cageWeeks(bloom);
            int introductions = KeepingHours.introductions(crop, bloom);
            offer(
                    new Way.Cage(own.area(), weeks, introductions),
                    asked,
                    own.controlled(PollenControl.caged(true)),
                    Cost.ofWork(KeepingHours.cage(own.area(), weeks, introductions)));
        }
        if (bloom.last().isBefore(today.plusDays(14))) {
            return;
        }
        if (!crop.crossesFreely() && crop.sexes().equals("perfect")) {
            int clusters = known.plants() * KeepingHours.CLUSTERS_A_PLANT;
            offer(
                    new Way.Bag(clusters),
                    asked,
                    own.controlled(PollenControl.treated(false)),
                    Cost.ofWork(KeepingHours.clusters(clusters)));
        }
        if (crop.family().equals("Cucurbitaceae")) {
            FlowerNeed need = FlowerNeed.forFruits(known.plants(), FlowerNeed.USUAL_TAKE, FlowerNeed.USUAL_RIPE);
            offer(
                    new Way.HandPollinate(need.fruits(), need.flowers(), need.perPlant(known.plants())),
                    asked,
                    own.controlled(PollenControl.treated(false)),
                    Cost.ofWork(KeepingHours.flowers(need.flowers())));
        }
    }

    /** The fewest rows that bring the estimate within the grade, if any do. */
    private void dropRows() {
        double wide = own.site().narrowSide();
        for (double metres = own.crop().betweenRows();
                metres <= wide / 3;
                metres += own.crop().betweenRows()) {
            double lost = Math.min(1, 2 * metres / wide);
            Optional<WayOut> found =
                    weigh(new Way.DropRows(metres, lost), asked, own.dropping(metres), Cost.ofSeed(lost));
            if (found.isPresent()) {
                ways.add(found.get());
                return;
            }
        }
    }

    /** The smallest shift that makes the seed crop clear; failing that, the smallest that helps at all. */
    private void shift(int number, Known known) {
        WayOut helps = null;
        for (int days = 1; days <= FARTHEST_SHIFT_DAYS; days++) {
            for (int sign : new int[] {1, -1}) {
                int by = days * sign;
                Optional<WayOut> found =
                        known.shifted().apply(by).flatMap(then -> weigh(new Way.Shift(by), number, then, Cost.NOTHING));
                if (found.isPresent() && found.get().verdict() == Verdict.CLEAR) {
                    ways.add(found.get());
                    return;
                }
                if (found.isPresent() && helps == null) {
                    helps = found.get();
                }
            }
        }
        if (helps != null) {
            ways.add(helps);
        }
    }

    private void offer(Way way, int number, Stand then, Cost cost) {
        weigh(way, number, then, cost).ifPresent(ways::add);
    }

    private Optional<WayOut> weigh(Way way, int number, Stand then, Cost cost) {
        Map<Integer, Threats> touched = season.with(number, then);
        boolean worseElsewhere = touched.entrySet().stream()
                .anyMatch(entry -> entry.getKey() != asked
                        && entry.getKey() != number
                        && season.worsens(entry.getKey(), entry.getValue()));
        boolean worseItself =
                number != asked && then.grade().isPresent() && season.worsens(number, touched.get(number));
        Threats after = touched.getOrDefault(asked, before);
        List<Integer> helps = before.worstFirst().stream()
                .filter(threat -> verdictOf(after, threat.source()).compareTo(threat.verdict()) < 0
                        || way instanceof Way.AskNeighbour
                                && threat.source() == number
                                && crossingOf(after, number) < threat.crossing() * WORTH_ASKING)
                .map(Threat::source)
                .toList();
        boolean harms = before.worstFirst().stream()
                        .anyMatch(threat -> verdictOf(after, threat.source()).compareTo(threat.verdict()) > 0)
                || after.verdict().compareTo(before.verdict()) > 0;
        return worseElsewhere || worseItself || harms || helps.isEmpty()
                ? Optional.empty()
                : Optional.of(new WayOut(way, number, cost, after.verdict(), after.crossing(), helps));
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

    /** Day before which a stand surely has no flower; today where its bloom is not known. */
    private LocalDate beforeFlower(Stand stand) {
        return stand.bloom()
                .map(bloom -> bloom.first().minusDays(stand.spread().beforeFirst()))
                .orElse(today);
    }
}
