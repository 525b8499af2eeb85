package theriseed.server.settings;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import theriseed.core.day.DayCourse;
import theriseed.server.farm.FarmFacts;

/**
 * How the sun stands over a place, by which somebody sees whether it is theirs.
 *
 * @param noon when it stands highest on the day of the longest shadow in June or December, by the clock of the zone
 * @param longest hours of the longest day, {@code shortest} of the shortest
 * @param noonUnlikely whether hardly any place has noon at such an hour, so that place or zone are likely another
 */
public record Sun(LocalTime noon, double longest, double shortest, boolean noonUnlikely) {
    /** Zones are drawn wide in places, and clocks put forward; more than that none of them is off. */
    private static final Duration MOST_FROM_TWELVE = Duration.ofMinutes(200);

    static Sun over(FarmFacts farm, int year) {
        // By the hours of the place itself, so that no day is cut in two by a clock from far away.
        ZoneOffset own = ZoneOffset.ofHours((int) Math.round(farm.spot().lon() / 15));
        DayCourse june = DayCourse.of(farm.spot(), farm.climate(), LocalDate.of(year, 6, 21), own);
        DayCourse december = DayCourse.of(farm.spot(), farm.climate(), LocalDate.of(year, 12, 21), own);
        boolean north = length(december) < length(june);
        DayCourse shortest = north ? december : june;
        LocalTime there = LocalTime.MIDNIGHT.plusMinutes(Math.round((shortest.sunrise() + shortest.sunset()) * 30));
        LocalTime noon = LocalDate.of(year, north ? 12 : 6, 21)
                .atTime(there)
                .atOffset(own)
                .atZoneSameInstant(ZoneId.of(farm.timeZone()))
                .toLocalTime();
        return new Sun(
                noon,
                Math.max(length(june), length(december)),
                length(shortest),
                Duration.between(LocalTime.NOON, noon).abs().compareTo(MOST_FROM_TWELVE) > 0);
    }

    private static double length(DayCourse day) {
        return day.sunset() - day.sunrise();
    }
}
