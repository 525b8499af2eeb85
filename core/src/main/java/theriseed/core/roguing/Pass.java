package theriseed.core.roguing;

import java.util.List;
import theriseed.core.measure.Range;

/**
 * One walk of a stage, as far as it tells what still stands.
 *
 * @param lookedAt plants, at least 1
 * @param offTypes found among them, 0 to lookedAt
 * @param gone of them pulled, 0 to offTypes
 * @param recognised chance that whoever walked recognises an off-type, above 0 to 1
 * @param rows that were walked, numbered from 1; empty where nobody noted which
 * @param rowsInAll rows of the stand as they were counted then, at least 1
 * @param others whether somebody noted that these plants were looked at by no earlier walk of the stage; counts only where
 *     the rows are not known
 */
public record Pass(
        int lookedAt, int offTypes, int gone, double recognised, List<Integer> rows, int rowsInAll, boolean others) {
    /** Chance that a practised eye recognises an off-type it looks at, until it was measured. */
    public static final double USUALLY_RECOGNISED = 0.9;

    public Pass {
        Range.of(1, 1e6, "plants").check("lookedAt", lookedAt);
        Range.of(0, lookedAt, "plants").check("offTypes", offTypes);
        Range.of(0, offTypes, "plants").check("pulled", gone);
        Range.above(0, 1, "").check("recognised", recognised);
        Range.of(1, 1e6, "rows").check("rowsInAll", rowsInAll);
        for (int row : rows) {
            Range.of(1, rowsInAll, "row").check("rows", row);
        }
        rows = rowsInAll == 1 ? List.of() : List.copyOf(rows);
    }

    /** A walk of which nobody noted the rows. */
    public static Pass of(int lookedAt, int offTypes, int gone, double recognised) {
        return new Pass(lookedAt, offTypes, gone, recognised, List.of(), 1, false);
    }

    /** The same through plants that no earlier walk of the stage looked at. */
    public Pass throughOthers() {
        return new Pass(lookedAt, offTypes, gone, recognised, rows, rowsInAll, true);
    }
}
