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
        private static Cut of(LocalDate on, RipeningCurve curve, double stands, OptionalDouble fit, double likelyFit) {
            double dry = stands * curve.collectable(on.toEpochDay());
            double hung = stands * HarvestWeather.HUNG.cut(curve, on.toEpochDay());
            boolean hang = hung >= dry;
            return new Cut(on, dry, hung, fit, hang, hang ? hung : likelyFit * dry + (1 - likelyFit) * hung);
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
        for (int i = 0; i < weather.days().size(); i++) {
            double fit = weather.days().get(i).dry().fitChance();
            days.add(Cut.of(today.plusDays(i), curve, weather.stands(i, curve.shatter()), OptionalDouble.of(fit), fit));
        }
        List<Cut> later = beyond(curve, weather, today);
        Cut best = days.stream()
                .max(Comparator.comparingDouble(Cut::share).thenComparing(Cut::on, Comparator.reverseOrder()))
                .filter(soon -> later.stream().allMatch(cut -> cut.share() < soon.share() + BEYOND_FORECAST))
                .orElseGet(() -> later.stream()
                        .max(Comparator.comparingDouble(Cut::share).thenComparing(Cut::on, Comparator.reverseOrder()))
                        .orElseThrow());
        return new WhenToCut(
                best, best.hang() && curve.shatter() >= SHEDS, List.copyOf(days), waiting(curve, weather, days, today));
    }

    /** The days after the forecast until all has ripened; today where nothing is forecast and all has. */
    private static List<Cut> beyond(RipeningCurve curve, HarvestWeather weather, LocalDate today) {
        int known = weather.days().size();
        double stands = weather.stands(known, curve.shatter());
        double likelyFit = weather.days().stream()
                .mapToDouble(day -> day.dry().fitChance())
                .average()
                .orElse(1);
        LocalDate first = today.plusDays(known);
        LocalDate last = LocalDate.ofEpochDay((long) Math.ceil(curve.mean() + LAST_IN_SPREADS * curve.spread()));
        return first.datesUntil((last.isBefore(first) ? first : last).plusDays(1))
                .map(on -> Cut.of(on, curve, stands, OptionalDouble.empty(), likelyFit))
                .toList();
    }

    private static Optional<Waiting> waiting(
            RipeningCurve curve, HarvestWeather weather, List<Cut> days, LocalDate today) {
        return days.stream()
                .skip(1)
                .max(Comparator.comparingDouble(Cut::hung))
                .map(then -> {
                    int wait = (int) (then.on().toEpochDay() - today.toEpochDay());
                    double rain = weather.rainWithin(wait);
                    double lost = rain == 0 ? 0 : (1 - weather.stands(wait, curve.shatter())) / rain;
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
