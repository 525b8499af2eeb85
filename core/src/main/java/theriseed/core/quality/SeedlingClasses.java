package theriseed.core.quality;

import theriseed.core.measure.Range;

/**
 * A test's seeds by what became of them, percent. A sale goes by the germination, never by what might still wake.
 *
 * @param dormant whether fresh seed is 5 % or more: test again with the crop's treatment
 */
public record SeedlingClasses(
        double normal, double hard, double fresh, double abnormal, double dead, double potential, boolean dormant) {
    public static SeedlingClasses of(int normal, int hard, int fresh, int abnormal, int dead) {
        int[] counts = {normal, hard, fresh, abnormal, dead};
        String[] names = {"normal", "hard", "fresh", "abnormal", "dead"};
        int sum = 0;
        for (int i = 0; i < counts.length; i++) {
            sum += Range.of(0, 1e6, "seeds").check(names[i], counts[i]);
        }
        Range.of(1, 1e6, "seeds").check("sum", sum);
        double each = 100.0 / sum;
        return new SeedlingClasses(
                normal * each,
                hard * each,
                fresh * each,
                abnormal * each,
                dead * each,
                (normal + hard + fresh) * each,
                fresh * each >= 5);
    }
}
