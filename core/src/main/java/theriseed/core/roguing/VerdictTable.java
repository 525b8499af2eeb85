package theriseed.core.roguing;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Fewest;
import theriseed.core.roguing.WalkVerdict.Mark;

/**
 * The verdicts of every count a walk may come to, calculated before it sets out, for places without a signal. Off-types are
 * taken to be pulled. Exact in what is shown, not shown or over; how many may stand is given at some numbers of plants, from
 * each of which on no more may.
 *
 * @param tolerance share the grade lets stand
 * @param standing plants when the walk sets out
 * @param seen of them that the stage's walks looked at before
 * @param reach plants of this walk that are counted: those not looked at before, or all where it walks the same again
 * @param at numbers of plants looked at for which {@code most} is given, rising to the reach
 * @param rows one for each number of off-types, from none on
 */
public record VerdictTable(double tolerance, int standing, int seen, int reach, List<Integer> at, List<Row> rows) {
    private static final int MOST_OFF_TYPES = 15;
    private static final double STEP = 1.6;

    /**
     * Verdicts for one number of off-types.
     *
     * @param shownFrom fewest plants looked at that show what stands to be within the limit; 0 where this walk cannot
     * @param overUpTo most plants looked at that still show it to be over; 0 for none
     * @param most off-types that may still stand, at 95 %
     */
    public record Row(int shownFrom, int overUpTo, List<Integer> most) {}

    /**
     * @param plants standing before the first walk of the stage, 1 to a million
     * @param before walks of the stage
     * @param recognised chance that whoever walks recognises an off-type, above 0 to 1
     * @param others whether the walk goes through plants not looked at before, else through the same again
     */
    public static VerdictTable of(Grade grade, int plants, List<Pass> before, double recognised, boolean others) {
        OffTypesStanding now = OffTypesStanding.after(plants, before);
        int reach = others ? Math.min(now.standing(), plants - now.seen()) : now.standing();
        SortedSet<Integer> at = new TreeSet<>();
        for (int looked = 1; looked <= reach; looked = Math.max(looked + 1, (int) (looked * STEP))) {
            at.add(looked);
            at.add(reach - looked + 1);
        }
        Walk walk = new Walk(grade.offTypesAllowed(), plants, before, recognised, others, reach);
        List<Row> rows = IntStream.rangeClosed(0, Math.min(MOST_OFF_TYPES, reach))
                .filter(offTypes -> reach > 0)
                .mapToObj(offTypes -> walk.row(offTypes, List.copyOf(at)))
                .toList();
        return new VerdictTable(grade.offTypesAllowed(), now.standing(), now.seen(), reach, List.copyOf(at), rows);
    }

    private record Walk(double tolerance, int plants, List<Pass> before, double recognised, boolean others, int reach) {
        Row row(int offTypes, List<Integer> at) {
            int fewest = Math.max(1, offTypes);
            int shownFrom = mark(offTypes, reach) != Mark.SHOWN
                    ? 0
                    : Fewest.of("plants", fewest, reach, looked -> mark(offTypes, looked) == Mark.SHOWN);
            int overUpTo = mark(offTypes, reach) == Mark.OVER
                    ? reach
                    : Fewest.of("plants", fewest, reach, looked -> mark(offTypes, looked) != Mark.OVER) - 1;
            return new Row(shownFrom, overUpTo < fewest ? 0 : overUpTo, most(offTypes, at));
        }

        /** The more are looked at the fewer may still stand. */
        private List<Integer> most(int offTypes, List<Integer> at) {
            List<Integer> all = new ArrayList<>();
            int most = plants;
            for (int looked : at) {
                most = standing(offTypes, Math.max(offTypes, looked)).most(most);
                all.add(most);
            }
            return List.copyOf(all);
        }

        private Mark mark(int offTypes, int looked) {
            return WalkVerdict.mark(standing(offTypes, looked), tolerance);
        }

        private OffTypesStanding standing(int offTypes, int looked) {
            Pass now = Pass.of(looked, offTypes, offTypes, recognised);
            return OffTypesStanding.after(
                    plants,
                    Stream.concat(before.stream(), Stream.of(others ? now.throughOthers() : now))
                            .toList());
        }
    }
}
