package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.quality.MoistureResult;
import theriseed.server.base.Refused;

/** A moisture test as it is told: dishes of the oven, grams, or readings of a meter, percent. */
public record MoistureFacts(
        LocalDate measuredOn, List<MoistureResult.Dish> dishes, List<Double> readings, String note) {
    public MoistureFacts {
        if (dishes.isEmpty() == readings.isEmpty()) {
            throw new Refused("readings", readings.size(), "test.moistureEmpty");
        }
    }
}
