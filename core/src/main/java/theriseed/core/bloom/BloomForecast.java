package theriseed.core.bloom;

import java.time.LocalDate;
import java.util.Optional;
import theriseed.core.crop.Crop;

/**
 * When a planting will bloom and its seed be ripe, from thermal time over the farm's normals. The crop table's
 * requirements are certain to a quarter at best, so the dates are planned dates until a first flower is seen.
 */
public final class BloomForecast {
    /** Spread of a predicted window, days: such predictions err by about a week. */
    public static final double SPREAD_DAYS = 7;

    /** Air under glass while plants are raised, &deg;C, day and night alike. */
    static final double GLASS_C = 18;

    private static final double UPPER_C = 30;

    private final ClimateNormals normals;

    public BloomForecast(ClimateNormals normals) {
        this.normals = normals;
    }

    /**
     * First to last flower, or nothing when the warmth asked is not reached within two years or the crop is not grown
     * for seed.
     *
     * @param season year in which it is to seed; crops that flower after a winter count their warmth from its start
     * @param sown day of sowing
     * @param setOut day the plants left the glass, or the day of sowing when sown in the open
     */
    public Optional<BloomWindow> of(Crop crop, int season, LocalDate sown, LocalDate setOut) {
        if (crop.degreeDaysToFlower().isEmpty()) {
            return Optional.empty();
        }
        boolean afterWinter = crop.lifeCycle().flowersAfterWinter();
        LocalDate start = afterWinter ? LocalDate.of(season, 1, 1) : sown;
        return ThermalPrediction.of(0, crop.degreeDaysToFlower().getAsDouble(), passed -> {
                    LocalDate day = start.plusDays(passed);
                    boolean underGlass = !afterWinter && day.isBefore(setOut);
                    return underGlass ? Math.max(0, GLASS_C - crop.baseTemperature()) : degreeDays(crop, day);
                })
                .map(reached -> start.plusDays(reached.day()))
                .map(first -> new BloomWindow(first, first.plusDays(crop.floweringDays() - 1L)));
    }

    /** First day on which seed of the first flowers is ripe. */
    public static LocalDate firstRipe(Crop crop, BloomWindow bloom) {
        return bloom.first().plusDays(crop.daysFlowerToRipeSeed());
    }

    /**
     * Clear days wanted between two predicted windows so that they stay apart in 95 of 100 years, from the spread of
     * each, days.
     */
    public static int margin(double spreadA, double spreadB) {
        return (int) Math.ceil(1.64 * Math.hypot(spreadA, spreadB));
    }

    private double degreeDays(Crop crop, LocalDate day) {
        double mean = normals.dayMean(day.getDayOfYear());
        return ThermalTime.SINE.of(mean - normals.half(), mean + normals.half(), crop.baseTemperature(), UPPER_C);
    }
}
