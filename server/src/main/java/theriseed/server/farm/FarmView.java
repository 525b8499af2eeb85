package theriseed.server.farm;

import java.time.DayOfWeek;
import java.time.MonthDay;
import java.util.Optional;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Frosts;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Maybe;

/**
 * The farm as the other modules and the screens see it.
 *
 * @param lastFrost usual day of the last frost of spring; absent when the grower has not said
 * @param firstFrost usual day of the first of autumn
 * @param labelLines what the local law asks to stand on every packet, a line each
 * @param demo whether it is made up, and its clock stands
 * @param sample whether it is to be thrown away for a farm of one's own
 * @param locale English as it is written in some country: how newcomers read until they say otherwise
 */
public record FarmView(
        int version,
        String name,
        LonLat spot,
        String timeZone,
        String currency,
        ClimateNormals climate,
        @Maybe MonthDay lastFrost,
        @Maybe MonthDay firstFrost,
        String labelLines,
        ClimateFrom climateFrom,
        DayOfWeek weekBegins,
        String locale,
        boolean demo,
        boolean sample) {
    /** What a grower may say otherwise. */
    public FarmFacts facts() {
        return new FarmFacts(
                name, spot, timeZone, currency, climate, climateFrom, lastFrost, firstFrost, weekBegins, locale);
    }

    /** Its usual days of frost, where the grower has said. */
    public Optional<Frosts> frosts() {
        return Optional.ofNullable(lastFrost).map(last -> new Frosts(last, firstFrost));
    }
}
