package theriseed.server.settings;

import java.util.List;
import theriseed.core.bloom.ClimateNormals;
import theriseed.server.base.Maybe;

/**
 * What it would change to say the farm otherwise.
 *
 * @param climate the usual year as it would be
 * @param movedKm how far the farm is put from where it was
 * @param tooFar names of plots that no farm there can hold, unless they are carried along
 * @param judged plantings of the plan that were looked at, from this season on
 * @param plantings those that change, by season
 * @param amounts whether amounts keep their figures under another currency
 */
public record FarmChange(
        Sun sun,
        ClimateNormals climate,
        double movedKm,
        List<String> tooFar,
        int judged,
        List<PlantingChange> plantings,
        @Maybe Amounts amounts) {
    /** Money that was recorded in one currency and would be read in another. */
    public record Amounts(String was, String is) {}
}
