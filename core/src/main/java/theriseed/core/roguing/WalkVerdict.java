package theriseed.core.roguing;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Fewest;

/**
 * What the walks of one stage have shown: the one judgement of a stand that the walk, its history and the gate go by.
 *
 * @param standing plants that stand after what was pulled
 * @param seen different plants that were looked at
 * @param found fewest different off-types that were among them
 * @param tolerance share of off-types the grade lets stand
 * @param none chance that no off-type stands
 * @param expected off-types to expect among what stands
 * @param most off-types that may stand at 95 %
 * @param upper the same as a share of what stands
 * @param within chance that what stands is within the tolerance
 * @param more plants nobody looked at yet, of which so many without an off-type would show it; 0 when it is shown or over,
 *     or when they would not do
 * @param passes whole walks without an off-type that would show it, where looking at more does not do; 0 when it is shown
 *     or over
 * @param nextFinds off-types that a further whole walk would find, on average
 */
public record WalkVerdict(
        int standing,
        int seen,
        int found,
        double tolerance,
        Mark mark,
        double none,
        double expected,
        int most,
        double upper,
        double within,
        int more,
        int passes,
        double nextFinds) {
    /** Shown to be within the limit, not shown yet, or shown to be over it. */
    public enum Mark {
        SHOWN,
        NOT_YET,
        OVER
    }

    private static final int MOST_PASSES = 200;

    /**
     * @param plants standing before the first walk of the stage, 1 to a million
     * @param passes in the order they were walked, at least one
     */
    public static WalkVerdict of(Grade grade, int plants, List<Pass> passes) {
        double tolerance = grade.offTypesAllowed();
        OffTypesStanding now = OffTypesStanding.after(plants, passes);
        Mark mark = mark(now, tolerance);
        boolean open = mark == Mark.NOT_YET;
        Pass last = passes.get(passes.size() - 1);
        int more = open ? more(now, plants, tolerance, passes, last) : 0;
        int most = now.most();
        double expected = now.expected();
        return new WalkVerdict(
                now.standing(),
                now.seen(),
                now.found(),
                tolerance,
                mark,
                now.none(),
                expected,
                most,
                now.standing() == 0 ? 0 : most / (double) now.standing(),
                now.within(tolerance),
                more,
                open && more == 0 ? passes(now, plants, tolerance, passes, last) : 0,
                last.recognised() * expected);
    }

    /** Share of off-types to expect among what stands, 0 to 1. */
    public double share() {
        return standing == 0 ? 0 : expected / standing;
    }

    static Mark mark(OffTypesStanding now, double tolerance) {
        if (now.within(tolerance) >= OffTypesStanding.CONFIDENCE) {
            return Mark.SHOWN;
        }
        return now.over(tolerance) ? Mark.OVER : Mark.NOT_YET;
    }

    private static int more(OffTypesStanding now, int plants, double tolerance, List<Pass> passes, Pass last) {
        int unseen = Math.min(plants - now.seen(), now.standing());
        if (unseen == 0 || !shown(plants, tolerance, passes, last, unseen, 1)) {
            return 0;
        }
        return Fewest.of(
                "plants", 1, unseen, more -> more >= unseen || shown(plants, tolerance, passes, last, more, 1));
    }

    private static int passes(OffTypesStanding now, int plants, double tolerance, List<Pass> passes, Pass last) {
        return Fewest.of(
                "passes",
                1,
                1,
                times -> times >= MOST_PASSES || shown(plants, tolerance, passes, last, now.standing(), times));
    }

    /** Whether so many more walks through so many plants, others first, that find nothing would show it. */
    private static boolean shown(int plants, double tolerance, List<Pass> passes, Pass last, int lookedAt, int times) {
        Pass next = Pass.of(lookedAt, 0, 0, last.recognised()).throughOthers();
        List<Pass> all = Stream.concat(passes.stream(), Collections.nCopies(times, next).stream())
                .toList();
        return OffTypesStanding.after(plants, all).within(tolerance) >= OffTypesStanding.CONFIDENCE;
    }
}
