package theriseed.core.quality;

import java.util.List;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * What became of the seeds of a germination test, replicate by replicate. ISTA Rules, germination chapter.
 *
 * @param perReplicate seeds in each, 1 to 1000
 * @param replicates one for a home test, else at least two
 */
public record SeedlingCounts(int perReplicate, List<Replicate> replicates) {
    /**
     * Seeds of one replicate.
     *
     * @param normal seedlings that would make plants
     * @param hard still dry and hard: they took no water
     * @param fresh took water, look sound, but sleep
     * @param abnormal seedlings that would make none
     */
    public record Replicate(int normal, int hard, int fresh, int abnormal, int dead) {
        int told() {
            return hard + fresh + abnormal + dead;
        }

        private void check(int perReplicate, int i) {
            String[] names = {"normal", "hard", "fresh", "abnormal", "dead"};
            int[] counts = {normal, hard, fresh, abnormal, dead};
            for (int k = 0; k < counts.length; k++) {
                Range.of(0, perReplicate, "seeds").check(names[k] + "[" + i + "]", counts[k]);
            }
        }
    }

    /**
     * @throws OutOfRange when what did not germinate is told of, but does not add up with what did
     */
    public SeedlingCounts {
        Range.of(1, 1000, "seeds").check("perReplicate", perReplicate);
        Range.of(1, 100, "replicates").check("normal", replicates.size());
        replicates = List.copyOf(replicates);
        boolean told = replicates.stream().anyMatch(one -> one.told() > 0);
        for (int i = 0; i < replicates.size(); i++) {
            Replicate one = replicates.get(i);
            one.check(perReplicate, i);
            int sum = one.normal() + one.told();
            if (told && sum != perReplicate) {
                throw new OutOfRange(
                        "normal[" + i + "]",
                        sum,
                        Refusal.AgainstRule.of("seedlings.inAll", "sum", sum, "perReplicate", perReplicate));
            }
        }
    }

    /** Whether it is told what became of the seeds that did not germinate. */
    public boolean complete() {
        return replicates.stream().anyMatch(one -> one.told() > 0)
                || replicates.stream().allMatch(one -> one.normal() == perReplicate);
    }

    /** What the test says. */
    public GerminationResult test() {
        return replicates.size() == 1
                ? GerminationResult.oneSheet(perReplicate, replicates.get(0).normal())
                : GerminationResult.of(
                        perReplicate,
                        replicates.stream().mapToInt(Replicate::normal).toArray());
    }

    /** All replicates together; only where it is complete. */
    public SeedlingClasses classes() {
        return SeedlingClasses.of(
                replicates.stream().mapToInt(Replicate::normal).sum(),
                replicates.stream().mapToInt(Replicate::hard).sum(),
                replicates.stream().mapToInt(Replicate::fresh).sum(),
                replicates.stream().mapToInt(Replicate::abnormal).sum(),
                replicates.stream().mapToInt(Replicate::dead).sum());
    }
}
