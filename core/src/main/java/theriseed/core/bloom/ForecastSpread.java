package theriseed.core.bloom;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How far a thermal-time date may be off when fewer than ten past years are known.
 *
 * @param sumSpread sd of the degree-day sum from weather alone, &deg;C d
 * @param days sd of the date
 * @param halfWidth days either side at the confidence asked
 */
public record ForecastSpread(double sumSpread, double days, double halfWidth) {
    /**
     * @param days days still to run, at least 1
     * @param daily sd of a day's degree days round normal, 0 to 15
     * @param correlation from one day to the next, 0 to 0.95
     * @param rate mean degree days a day at the date, above 0
     * @param requirement sd of the requirement itself, &deg;C d
     * @param confidence of both sides, 0 to 1
     */
    public static ForecastSpread of(
            int days, double daily, double correlation, double rate, double requirement, double confidence) {
        Range.of(1, 730, "days").check("n_days", days);
        Range.of(0, 15, "C d").check("sd_daily", daily);
        Range.of(0, 0.95, "").check("rho", correlation);
        Range.above(0, 50, "C d a day").check("rate", rate);
        Range.of(0, 6000, "C d").check("sd_threshold", requirement);
        Range.between(0, 1, "").check("conf", confidence);
        double variance = daily
                * daily
                * days
                * ((1 + correlation) / (1 - correlation)
                        - 2 * correlation * (1 - Math.pow(correlation, days)) / (days * Math.pow(1 - correlation, 2)));
        double spread = Math.sqrt(variance + requirement * requirement) / rate;
        return new ForecastSpread(Math.sqrt(variance), spread, Chance.normalQuantile((1 + confidence) / 2) * spread);
    }
}
