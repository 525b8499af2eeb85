package theriseed.core.harvest;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * When to cut a dry crop: what a single cut on each of the coming days is expected to collect, dry from the stand or hung
 * under cover, and which is best. The one answer to it: it rests on how the seed ripens and falls, on the rain with its
 * chance, and on the hours between dew and dusk. Rain beyond the forecast is nobody's to know: it is not counted.
 *
 * @param best of all days
 * @param withDew whether so much falls at a touch that it is best cut while the dew holds it
 * @param days that are forecast, in order
 * @param waiting the best later day of the forecast against hanging it today; none where none is better if it stays dry
 */
public record WhenToCut(Cut best, boolean withDew, List<Cut> days, Optional<Waiting> waiting) {
    /** Share of the seed by which a day beyond the forecast must be better, for all that may come before. A convention. */
    private static final double BEYOND_FORECAST = 0.02;

    /** Share that falls in a day from which on the dew is worth getting up for. Experience. */
    private static final double SHEDS = 0.03;

    private static final double LAST_IN_SPREADS = 3;

    /**
     * A cut, in shares of the seed, rain before it counted in.
     *
     * @param dry what it collects threshed from the stand, in dry hours
     * @param hung what it collects hung under cover, where some of what is green still ripens
     * @param fit chance that the day has the dry hours; none beyond the forecast
     * @param hang whether to hang it whatever the day is like; else only where it turns out not to be dry
     * @param share to expect
     */
    public record Cut(LocalDate on, double dry, double hung, OptionalDouble fit, boolean hang, double share) {
        private static Cut of(LocalDate on, RipeningCurve curve, double dry, OptionalDouble fit) {
            double hung = HarvestWeather.HUNG.cut(curve, on.toEpochDay(), dry);
            boolean hang = hung >= dry;
            double likely = fit.orElse(1);
            return new Cut(on, dry, hung, fit, hang, hang ? hung : likely * dry + (1 - likely) * hung);
        }
    }

    /**
     * Leaving it until a later day.
     *
     * @param rain chance that it rains before, 0 to 1
     * @param choice hung today against hung then
     */
    public record Waiting(LocalDate until, double rain, StormChoice choice) {}

    /** @param weather of the days from today on; of none where nothing is forecast */
    public static WhenToCut of(RipeningCurve curve, HarvestWeather weather, LocalDate today) {
        List<Cut> days = new ArrayList<>();
        List<Cut> later = new ArrayList<>();
        double day = today.toEpochDay();
        double last = Math.max(day + weather.days().size(), curve.mean() + LAST_IN_SPREADS * curve.spread());
        double stands = curve.collectable(day);
        for (int i = 0; day + i <= last; i++) {
            boolean known = i < weather.days().size();
            OptionalDouble fit =
                    known ? OptionalDouble.of(weather.days().get(i).dry().fitChance()) : OptionalDouble.empty();
            (known ? days : later).add(Cut.of(today.plusDays(i), curve, stands, fit));
            stands = curve.until(day + i, stands * weather.leaves(i, curve.shatter()), day + i + 1);
        }
        Cut beyond = best(later).orElseThrow();
        Cut best = best(days)
                .filter(soon -> beyond.share() < soon.share() + BEYOND_FORECAST)
                .orElse(beyond);
        return new WhenToCut(
                best, best.hang() && curve.shatter() >= SHEDS, List.copyOf(days), waiting(curve, weather, days, today));
    }

    private static Optional<Cut> best(List<Cut> cuts) {
        return cuts.stream()
                .max(Comparator.comparingDouble(Cut::share).thenComparing(Cut::on, Comparator.reverseOrder()));
    }

    private static Optional<Waiting> waiting(
            RipeningCurve curve, HarvestWeather weather, List<Cut> days, LocalDate today) {
        return days.stream()
                .skip(1)
                .max(Comparator.comparingDouble(Cut::hung))
                .map(then -> {
                    double rain = weather.rainWithin((int) (then.on().toEpochDay() - today.toEpochDay()));
                    double ifDry = HarvestWeather.HUNG.cut(curve, then.on().toEpochDay());
                    double lost = rain == 0 || ifDry == 0 ? 0 : (1 - then.hung() / ifDry) / rain;
                    return new Waiting(
                            then.on(),
                            rain,
                            StormChoice.of(
                                    curve,
                                    HarvestWeather.HUNG,
                                    today.toEpochDay(),
                                    then.on().toEpochDay(),
                                    rain,
                                    lost));
                })
                .filter(waiting ->
                        waiting.choice().laterIfDry() > waiting.choice().cutNow());
    }
}
