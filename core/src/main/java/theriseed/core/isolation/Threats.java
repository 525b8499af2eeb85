package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomOverlap;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;

/**
 * Everything known that could cross a seed crop, worst first, and what it comes to. Unseen gardens, wild relatives and
 * volunteers are not in it.
 */
public final class Threats {
    private final List<Threat> threats;
    private final double crossing;

    private Threats(List<Threat> threats, double crossing) {
        this.threats = List.copyOf(threats);
        this.crossing = crossing;
    }

    /**
     * @param recipient the stand seed is saved from
     * @param sources every other stand of the same season, own and neighbours'; those that cannot cross are left out
     */
    public static Threats to(Stand recipient, Grade grade, List<Stand> sources) {
        double asked = recipient.crop().isolation().orElseThrow().of(grade);
        List<Threat> found = new ArrayList<>();
        double untouched = 1;
        for (int i = 0; i < sources.size(); i++) {
            Stand source = sources.get(i);
            double compatibility = recipient.crop().takesPollenOf(source.crop());
            boolean sameVariety = recipient.crop().key().equals(source.crop().key())
                    && recipient.variety().equals(source.variety());
            if (compatibility > 0 && !sameVariety) {
                Threat threat = weigh(i, recipient, source, grade, asked, compatibility);
                untouched *= 1 - threat.crossing();
                found.add(threat);
            }
        }
        double together = Math.min(1 - untouched, recipient.crop().naturalOutcrossing());
        List<Threat> judged = new ArrayList<>(found.stream()
                .map(threat -> judgedByAll(threat, together, grade, sources.get(threat.source())))
                .toList());
        judged.sort(Threat.WORST_FIRST);
        return new Threats(judged, together);
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

    private static Threat weigh(
            int index, Stand recipient, Stand source, Grade grade, double asked, double compatibility) {
        double metres = recipient.place().metresTo(source.place());
        double error =
                Range.of(0, 500, "m").check("position error", recipient.positionError() + source.positionError());
        DistanceCheck distance = new DistanceCheck(metres, error, asked);
        Meeting meeting = Meeting.of(recipient.bloom(), source.bloom());
        int margin =
                Math.max(grade.daysApart(), BloomForecast.margin(BloomForecast.SPREAD_DAYS, BloomForecast.SPREAD_DAYS));
        boolean closed = !source.control().sheds() || !recipient.control().takes();
        double crossing = closed
                ? 0
                : flow(recipient)
                        .from(
                                new PollenFlow.Source(metres, source.area(), meeting.weight(), 0, compatibility),
                                recipient.area());
        Verdict verdict;
        Threat.Why why;
        if (!source.control().sheds()) {
            verdict = Verdict.CLEAR;
            why = Threat.Why.SHEDS_NOTHING;
        } else if (!recipient.control().takes()) {
            verdict = Verdict.CLEAR;
            why = Threat.Why.TAKES_NOTHING;
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
        return new Threat(
                index,
                metres,
                asked,
                meeting.daysTogether(),
                meeting.daysApart(),
                margin,
                crossing,
                compatibility,
                verdict,
                why);
    }

    /** Too near is let pass as tight while all sources together stay within the grade, or the report is not sure. */
    private static Threat judgedByAll(Threat threat, double together, Grade grade, Stand source) {
        if (threat.why() != Threat.Why.TOO_NEAR) {
            return threat;
        }
        if (together <= grade.crossingAllowed()) {
            return because(threat, Threat.Why.ESTIMATE_WITHIN_GRADE);
        }
        return source.sure() ? threat : because(threat, Threat.Why.UNSURE_REPORT);
    }

    private static Threat because(Threat threat, Threat.Why why) {
        return new Threat(
                threat.source(),
                threat.metres(),
                threat.asked(),
                threat.daysTogether(),
                threat.daysApart(),
                threat.margin(),
                threat.crossing(),
                threat.compatibility(),
                Verdict.TIGHT,
                why);
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
