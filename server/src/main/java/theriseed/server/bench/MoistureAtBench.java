package theriseed.server.bench;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.lot.MoistureHistory;
import theriseed.server.harvest.HarvestView;

/** What the bench tells of a lot's moisture. */
public final class MoistureAtBench {
    private MoistureAtBench() {}

    /** What was known of what was transferred into a lot; nothing of a lot that was picked or came from elsewhere. */
    public static Optional<MoistureHistory.Entry> begin(HarvestView harvest) {
        return harvest.transferred().isEmpty()
                ? Optional.empty()
                : Optional.of(new MoistureHistory.Entry(
                        harvest.lastOn(),
                        MoistureHistory.Told.TRANSFER,
                        Optional.empty(),
                        Optional.ofNullable(harvest.moisture())));
    }

    /** Those steps that have ended. */
    public static List<MoistureHistory.Step> steps(List<StepView> steps, ZoneId zone) {
        return steps.stream()
                .filter(step -> step.massOut() != null)
                .map(step -> new MoistureHistory.Step(
                        LocalDate.ofInstant(step.endedAt(), zone),
                        step.kind(),
                        step.massIn().doubleValue(),
                        step.massOut().doubleValue(),
                        step.byProducts().isEmpty() && step.massOut().compareTo(step.massIn()) <= 0,
                        step.waterAdded().signum() > 0,
                        measured(step.moistureIn()),
                        measured(step.moistureOut()),
                        Optional.ofNullable(step.settled())))
                .toList();
    }

    private static Optional<SeedMoisture> measured(Double percent) {
        return Optional.ofNullable(percent).map(read -> SeedMoisture.measured(read, SeedMoisture.METER_OFF));
    }
}
