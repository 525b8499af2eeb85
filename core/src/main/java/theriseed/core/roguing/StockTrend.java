package theriseed.core.roguing;

import java.util.List;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Whether a stock gets truer from generation to generation: the trend of off-types over the years, after Cochran (1954) and
 * Armitage (1955), tested exactly: of all the ways so many off-types could have fallen among the plants looked at, how few
 * lean as far. Years in which others looked, or looked for other things, are not alike.
 */
public enum StockTrend {
    TRUER,
    WORSE,
    NOT_TOLD_APART,
    TOO_FEW;

    private static final double EACH_SIDE = (1 - OffTypesStanding.CONFIDENCE) / 2;

    /** Above so many off-types the ways are too many to count; where each year is expected to hold some, they lie as a bell. */
    private static final int COUNTED = 150;

    private static final double EXPECTED_FOR_A_BELL = 5;
    private static final int LONGEST_YEARS = 200;

    /** Off-types among the plants looked at in one year. */
    public record Year(int year, int offTypes, int lookedAt) {
        public Year {
            Range.of(1, 1e7, "plants").check("lookedAt", lookedAt);
            Range.of(0, lookedAt, "plants").check("offTypes", offTypes);
        }
    }

    /** At 95 % confidence; two years at least are needed. */
    public static StockTrend of(List<Year> years) {
        if (years.stream().mapToInt(Year::year).distinct().count() < 2) {
            return TOO_FEW;
        }
        int first = years.stream().mapToInt(Year::year).min().orElseThrow();
        int last = years.stream().mapToInt(Year::year).max().orElseThrow();
        Range.of(first, first + LONGEST_YEARS, "").check("year", last);
        int offTypes = years.stream().mapToInt(Year::offTypes).sum();
        double[] tails = offTypes <= COUNTED ? counted(years, first, last, offTypes) : bell(years, offTypes);
        if (tails[0] <= EACH_SIDE) {
            return TRUER;
        }
        return tails[1] <= EACH_SIDE ? WORSE : NOT_TOLD_APART;
    }

    private static int lean(List<Year> years, int first) {
        return years.stream()
                .mapToInt(year -> year.offTypes() * (year.year() - first))
                .sum();
    }

    /** Chance to lean as far to the early years, and as far to the late ones. */
    private static double[] counted(List<Year> years, int first, int last, int offTypes) {
        double[][] ways = new double[offTypes + 1][offTypes * (last - first) + 1];
        ways[0][0] = 1;
        // The same for every off-type, so that it does not matter, but what is counted stays within what a number
        // holds.
        double scale =
                (offTypes + 1) / years.stream().mapToDouble(Year::lookedAt).sum();
        for (Year year : years) {
            ways = with(year, year.year() - first, scale, ways);
        }
        double[] of = ways[offTypes];
        double all = 0;
        for (double way : of) {
            all += way;
        }
        int lean = lean(years, first);
        double early = 0;
        double late = 0;
        for (int i = 0; i < of.length; i++) {
            early += i <= lean ? of[i] / all : 0;
            late += i >= lean ? of[i] / all : 0;
        }
        return new double[] {early, late};
    }

    /** Ways in which off-types fall among the years so far, by their number and how late they lie. */
    private static double[][] with(Year year, int later, double scale, double[][] before) {
        int offTypes = before.length - 1;
        double[][] ways = new double[before.length][before[0].length];
        double choose = 1;
        for (int here = 0; here <= Math.min(offTypes, year.lookedAt()); here++) {
            int shift = here * later;
            for (int others = 0; others + here <= offTypes; others++) {
                for (int lean = 0; lean + shift < ways[0].length; lean++) {
                    ways[others + here][lean + shift] += choose * before[others][lean];
                }
            }
            choose *= (year.lookedAt() - here) / (here + 1.0) * scale;
        }
        return ways;
    }

    private static double[] bell(List<Year> years, int offTypes) {
        double plants = years.stream().mapToDouble(Year::lookedAt).sum();
        double share = offTypes / plants;
        boolean lies =
                years.stream().allMatch(year -> year.lookedAt() * Math.min(share, 1 - share) >= EXPECTED_FOR_A_BELL);
        double middle = years.stream()
                        .mapToDouble(year -> (double) year.lookedAt() * year.year())
                        .sum()
                / plants;
        double trend = 0;
        double spread = 0;
        for (Year year : years) {
            double off = year.year() - middle;
            trend += (year.offTypes() - share * year.lookedAt()) * off;
            spread += year.lookedAt() * off * off;
        }
        double variance = share * (1 - share) * spread;
        if (!lies || variance == 0) {
            return new double[] {1, 1};
        }
        double early = Chance.normalAtMost(trend / Math.sqrt(variance));
        return new double[] {early, 1 - early};
    }
}
