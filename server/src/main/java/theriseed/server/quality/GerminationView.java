package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.quality.GerminationResult;
import theriseed.core.quality.SeedlingClasses;
import theriseed.core.quality.SeedlingCounts;
import theriseed.core.seedroom.Keeping;
import theriseed.server.base.Maybe;

/**
 * A germination test with what it says.
 *
 * @param firstDue day of the first count; {@code finalDue} of the last
 * @param counts normal seedlings of each replicate at the last count; empty while it runs
 * @param seedlings the same with what became of the others
 * @param classes absent where nobody told what became of the others
 * @param result absent while it runs
 * @param spoilt why it was given up; absent otherwise
 */
public record GerminationView(
        UUID id,
        int version,
        LocalDate setOn,
        Method method,
        String treatment,
        int perReplicate,
        int replicates,
        LocalDate firstDue,
        LocalDate finalDue,
        @Maybe LocalDate firstOn,
        List<Integer> firstCounts,
        @Maybe LocalDate countedOn,
        List<Integer> counts,
        List<SeedlingCounts.Replicate> seedlings,
        @Maybe SeedlingClasses classes,
        @Maybe GerminationResult result,
        String note,
        @Maybe String spoilt,
        String recordedBy) {
    /** What a forecast begins with. */
    public Keeping.Tested tested() {
        return new Keeping.Tested(countedOn, result.mean(), result.lower(), result.upper());
    }
}
