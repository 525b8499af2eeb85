package theriseed.core.harvest;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;

/**
 * Which of the coming days are fit for cutting, and with what chance. When seed is dry is {@link DryDay}'s to say, between dew
 * and dusk; a day counts as dry with the chance that no rain comes, and the days after it with what is then left to dry. What a
 * storm takes is a figure for the crop's kind.
 *
 * @param days to come, in order
 */
public record HarvestWeather(List<Fit> days) {
    /** Share of the seed still green that ripens when it is cut and hung, within these days; and what curing loses. */
    public static final StormChoice.Curing HUNG = new StormChoice.Curing(0.6, 6, 0.05);

    /** Dry hours in a row of work that cutting a stand takes. A convention; a bed takes less, a field more. */
    private static final double NEEDED_HOURS = 4;

    private static final double UNLIKELY = 1e-6;

    /** What falls where rain may come and nobody says how much. A convention. */
    private static final double SHOWER_MM = 2;

    /** Share of the seed a storm takes at these rates of shatter; in between it is in between. Figures, none measured. */
    private static final double[] SHATTER = {0, 0.005, 0.03, 0.08};

    private static final double[] TAKEN = {0.05, 0.1, 0.3, 0.5};

    /** Hours after midnight between which a day's seed may be dry: from when the dew is off until dusk. */
    public record Light(double dewOff, double dusk) {
        private boolean on(int hour) {
            return hour >= dewOff && hour + 1 <= dusk;
        }
    }

    /**
     * A day as it is forecast.
     *
     * @param rain mm, at the likeliest; 0 where it most likely stays dry
     * @param chance of rain, 0 to 1
     * @param hours from midnight, 24 of them
     */
    public record Forecast(LocalDate on, double rain, double chance, List<DryDay.Hour> hours) {
        public Forecast {
            Range.of(0, 500, "mm").check("rain", rain);
            Range.of(0, 1, "").check("chance", chance);
            Range.of(24, 24, "hours").check("hours", hours.size());
        }

        /** &deg;C of each hour. */
        public List<Double> air() {
            return hours.stream().map(DryDay.Hour::air).toList();
        }

        /** Millimetres taken to fall if it rains. */
        private double fallen() {
            return rain > 0 ? rain : SHOWER_MM;
        }
    }

    /**
     * How fit a day is for cutting.
     *
     * @param from first hour in which it is dry, if no rain comes; negative where it never is
     * @param dry hours
     */
    public record Fit(Forecast forecast, int from, DryHours dry) {}

    /** What may have been before a day: since when it has dried, and from how much rain. */
    private record Before(double chance, List<DryDay.Hour> since, double rain) {}

    /**
     * @param forecast of the coming days, in order, and the {@code light} of each
     * @param rained mm that fell before the first of them
     */
    public static HarvestWeather of(List<Forecast> forecast, List<Light> light, double rained) {
        Range.of(forecast.size(), forecast.size(), "days").check("light", light.size());
        List<Fit> days = new ArrayList<>();
        List<Before> mayBe = List.of(new Before(1, List.of(), rained));
        for (int i = 0; i < forecast.size(); i++) {
            Forecast day = forecast.get(i);
            double chance = day.chance();
            List<Before> next = new ArrayList<>();
            double expected = 0;
            double fits = 0;
            Dry likeliest = null;
            double most = -1;
            for (Before before : mayBe) {
                Dry dry = dry(before, day, light.get(i));
                DryHours hours = DryHours.of(dry.hours(), chance, NEEDED_HOURS);
                expected += before.chance() * hours.expected();
                fits += before.chance() * hours.fitChance();
                likeliest = before.chance() > most ? dry : likeliest;
                most = Math.max(most, before.chance());
                next.add(new Before(before.chance() * (1 - chance), dry.since(), before.rain()));
            }
            next.add(new Before(chance, List.of(), day.fallen()));
            days.add(new Fit(day, likeliest.from(), new DryHours(likeliest.hours(), expected, fits)));
            mayBe = next.stream().filter(one -> one.chance() > UNLIKELY).toList();
        }
        return new HarvestWeather(days);
    }

    private record Dry(int from, int hours, List<DryDay.Hour> since) {}

    private static Dry dry(Before before, Forecast day, Light light) {
        List<DryDay.Hour> since = new ArrayList<>(before.since());
        int from = -1;
        int hours = 0;
        for (int hour = 0; hour < day.hours().size(); hour++) {
            DryDay.Hour air = day.hours().get(hour);
            since.add(air);
            if (light.on(hour)
                    && DryDay.of(since, before.rain(), air.humidity(), 0).fit()) {
                from = from < 0 ? hour : from;
                hours++;
            }
        }
        return new Dry(from, hours, since);
    }

    /** Chance that it rains on at least one of the first so many days. */
    public double rainWithin(int howMany) {
        double dry = 1;
        for (Fit day : days.subList(0, Math.min(howMany, days.size()))) {
            dry *= 1 - day.forecast().chance();
        }
        return 1 - dry;
    }

    /**
     * Share of the ripe seed on the plants that the rain of a day, from 0, is expected to leave there: little falls in a shower,
     * in a storm what such crops lose. All of it beyond the forecast.
     */
    double leaves(int day, double shatter) {
        if (day >= days.size()) {
            return 1;
        }
        Forecast forecast = days.get(day).forecast();
        return 1 - forecast.chance() * lostInStorm(shatter) * DryHours.lostToRain(forecast.fallen());
    }

    /** Share of the seed on the plants that a storm takes; by how readily the crop sheds, none of it measured. */
    public static double lostInStorm(double shatter) {
        Range.of(0, 1, "").check("shatter", shatter);
        for (int i = 1; i < SHATTER.length; i++) {
            if (shatter <= SHATTER[i]) {
                double way = (shatter - SHATTER[i - 1]) / (SHATTER[i] - SHATTER[i - 1]);
                return TAKEN[i - 1] + way * (TAKEN[i] - TAKEN[i - 1]);
            }
        }
        return TAKEN[TAKEN.length - 1];
    }
}
