package theriseed.core.harvest;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import theriseed.core.crop.Crop;

/** Whether fruit, pods or heads were picked long before the first seed in them can have been ripe. */
public final class EarlyPick {
    /** A day that so many standard deviations of the forecast do not reach is asked about. */
    private static final double SPREADS = 2;

    private EarlyPick() {}

    /**
     * Days before the first seed is ripe by its bloom; 0 where it may well be ripe, for the forecast is unsure.
     *
     * @param ripeFrom day on which the first seed is ripe by its bloom, which is unsure by {@code bloomSpread} days (standard
     *     deviation)
     */
    public static int days(Crop crop, LocalDate pickedOn, LocalDate ripeFrom, double bloomSpread) {
        long before = ChronoUnit.DAYS.between(pickedOn, ripeFrom);
        return before > SPREADS * RipeningWatch.unsure(crop, bloomSpread) ? (int) before : 0;
    }
}
