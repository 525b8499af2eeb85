package theriseed.server.gate;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.bench.StepKind;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.lot.MoistureHistory;
import theriseed.server.base.Maybe;

/**
 * How moist a lot's seed was from a day on.
 *
 * @param step at which that was told; absent elsewhere
 * @param moisture absent where it was not known any more
 */
public record MoistureKnown(
        LocalDate on,
        MoistureHistory.Told told,
        @Maybe StepKind step,
        @Maybe SeedMoisture moisture) {
    static List<MoistureKnown> of(MoistureHistory history) {
        return history.entries().stream()
                .map(entry -> new MoistureKnown(
                        entry.on(),
                        entry.told(),
                        entry.step().orElse(null),
                        entry.moisture().orElse(null)))
                .toList();
    }
}
