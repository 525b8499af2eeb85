package theriseed.server.farm;

import java.time.DayOfWeek;
import java.time.MonthDay;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Maybe;

/**
 * What a grower says of the farm as a whole.
 *
 * @param timeZone such as {@code Europe/Berlin}
 * @param currency as three letters
 * @param lastFrost usual day of the last frost of spring, with {@code firstFrost} of autumn; both or neither
 * @param weekBegins on which day a week begins
 * @param locale English as it is written in some country: how newcomers read until they say otherwise
 */
public record FarmFacts(
        String name,
        LonLat spot,
        String timeZone,
        String currency,
        ClimateNormals climate,
        ClimateFrom climateFrom,
        @Maybe MonthDay lastFrost,
        @Maybe MonthDay firstFrost,
        DayOfWeek weekBegins,
        String locale) {
    /** The same by the clock of another zone. */
    public FarmFacts inZone(String other) {
        return new FarmFacts(
                name, spot, other, currency, climate, climateFrom, lastFrost, firstFrost, weekBegins, locale);
    }
}
