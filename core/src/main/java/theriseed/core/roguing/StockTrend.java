package theriseed.core.roguing;

import java.util.List;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Whether a stock gets truer from generation to generation: the trend of off-types over the years, tested against none
 * after Cochran (1954) and Armitage (1955). Years in which others looked, or looked for other things, are not alike.
 */
public enum StockTrend {
    TRUER,
    WORSE,
    NOT_TOLD_APART,
    TOO_FEW;

    private static final double BOTH_SIDES = 0.975;

    /** Off-types among the plants looked at in one year. */
    public record Year(int year, int offTypes, int lookedAt) {
        public Year {
            Range.of(1, 1e7, "plants").check("lookedAt", lookedAt);
            Range.of(0, lookedAt, "plants").check("offTypes", offTypes);
        }
    }

    /** At 95 % confidence; two years at least are needed, and one off-type. */
    public static StockTrend of(List<Year> years) {
        if (years.stream().mapToInt(Year::year).distinct().count() < 2) {
            return TOO_FEW;
        }
        double plants = years.stream().mapToDouble(Year::lookedAt).sum();
        double share = years.stream().mapToDouble(Year::offTypes).sum() / plants;
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
        if (variance == 0 || Math.abs(trend) / Math.sqrt(variance) < Chance.normalQuantile(BOTH_SIDES)) {
            return NOT_TOLD_APART;
        }
        return trend < 0 ? TRUER : WORSE;
    }
}
