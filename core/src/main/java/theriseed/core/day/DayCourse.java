package theriseed.core.day;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.ground.LonLat;
import theriseed.core.measure.Range;

/**
 * A usual day: when the sun rises and sets, when the dew is usually off, how warm it usually is. From the sun's place and
 * the farm's normals; it is no forecast and knows nothing of today's weather.
 *
 * <p>Sun: the almanac's low-precision formula (Meeus, Astronomical Algorithms, chapter 25), good to about two minutes
 * between 60 degrees north and south. Dew: a rule of thumb.
 *
 * @param sunrise hours after midnight, local time; 0 and 24 where the sun does not set
 * @param sunset hours after midnight
 * @param dewOff hours after midnight
 * @param temperatures usual, &deg;C, for each full hour 0 to 24
 */
public record DayCourse(double sunrise, double sunset, double dewOff, List<Double> temperatures) {
    private static final double HORIZON_DEGREES = -0.833;
    private static final double DEW_AFTER_SUNRISE_H = 3;
    private static final double WARMEST_AFTER_NOON_H = 2.5;

    public static DayCourse of(LonLat spot, ClimateNormals climate, LocalDate day, ZoneId zone) {
        ZonedDateTime noon = day.atTime(12, 0).atZone(zone);
        double days = noon.toEpochSecond() / 86400.0 + 2440587.5 - 2451545.0;
        double anomaly = Math.toRadians(357.529 + 0.98560028 * days);
        double mean = 280.459 + 0.98564736 * days;
        double longitude = Math.toRadians(mean + 1.915 * Math.sin(anomaly) + 0.020 * Math.sin(2 * anomaly));
        double tilt = Math.toRadians(23.439);
        double declination = Math.asin(Math.sin(tilt) * Math.sin(longitude));
        double ascension = Math.toDegrees(Math.atan2(Math.cos(tilt) * Math.sin(longitude), Math.cos(longitude)));
        double equation = turned(mean - ascension) / 15;
        double latitude = Math.toRadians(spot.lat());
        double cosine = (Math.sin(Math.toRadians(HORIZON_DEGREES)) - Math.sin(latitude) * Math.sin(declination))
                / (Math.cos(latitude) * Math.cos(declination));
        double half = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine)))) / 15;
        double offset = noon.getOffset().getTotalSeconds() / 3600.0;
        double solarNoon = 12 - spot.lon() / 15 - equation + offset;
        double sunrise = Math.max(0, solarNoon - half);
        double sunset = Math.min(24, solarNoon + half);
        return new DayCourse(
                sunrise,
                sunset,
                Math.min(sunrise + DEW_AFTER_SUNRISE_H, sunset),
                temperatures(climate, day, sunrise, solarNoon + WARMEST_AFTER_NOON_H));
    }

    /** The same day in the air that is forecast for it. @param air &deg;C for each full hour 0 to 23 */
    public DayCourse inAir(List<Double> air) {
        Range.of(24, 24, "hours").check("air", air.size());
        List<Double> toMidnight = new ArrayList<>(air);
        toMidnight.add(air.get(23));
        return new DayCourse(sunrise, sunset, dewOff, List.copyOf(toMidnight));
    }

    /** Lowest at sunrise, highest in the afternoon, a half wave between. */
    private static List<Double> temperatures(ClimateNormals climate, LocalDate day, double coldest, double warmest) {
        double mean = climate.dayMean(day.getDayOfYear());
        List<Double> temperatures = new ArrayList<>();
        for (int hour = 0; hour <= 24; hour++) {
            double rising = warmest - coldest;
            double phase = hour >= coldest && hour <= warmest
                    ? (hour - coldest) / rising
                    : 1 + ((hour - warmest + 24) % 24) / (24 - rising);
            temperatures.add(mean - climate.half() * Math.cos(Math.PI * phase));
        }
        return List.copyOf(temperatures);
    }

    private static double turned(double degrees) {
        double turned = degrees % 360;
        return turned > 180 ? turned - 360 : turned < -180 ? turned + 360 : turned;
    }
}
