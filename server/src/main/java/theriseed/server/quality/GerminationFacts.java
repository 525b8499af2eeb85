package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.quality.GerminationResult;
import theriseed.core.quality.SeedlingCounts;
import theriseed.server.base.Refused;

/**
 * A germination test as it is told.
 *
 * @param treatment against sleep, before it was set; may be empty
 * @param firstOn day of the first count; none when there was none
 * @param firstCounts normal seedlings of each replicate on that day
 * @param countedOn day of the last count; none while it runs
 * @param counted of each replicate on that day; empty while it runs
 */
public record GerminationFacts(
        LocalDate setOn,
        Method method,
        String treatment,
        int perReplicate,
        int replicates,
        LocalDate firstOn,
        List<Integer> firstCounts,
        LocalDate countedOn,
        List<SeedlingCounts.Replicate> counted,
        String note) {

    /** Checks what can be checked without the lot. */
    public GerminationFacts {
        Range.of(method == Method.HOME ? GerminationResult.LEAST_ON_A_SHEET : 1, 1000, "seeds")
                .check("perReplicate", perReplicate);
        if (method == Method.HOME) {
            Range.of(1, 1, "sheet").because("HOME_TEST").check("replicates", replicates);
        } else {
            Range.of(2, 100, "replicates").check("replicates", replicates);
        }
        if (firstOn != null) {
            Range.of(replicates, replicates, "replicates").check("firstCounts", firstCounts.size());
            for (int i = 0; i < replicates; i++) {
                Range.of(0, perReplicate, "seeds").check("firstCounts[" + i + "]", firstCounts.get(i));
            }
        }
        if (countedOn == null && !counted.isEmpty()) {
            throw new Refused("countedOn", "", "test.countedOn");
        }
        if (countedOn != null) {
            Range.of(replicates, replicates, "replicates").check("counts", counted.size());
            counts(perReplicate, counted);
            for (int i = 0; firstOn != null && i < replicates; i++) {
                Range.of(firstCounts.get(i), perReplicate, "seeds")
                        .because("SINCE_SET")
                        .check("counts[" + i + "]", counted.get(i).normal());
            }
        }
    }

    static SeedlingCounts counts(int perReplicate, List<SeedlingCounts.Replicate> counted) {
        return OutOfRange.named("normal", "counts", () -> new SeedlingCounts(perReplicate, counted));
    }

    /** Puts together what came in columns; a column that nobody counted is all zeros. */
    public static List<SeedlingCounts.Replicate> replicates(
            List<Integer> normal, List<Integer> hard, List<Integer> fresh, List<Integer> abnormal, List<Integer> dead) {
        return IntStream.range(0, normal.size())
                .mapToObj(i -> new SeedlingCounts.Replicate(
                        normal.get(i),
                        at("hard", hard, i, normal.size()),
                        at("fresh", fresh, i, normal.size()),
                        at("abnormal", abnormal, i, normal.size()),
                        at("dead", dead, i, normal.size())))
                .toList();
    }

    private static int at(String name, List<Integer> column, int i, int replicates) {
        if (column == null || column.isEmpty()) {
            return 0;
        }
        Range.of(replicates, replicates, "replicates").check(name, column.size());
        return column.get(i);
    }
}
