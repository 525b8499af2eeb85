package theriseed.core.seedroom;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * A lot parted by shares, in whole grams that add up to what there was less what was lost in parting. Each part takes
 * over the tests with their date.
 *
 * @param grams of each part
 */
public record LotSplit(long[] grams) {
    private static final double SUM_SLACK = 1e-9;

    /**
     * @param kilograms of the lot, above 0
     * @param shares above 0, together 1
     * @param lost in parting, kilograms, less than there is
     */
    public static LotSplit of(double kilograms, double[] shares, double lost) {
        Range.above(0, 1e6, "kg").check("kg", kilograms);
        Range.below(0, kilograms, "kg").check("loss", lost);
        double sum = 0;
        for (int i = 0; i < shares.length; i++) {
            sum += Range.above(0, 1, "").check("shares[" + i + "]", shares[i]);
        }
        if (Math.abs(sum - 1) > SUM_SLACK) {
            throw new OutOfRange("shares", sum, Refusal.AgainstRule.of("shares.sum", "sum", sum));
        }
        long net = Math.round((kilograms - lost) * 1000);
        double[] exact = Arrays.stream(shares).map(share -> net * share).toArray();
        long[] grams = Arrays.stream(exact)
                .mapToLong(part -> (long) Math.floor(part + SUM_SLACK))
                .toArray();
        long over = net - Arrays.stream(grams).sum();
        IntStream.range(0, grams.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> grams[i] - exact[i]))
                .limit(over)
                .forEach(i -> grams[i]++);
        return new LotSplit(grams);
    }

    /** Seeds in each part. */
    public double[] seeds(double purity, double thousandSeedWeight) {
        return Arrays.stream(grams)
                .mapToDouble(part -> Blend.seedsIn(part / 1000.0, purity, thousandSeedWeight))
                .toArray();
    }
}
