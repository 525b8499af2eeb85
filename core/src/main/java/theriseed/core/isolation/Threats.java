package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomOverlap;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Grade;
import theriseed.core.ground.ShortestWay;

/**
 * Everything known that could cross a seed crop, worst first, and what it comes to. Unseen gardens and wild relatives
 * nobody noted are not in it.
 */
public final class Threats {
    /** A source is left out where even a large one would add less than this share of what the grade allows. */
    private static final double NEGLIGIBLE = 0.01;

    private final Stand recipient;
    private final Map<Integer, Weighed> weighed;
    private final List<Threat> threats;
    private final double crossing;

    /** A threat before all are seen together, and the stand it comes from. */
    private record Weighed(Threat threat, Stand source) {}

    private Threats(Stand recipient, Map<Integer, Weighed> weighed) {
        this.recipient = recipient;
        this.weighed = weighed;
        double untouched = 1;
        for (Weighed one : weighed.values()) {
            untouched *= 1 - one.threat().crossing();
        }
        this.crossing = Math.min(1 - untouched, recipient.crop().naturalOutcrossing());
        List<Threat> judged = new ArrayList<>(weighed.size());
        weighed.values().forEach(one -> judged.add(judgedByAll(one)));
        judged.sort(Threat.WORST_FIRST);
        this.threats = List.copyOf(judged);
    }

    /**
     * @param recipient the stand seed is saved from; its grade decides
     * @param sources every other stand of the same season by a number of its own; those that cannot cross are left out
     */
    static Threats to(Stand recipient, Map<Integer, Stand> sources, Barriers barriers) {
        return new Threats(recipient, weighed(recipient, sources, barriers));
    }

    private static Map<Integer, Weighed> weighed(Stand recipient, Map<Integer, Stand> sources, Barriers barriers) {
        Scale scale = Scale.of(recipient);
        Map<Integer, Weighed> weighed = new TreeMap<>();
        sources.forEach((number, source) ->
                weigh(number, recipient, source, scale, barriers).ifPresent(one -> weighed.put(number, one)));
        return weighed;
    }

    /** The same when one of the sources is otherwise, or none any more. */
    Threats with(int number, Optional<Stand> source, Barriers barriers) {
        Map<Integer, Weighed> now = new TreeMap<>(weighed);
        now.remove(number);
        source.flatMap(stand -> weigh(number, recipient, stand, Scale.of(recipient), barriers))
                .ifPresent(one -> now.put(number, one));
        return new Threats(recipient, now);
    }

    /**
     * The same stand among others that are mostly the same.
     *
     * @param numbers of the stands now, by what they were; below 0 for those that are gone
     * @param others stands that were not there, or stood otherwise, by their numbers now
     */
    Threats among(int[] numbers, Map<Integer, Stand> others, Barriers barriers) {
        Map<Integer, Weighed> added = weighed(recipient, others, barriers);
        if (added.isEmpty() && weighed.keySet().stream().allMatch(number -> numbers[number] == number)) {
            return this;
        }
        weighed.forEach((was, one) -> {
            if (numbers[was] >= 0) {
                added.put(numbers[was], new Weighed(one.threat().from(numbers[was]), one.source()));
            }
        });
        return new Threats(recipient, added);
    }

    /** The same for seed of a lower grade. */
    Threats at(Grade lower, Barriers barriers) {
        Map<Integer, Stand> sources = new TreeMap<>();
        weighed.forEach((number, one) -> sources.put(number, one.source()));
        return to(recipient.savedAs(lower), sources, barriers);
    }

    /** Metres beyond which nothing is a threat to this stand: neither by distance asked nor by what it would add. */
    static double reach(Stand recipient) {
        return Scale.of(recipient).reach();
    }

    public List<Threat> worstFirst() {
        return threats;
    }

    /** The verdict of the worst; clear when there is none. */
    public Verdict verdict() {
        return worst().map(Threat::verdict).orElse(Verdict.CLEAR);
    }

    public Optional<Threat> worst() {
        return threats.stream().findFirst();
    }

    /** Estimated share of seed crossed by all of them together; read it times and divided by three. */
    public double crossing() {
        return crossing;
    }

    /** What a recipient asks, calculated once for all its sources. */
    private record Scale(Grade grade, double asked, PollenFlow flow, double depth) {
        static Scale of(Stand recipient) {
            Grade grade = recipient.grade().orElseThrow();
            return new Scale(
                    grade,
                    recipient.crop().isolation().orElseThrow().of(grade),
                    Threats.flow(recipient),
                    recipient.dropped() > 0 ? recipient.site().narrowSide() : 0);
        }

        double reach() {
            return Math.max(asked, flow.metresUntil(grade.crossingAllowed() * NEGLIGIBLE));
        }
    }

