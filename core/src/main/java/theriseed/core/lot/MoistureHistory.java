package theriseed.core.lot;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import theriseed.core.bench.StepKind;
import theriseed.core.drying.SeedMoisture;

/**
 * What is known of a lot's moisture from the day it was picked until today: what was read, and what its weights and the air
 * around it tell where nobody read it.
 *
 * @param entries by day; only those that told something, or left it unknown
 */
public record MoistureHistory(List<Entry> entries) {
    /** What told its moisture, or changed it. */
    public enum Told {
        TRANSFER,
        STEP,
        TEST,
        STORE
    }

    /**
     * @param step at which it was told; none elsewhere
     * @param moisture from then on; none where it is not known any more
     */
    public record Entry(LocalDate on, Told told, Optional<StepKind> step, Optional<SeedMoisture> moisture) {}

    /**
     * A step that has ended.
     *
     * @param onlyDried whether nothing but water left it
     * @param waterAdded whether water was
     * @param in as it was read going in, and {@code out} when it was weighed out
     * @param settled as the air left it, where it dried no further
     */
    public record Step(
            LocalDate on,
            StepKind kind,
            double massIn,
            double massOut,
            boolean onlyDried,
            boolean waterAdded,
            Optional<SeedMoisture> in,
            Optional<SeedMoisture> out,
            Optional<SeedMoisture> settled) {
        Optional<SeedMoisture> leaves(Optional<SeedMoisture> before) {
            if (out.isPresent()) {
                return out;
            }
            return switch (kind) {
                case DRY ->
                    (onlyDried ? in.or(() -> before) : Optional.<SeedMoisture>empty())
                            .flatMap(known -> known.weighing(massIn, massOut))
                            .filter(left -> settled.isEmpty() || left.high() - left.low() < SETTLED_IS_KNOWN_TO)
                            .or(() -> settled);
                case FERMENT, SOAK, CHEMICAL_WASH, RINSE -> Optional.empty();
                case EXTRACT ->
                    waterAdded ? Optional.empty() : in.or(() -> before).map(SeedMoisture::takenOut);
                case THRESH -> in.or(() -> before).map(SeedMoisture::takenOut);
                case SCREEN, WINNOW, HAND_PICK, FREEZE -> in.or(() -> before);
            };
        }
    }

    /** Points between the ends of a range below which weights tell more than the air does. */
    private static final double SETTLED_IS_KNOWN_TO = 3;

    /** What a test or a place told on a day. */
    public record Reading(LocalDate on, Told told, SeedMoisture moisture) {}

    /**
     * @param begin what was transferred into it, as it was known that day; none where it was picked. What was read before was
     *     read of the lot it came of
     * @param steps in their order
     * @param readings of tests and of places, in any order; on one day they come after the steps
     */
    public static MoistureHistory of(Optional<Entry> begin, List<Step> steps, List<Reading> readings) {
        List<Entry> entries = new ArrayList<>();
        List<Reading> left = new ArrayList<>(
                readings.stream().sorted(Comparator.comparing(Reading::on)).toList());
        begin.ifPresent(transferred -> {
            move(left, transferred.on(), entries);
            entries.add(transferred);
        });
        for (Step step : steps) {
            move(left, step.on(), entries);
            Optional<SeedMoisture> before = last(entries);
            Optional<SeedMoisture> after = step.leaves(before);
            if (!after.equals(before) || step.out().isPresent()) {
                entries.add(new Entry(step.on(), Told.STEP, Optional.of(step.kind()), after));
            }
        }
        return new MoistureHistory(Stream.concat(entries.stream(), left.stream().map(MoistureHistory::entry))
                .toList());
    }

    /** What was read before a day. */
    private static void move(List<Reading> left, LocalDate before, List<Entry> entries) {
        while (!left.isEmpty() && left.get(0).on().isBefore(before)) {
            entries.add(entry(left.remove(0)));
        }
    }

    private static Entry entry(Reading reading) {
        return new Entry(reading.on(), reading.told(), Optional.empty(), Optional.of(reading.moisture()));
    }

    private static Optional<SeedMoisture> last(List<Entry> entries) {
        return entries.isEmpty()
                ? Optional.empty()
                : entries.get(entries.size() - 1).moisture();
    }

    /** As it is now, with what told it; none where it is not known. */
    public Optional<Entry> now() {
        return entries.isEmpty()
                ? Optional.empty()
                : Optional.of(entries.get(entries.size() - 1))
                        .filter(entry -> entry.moisture().isPresent());
    }
}
