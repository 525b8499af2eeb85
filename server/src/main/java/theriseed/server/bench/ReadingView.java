package theriseed.server.bench;

import java.time.Instant;
import java.util.UUID;

/**
 * A reading as others see it, in grams, &deg;C or percent.
 *
 * @param source the instrument it is from, or "by hand"
 */
public record ReadingView(
        UUID id, int version, Instant takenAt, Quantity quantity, double value, String source, String recordedBy) {}
