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
 * @param leastDifference below which two rows of usual plots are not told apart, at 5 %
 * @param rowVariance variance of the rows' true worth, at least 0
 * @param repeatability share of the differences between means of rows of usual plots that is the rows' own, 0 to 1
 * @param plots of each row
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
        Map<String, Integer> plots,
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
     * In blocks every row has as many plots as the others; scattered rows may have lost some.
     *
     * @param scores of each row's plots: 3 rows or more, 1 plot or more each and more plots than rows in all
     */
    public static ProgenyRows of(Map<String, List<Double>> scores, Design design) {
        int rows = Range.of(3, 10_000, "rows").check("rows", scores.size());
        Map<String, Integer> plots = plots(scores, design);
        int all = plots.values().stream().mapToInt(Integer::intValue).sum();
        Range.of(rows + 1.0, 1e7, "plots").because("MORE_THAN_ROWS").check("plots", (double) all);
        Map<String, Double> means = new LinkedHashMap<>();
        scores.forEach((row, values) -> means.put(row, mean(values)));
        double mean = scores.values().stream()
                        .flatMap(List::stream)
                        .mapToDouble(Double::doubleValue)
                        .sum()
                / all;
        double between = 0;
        double within = 0;
        for (Map.Entry<String, List<Double>> row : scores.entrySet()) {
            double own = means.get(row.getKey());
            between += row.getValue().size() * (own - mean) * (own - mean);
            for (double value : row.getValue()) {
                within += (value - own) * (value - own);
            }
        }
        int freedom = all - rows;
        if (design == Design.BLOCKS) {
            int blocks = all / rows;
            within -= blocks(scores, rows, blocks, mean);
            freedom = (rows - 1) * (blocks - 1);
        }
        double betweenRows = between / (rows - 1);
        double error = Math.max(0, within) / freedom;
        double squares = plots.values().stream()
                .mapToDouble(count -> count * (double) count)
                .sum();
        double usual = (all - squares / all) / (rows - 1);
        double rowVariance = Math.max(0, (betweenRows - error) / usual);
        Map<String, Double> predicted = new LinkedHashMap<>();
        means.forEach((row, own) -> predicted.put(row, mean + own(rowVariance, error, plots.get(row)) * (own - mean)));
        return new ProgenyRows(
                mean,
                betweenRows,
                error,
                freedom,
                least(error, freedom, usual, usual),
                rowVariance,
                own(rowVariance, error, usual),
                plots,
                means,
                predicted);
    }

    private static Map<String, Integer> plots(Map<String, List<Double>> scores, Design design) {
        int first = scores.values().iterator().next().size();
        Map<String, Integer> plots = new LinkedHashMap<>();
        scores.forEach((row, values) -> {
            if (design == Design.BLOCKS) {
                Range.of(2, 1000, "plots").check(row, values.size());
                Range.of(first, first, "plots").because("AS_THE_OTHERS").check(row, values.size());
            }
            Range.of(1, 1000, "plots").check(row, values.size());
            values.forEach(value -> Range.of(-1e9, 1e9, "").check(row, value));
            plots.put(row, values.size());
        });
        return plots;
    }

    /** Share of a row mean's difference that is the row's own. */
    private static double own(double rowVariance, double error, double plots) {
        return rowVariance == 0 ? 0 : rowVariance / (rowVariance + error / plots);
    }

    private static double least(double error, int freedom, double plotsOfOne, double plotsOfOther) {
        return TDistribution.of(freedom).inverseCumulativeProbability(1 - ALPHA / 2)
                * Math.sqrt(error * (1 / plotsOfOne + 1 / plotsOfOther));
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
        String best = ranked().get(0);
        return means.get(best) - means.get(row) < least(error, freedom, plots.get(best), plots.get(row));
    }
}
