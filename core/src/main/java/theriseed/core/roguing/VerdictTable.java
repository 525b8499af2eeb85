package theriseed.core.roguing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * The verdicts of every count a walk may come to, calculated before it sets out, for places without a signal. Exact in what
 * is shown, not shown or over; upper limits stand at some numbers of plants, between which 1/plants is near to a straight
 * line.
 *
 * @param tolerance share the grade lets pass
 * @param stand plants standing
 * @param letPass off-types a stand that was looked at whole may hold
 * @param at numbers of plants looked at for which {@code upper} is given, rising to the stand
 * @param rows one for each number of off-types, from none on
 */
public record VerdictTable(double tolerance, int stand, int letPass, List<Integer> at, List<Row> rows) {
    private static final int MOST_OFF_TYPES = 40;
    private static final double STEP = 1.2;

    /**
     * Verdicts for one number of off-types.
     *
     * @param shownFrom fewest plants looked at that show the stand to be within the limit; the stand at most
     * @param overUpTo most plants looked at that still show it to be over; 0 for none
     * @param upper 95 % upper limits
     * @param overlooked chance that one more still stands when every plant was looked at
     */
    public record Row(int shownFrom, int overUpTo, List<Double> upper, double overlooked) {}

    /** @param stand plants standing, 1 to a million */
    public static VerdictTable of(Grade grade, int stand) {
        Range.of(1, 1e6, "plants").check("stand", stand);
        double tolerance = grade.offTypesAllowed();
        List<Integer> at = new ArrayList<>();
        for (int plants = 1; plants < stand; plants = Math.max(plants + 1, (int) (plants * STEP))) {
            at.add(plants);
        }
        at.add(stand);
        List<Row> rows = IntStream.rangeClosed(0, Math.min(MOST_OFF_TYPES, stand))
                .mapToObj(offTypes -> row(offTypes, tolerance, stand, at))
                .toList();
        return new VerdictTable(tolerance, stand, (int) Math.floor(tolerance * stand + 1e-9), List.copyOf(at), rows);
    }

    private static Row row(int offTypes, double tolerance, int stand, List<Integer> at) {
        int enough = InspectionPlan.plants(tolerance, OffTypeLimit.CONFIDENCE, offTypes, 1);
        List<Double> upper = at.stream()
                .map(plants -> plants <= offTypes ? 1 : Chance.upperLimit(offTypes, plants, OffTypeLimit.CONFIDENCE))
                .toList();
        return new Row(
                Math.min(enough, stand), over(offTypes, tolerance, stand), upper, WalkVerdict.overlooked(offTypes));
    }

    /** The lower limit falls as more plants are looked at. */
    private static int over(int offTypes, double tolerance, int stand) {
        int low = offTypes - 1;
        int high = stand;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            boolean over = offTypes > 0
                    && middle >= offTypes
                    && Chance.lowerLimit(offTypes, middle, OffTypeLimit.CONFIDENCE) > tolerance;
            if (over) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return Math.max(0, low < offTypes ? 0 : low);
    }
}
