package theriseed.core.selection;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.statistics.distribution.TDistribution;
import theriseed.core.measure.Range;

/**
 * Which rows of single plants' progeny are truly better: each row's mean is drawn towards the mean of all by what its
 * plots differ among themselves. One place and one year: expect less elsewhere. The least difference, looked at after
 * ranking, says which rows are alike; it does not prove that others differ.
 *
 * <p>Fisher's least significant difference; best linear unbiased prediction after Henderson.
 *
 * @param mean of all rows
 * @param betweenRows mean square between rows
 * @param error mean square within rows, after blocks where there are any
 * @param freedom degrees of freedom of the error
 * @param leastDifference below which two rows are not told apart, at 5 %
 * @param rowVariance variance of the rows' true worth, at least 0
 * @param repeatability share of the differences between row means that is the rows' own, 0 to 1
 * @param means of each row
 * @param predicted true worth of each row
 */
public record ProgenyRows(
        double mean,
        double betweenRows,
        double error,
        int freedom,
        double leastDifference,
        double rowVariance,
        double repeatability,
        Map<String, Double> means,
        Map<String, Double> predicted) {
    private static final double ALPHA = 0.05;

    /** How the plots of the rows lie. */
    public enum Design {
        /** One plot of every row in each block, in the order of the scores. */
        BLOCKS,
        /** Anywhere. */
        SCATTERED
    }

    /**
     * @param scores of each row's plots: 3 rows or more, all with the same number of plots, 2 or more
     */
    public static ProgenyRows of(Map<String, List<Double>> scores, Design design) {
        int rows = Range.of(3, 10_000, "rows").check("rows", scores.size());
        int plots = scores.values().iterator().next().size();
        scores.forEach((row, values) -> {
            Range.of(2, 1000, "plots").check(row, values.size());
            Range.of(plots, plots, "plots, as many as the others").check(row, values.size());
            values.forEach(value -> Range.of(-1e9, 1e9, "").check(row, value));
        });
        Map<String, Double> means = new LinkedHashMap<>();
        scores.forEach((row, values) -> means.put(row, mean(values)));
        double mean = mean(List.copyOf(means.values()));
        double between = 0;
        double within = 0;
        for (Map.Entry<String, List<Double>> row : scores.entrySet()) {
            double own = means.get(row.getKey());
            between += plots * (own - mean) * (own - mean);
            for (double value : row.getValue()) {
                within += (value - own) * (value - own);
            }
        }
        int freedom = rows * (plots - 1);
        if (design == Design.BLOCKS) {
            within -= blocks(scores, rows, plots, mean);
            freedom = (rows - 1) * (plots - 1);
        }
        double betweenRows = between / (rows - 1);
        double error = within / freedom;
        double rowVariance = Math.max(0, (betweenRows - error) / plots);
        double repeatability = rowVariance == 0 ? 0 : rowVariance / (rowVariance + error / plots);
        Map<String, Double> predicted = new LinkedHashMap<>();
        means.forEach((row, own) -> predicted.put(row, mean + repeatability * (own - mean)));
        double least =
                TDistribution.of(freedom).inverseCumulativeProbability(1 - ALPHA / 2) * Math.sqrt(2 * error / plots);
        return new ProgenyRows(mean, betweenRows, error, freedom, least, rowVariance, repeatability, means, predicted);
    }

    private static double blocks(Map<String, List<Double>> scores, int rows, int plots, double mean) {
        double squares = 0;
        for (int block = 0; block < plots; block++) {
            int number = block;
            double own = scores.values().stream()
                            .mapToDouble(values -> values.get(number))
                            .sum()
                    / rows;
            squares += rows * (own - mean) * (own - mean);
        }
        return squares;
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).sum() / values.size();
    }

    /** Rows by their predicted worth, best first. */
    public List<String> ranked() {
        return predicted.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Whether the plots cannot tell this row from the best. */
    public boolean likeTheBest(String row) {
        return means.get(ranked().get(0)) - means.get(row) < leastDifference;
    }
}
