package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.quality.MoistureResult;

/**
 * Moisture that was measured, with what it says.
 *
 * @param dishes of the oven, grams; else {@code readings} of a meter, percent
 * @param agrees whether they differ by no more than is allowed
 */
public record MoistureView(
        UUID id,
        int version,
        LocalDate measuredOn,
        List<MoistureResult.Dish> dishes,
        List<Double> readings,
        MoistureResult result,
        boolean agrees,
        String note,
        String recordedBy) {
    /** Points by which it is easily wrong. */
    public double off() {
        return dishes.isEmpty() ? SeedMoisture.METER_OFF : MoistureResult.DISHES_APART;
    }
}