    private static Optional<Weighed> weigh(int number, Stand recipient, Stand source, Scale scale, Barriers barriers) {
        double compatibility = recipient.takesPollenOf(source);
        if (compatibility == 0) {
            return Optional.empty();
        }
        ShortestWay way = recipient.site().wayTo(source.site());
        double error = recipient.positionError() + source.positionError();
        if (way.metres() - error > scale.reach()) {
            return Optional.empty();
        }
        DistanceCheck distance = new DistanceCheck(way.metres(), error, scale.asked());
        Meeting meeting = Meeting.of(recipient.bloom(), source.bloom());
        int margin = Math.max(scale.grade().daysApart(), BloomForecast.margin(recipient.spread(), source.spread()));
        boolean sheds = source.control().sheds();
        boolean takes = recipient.control().takes();
        double held = sheds && takes ? barriers.held(way) : 0;
        double crossing = sheds && takes
                ? scale.flow()
                                .from(
                                        new PollenFlow.Source(
                                                way.metres(), source.area(), meeting.weight(), held, compatibility),
                                        recipient.area())
                        * behindDroppedRows(scale, way.metres(), recipient.dropped())
                : 0;
        Verdict verdict;
        Threat.Why why;
        if (!takes) {
            verdict = Verdict.CLEAR;
            why = Threat.Why.TAKES_NOTHING;
        } else if (!sheds) {
            verdict = source.sure() ? Verdict.CLEAR : Verdict.TIGHT;
            why = source.sure() ? Threat.Why.SHEDS_NOTHING : Threat.Why.UNSURE_REPORT;
        } else if (distance.enough()) {
            verdict = Verdict.CLEAR;
            why = Threat.Why.FAR_ENOUGH;
        } else if (meeting.daysTogether() == 0 && meeting.daysApart() >= margin) {
            verdict = source.sure() ? Verdict.CLEAR : Verdict.TIGHT;
            why = source.sure() ? Threat.Why.APART_IN_TIME : Threat.Why.UNSURE_REPORT;
        } else if (!distance.tooClose()) {
            verdict = Verdict.TIGHT;
            why = Threat.Why.WITHIN_POSITION_ERROR;
        } else if (meeting.daysTogether() == 0) {
            verdict = Verdict.TIGHT;
            why = Threat.Why.HARDLY_APART_IN_TIME;
        } else {
            verdict = Verdict.CROSSES;
            why = Threat.Why.TOO_NEAR;
        }
        return Optional.of(new Weighed(
                new Threat(
                        number,
                        way.metres(),
                        scale.asked(),
                        meeting.daysTogether(),
                        meeting.daysApart(),
                        margin,
                        held,
                        crossing,
                        compatibility,
                        verdict,
                        why),
                source));
    }

    private static double behindDroppedRows(Scale scale, double metres, double dropped) {
        if (dropped == 0) {
            return 1;
        }
        return scale.flow().meanBehind(metres, scale.depth(), dropped)
                / scale.flow().meanBehind(metres, scale.depth(), 0);
    }

    /** Too near counts as tight while all sources together stay within the grade, or the report is not sure. */
    private Threat judgedByAll(Weighed one) {
        if (one.threat().why() != Threat.Why.TOO_NEAR) {
            return one.threat();
        }
        if (crossing <= recipient.grade().orElseThrow().crossingAllowed()) {
            return one.threat().tightBecause(Threat.Why.ESTIMATE_WITHIN_GRADE);
        }
        return one.source().sure() ? one.threat() : one.threat().tightBecause(Threat.Why.UNSURE_REPORT);
    }

    private static PollenFlow flow(Stand recipient) {
        double outcrossing = recipient.crop().naturalOutcrossing();
        return PollenFlow.calibrated(
                outcrossing,
                Math.min(PollenFlow.TARGET, outcrossing / 2),
                recipient.crop().isolation().orElseThrow().market(),
                PollenFlow.USUAL_SHAPE);
    }

    /** How two blooms meet; unknown dates are taken to meet in full. */
    private record Meeting(int daysTogether, int daysApart, double weight) {
        static Meeting of(Optional<BloomWindow> recipient, Optional<BloomWindow> source) {
            if (recipient.isEmpty() || source.isEmpty()) {
                return new Meeting(
                        recipient.or(() -> source).map(BloomWindow::days).orElse(1), 0, 1);
            }
            BloomWindow r = recipient.get();
            BloomWindow s = source.get();
            long from = Math.max(r.first().toEpochDay(), s.first().toEpochDay());
            long to = Math.min(r.last().toEpochDay(), s.last().toEpochDay());
            int together = (int) Math.max(0, to - from + 1);
            return new Meeting(together, r.daysApart(s), together == 0 ? 0 : BloomOverlap.weight(s, r));
        }
    }
}
