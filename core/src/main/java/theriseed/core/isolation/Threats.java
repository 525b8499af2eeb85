package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import theriseed.core.bloom.BloomOverlap;
import theriseed.core.bloom.BloomSpread;
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

    /** Beyond the distance asked a source is left out that adds at most this share of what the grade allows. */
    private static final double HARDLY_ADDS = 0.002;

    /** Sources that add so much of what the smallest that matters adds are told with it. */
    private static final double ALIKE = 0.5;

    private final Stand recipient;
    private final Map<Integer, Weighed> weighed;
    private final List<Threat> threats;
    private final double crossing;
    private final double unkept;
    private final TooMuch tooMuch;

    /** A threat before all are seen together, and the stand it comes from. */
    private record Weighed(Threat threat, Stand source) {}

    private Threats(Stand recipient, Map<Integer, Weighed> weighed) {
        this.recipient = recipient;
        this.weighed = weighed;
        List<Threat> each = weighed.values().stream().map(Weighed::threat).toList();
        this.crossing = together(each.stream().mapToDouble(Threat::crossing));
        this.unkept = together(each.stream().mapToDouble(Threat::unkept));
        this.tooMuch = tooMuch(each);
        List<Threat> judged = new ArrayList<>(each.size());
        each.forEach(one -> judged.add(judgedByAll(one)));
        judged.sort(Threat.WORST_FIRST);
        this.threats = List.copyOf(judged);
    }

    private double together(DoubleStream shares) {
        return PollenFlow.together(shares, recipient.crop().naturalOutcrossing());
    }

    private double allowed() {
        return recipient.grade().orElseThrow().crossingAllowed();
    }

    /** Sources that each are far enough or apart, and together too much. */
    private record TooMuch(Verdict verdict, double from) {
        static final TooMuch NOT = new TooMuch(Verdict.CLEAR, Double.MAX_VALUE);
    }

    /**
     * More than the grade allows is tight within the band of the estimate, and crosses beyond it. Those are meant without
     * which it would not be too much, and others as large.
     */
    private TooMuch tooMuch(List<Threat> each) {
        double[] shares = each.stream()
                .filter(threat -> threat.why() != Threat.Why.TOO_NEAR)
                .mapToDouble(Threat::crossing)
                .sorted()
                .toArray();
        double all = together(Arrays.stream(shares));
        if (all <= allowed()) {
            return TooMuch.NOT;
        }
        int smallest = -1;
        double untouched = 0;
        while (-Math.expm1(untouched) <= allowed()) {
            smallest++;
            untouched += Math.log1p(-shares[smallest]);
        }
        return new TooMuch(
                all > PollenFlow.BAND * allowed() ? Verdict.CROSSES : Verdict.TIGHT, shares[smallest] * ALIKE);
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
        Barriers.Around around = barriers.around(recipient.site());
        Map<Integer, Weighed> weighed = new TreeMap<>();
        sources.forEach((number, source) ->
                weigh(number, recipient, source, scale, around).ifPresent(one -> weighed.put(number, one)));
        return weighed;
    }

    /** The same when one of the sources is otherwise, or none any more. */
    Threats with(int number, Optional<Stand> source, Barriers barriers) {
        Map<Integer, Weighed> now = new TreeMap<>(weighed);
        now.remove(number);
        source.flatMap(stand -> weigh(number, recipient, stand, Scale.of(recipient), barriers.around(recipient.site())))
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

    /** The same were no promise kept. */
    public double unkept() {
        return unkept;
    }

    /**
     * What a recipient asks, calculated once for all its sources.
     *
     * @param reach metres beyond which nothing is a threat to it: neither by distance asked nor by what it would add
     */
    record Scale(Grade grade, double asked, PollenFlow flow, double depth, double reach) {
        static Scale of(Stand recipient) {
            Grade grade = recipient.grade().orElseThrow();
            double asked = recipient.crop().isolation().orElseThrow().of(grade);
            PollenFlow flow = PollenFlow.of(recipient.crop());
            return new Scale(
                    grade,
                    asked,
                    flow,
                    recipient.dropped() > 0 ? recipient.site().narrowSide() : 0,
                    Math.max(asked, flow.metresUntil(grade.crossingAllowed() * NEGLIGIBLE)));
        }

        /** Metres asked of what crosses so fully: where its estimate is what the grade allows. */
        double asked(double compatibility) {
            return compatibility == 1
                    ? asked
                    : Math.min(asked, flow.metresUntil(grade.crossingAllowed() / compatibility));
        }

        /** Whether a source at least so far away is no threat: beyond what is asked, and adding next to nothing. */
        boolean leavesOut(Stand recipient, Stand source, double metres) {
            if (metres <= asked || metres > reach) {
                return metres > asked;
            }
            double most = flow.at(metres) * PollenFlow.share(source.area(), recipient.area());
            double counts = grade.crossingAllowed() * HARDLY_ADDS;
            return most < counts || most * recipient.takesPollenOf(source) < counts;
        }
    }

    private static Optional<Weighed> weigh(
            int number, Stand recipient, Stand source, Scale scale, Barriers.Around barriers) {
        double compatibility = recipient.takesPollenOf(source);
        if (compatibility == 0) {
            return Optional.empty();
        }
        ShortestWay way = recipient.site().wayTo(source.site());
        double error = recipient.positionError() + source.positionError();
        if (scale.leavesOut(recipient, source, way.metres() - error)) {
            return Optional.empty();
        }
        double asked = scale.asked(compatibility);
        DistanceCheck distance = new DistanceCheck(way.metres(), error, asked);
        Meeting meeting = Meeting.of(recipient, source);
        int margin = Math.max(scale.grade().daysApart(), meeting.margin());
        boolean sheds = source.control().sheds();
        boolean promised = !sheds && !source.sure();
        boolean takes = recipient.control().takes();
        // Where no pollen is about, nothing is held back.
        double held = (sheds || promised) && takes && meeting.weight() > 0
                ? barriers.held(source.site(), way, scale.flow()::at)
                : 0;
        double unkept = (sheds || promised) && takes
                ? scale.flow()
                                .from(
                                        new PollenFlow.Source(
                                                way.metres(), source.area(), meeting.weight(), held, compatibility),
                                        recipient.area())
                        * behindDroppedRows(scale, way.metres(), recipient.dropped())
                : 0;
        double crossing = sheds ? unkept : 0;
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
                        asked,
                        meeting.daysTogether(),
                        meeting.daysApart(),
                        margin,
                        held,
                        crossing,
                        unkept,
                        source.sure(),
                        compatibility,
                        verdict,
                        why),
                source));
    }

    private static double behindDroppedRows(Scale scale, double metres, double dropped) {
        if (dropped == 0 || scale.depth() == 0) {
            return 1;
        }
        return scale.flow().meanBehind(metres, scale.depth(), dropped)
                / scale.flow().meanBehind(metres, scale.depth(), 0);
    }

    /** Too near is tight while all sources together stay within the grade; what is far enough, as long as they do. */
    private Threat judgedByAll(Threat threat) {
        if (threat.why() == Threat.Why.TOO_NEAR) {
            return crossing <= allowed() ? threat.judged(Verdict.TIGHT, Threat.Why.ESTIMATE_WITHIN_GRADE) : threat;
        }
        if (threat.crossing() < tooMuch.from()) {
            return threat;
        }
        return threat.judged(
                threat.verdict().worse(tooMuch.verdict()),
                threat.verdict() == Verdict.CLEAR ? Threat.Why.TOO_MUCH_TOGETHER : threat.why());
    }

    /**
     * How two blooms meet; unknown dates are taken to meet in full.
     *
     * @param margin days apart at which they surely do not meet
     * @param weight the most of the recipient's bloom that the source's may cover, over all that their dates may be
     */
    private record Meeting(int daysTogether, int daysApart, int margin, double weight) {
        static Meeting of(Stand recipient, Stand source) {
            if (recipient.bloom().isEmpty() || source.bloom().isEmpty()) {
                int days = recipient
                        .bloom()
                        .or(source::bloom)
                        .map(BloomWindow::days)
                        .orElse(1);
                return new Meeting(days, 0, 0, 1);
            }
            BloomWindow r = recipient.bloom().get();
            BloomWindow s = source.bloom().get();
            long from = Math.max(r.first().toEpochDay(), s.first().toEpochDay());
            long to = Math.min(r.last().toEpochDay(), s.last().toEpochDay());
            boolean sourceFirst = s.first().isBefore(r.first());
            return new Meeting(
                    (int) Math.max(0, to - from + 1),
                    r.daysApart(s),
                    sourceFirst
                            ? BloomSpread.margin(source.spread(), recipient.spread())
                            : BloomSpread.margin(recipient.spread(), source.spread()),
                    BloomOverlap.mostWeight(s, r, BloomSpread.between(recipient.spread(), source.spread())));
        }
    }
}
