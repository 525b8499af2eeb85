package theriseed.core.harvest;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;

/**
 * Which of the coming days are fit for cutting, and whether to cut before rain. The thresholds are those of
 * {@link DryDay}; what a storm takes is a figure for the crop's kind.
 *
 * @param days to come, in order
 */
public record HarvestWeather(List<Fit> days) {
    /** Share of the seed still green that ripens when it is cut and hung, within these days; and what curing loses. */
    public static final StormChoice.Curing HUNG = new StormChoice.Curing(0.6, 6, 0.05);

    private static final double HALF = 0.5;

    /**
     * A day as it is forecast.
     *
     * @param rain mm, at the likeliest
     * @param chance of rain, 0 to 1
     * @param hours from midnight, 24 of them
     */
    public record Forecast(LocalDate on, double rain, double chance, List<DryDay.Hour> hours) {
        public Forecast {
            Range.of(0, 500, "mm").check("rain", rain);
            Range.of(0, 1, "").check("chance", chance);
            Range.of(24, 24, "hours").check("hours", hours.size());
        }
    }

    /**
     * How fit a day is for cutting.
     *
     * @param from hour after dew from which it is fit; negative when it never is
     * @param dryHours of it
     */
    public record Fit(Forecast forecast, int from, int dryHours) {}

    /**
     * @param forecast of the coming days, in order
     * @param rained mm that fell before the first of them
     */
    public static HarvestWeather of(List<Forecast> forecast, double rained) {
        List<Fit> days = new ArrayList<>();
        List<DryDay.Hour> since = new ArrayList<>();
        double rain = rained;
        for (Forecast day : forecast) {
            boolean wet = day.chance() >= HALF && day.rain() > 0;
            int from = -1;
            int dry = 0;
            for (int hour = 0; hour < day.hours().size(); hour++) {
                DryDay.Hour air = day.hours().get(hour);
                since.add(air);
                if (DryDay.of(since, rain, air.humidity(), wet ? day.rain() : 0).fit()) {
                    from = from < 0 ? hour : from;
                    dry++;
                }
            }
            days.add(new Fit(day, from, dry));
            if (wet) {
                since.clear();
                rain = day.rain();
            }
        }
        return new HarvestWeather(days);
    }

    /** Chance that it rains on at least one of the first so many days. */
    public double rainWithin(int howMany) {
        double dry = 1;
        for (Fit day : days.subList(0, Math.min(howMany, days.size()))) {
            dry *= 1 - day.forecast().chance();
        }
        return 1 - dry;
    }

    /** Share of the seed on the plants that a storm takes; by how readily the crop sheds, none of it measured. */
    public static double lostInStorm(double shatter) {
        Range.of(0, 1, "").check("shatter", shatter);
        return shatter >= 0.08 ? 0.5 : shatter >= 0.03 ? 0.3 : 0.1;
    }
}
