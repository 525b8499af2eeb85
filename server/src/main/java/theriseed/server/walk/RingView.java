package theriseed.server.walk;

import java.time.Instant;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Maybe;

/**
 * A ring of suspect seed as others see it.
 *
 * @param row where the off-type stood, and {@code along} it in metres; absent of old rings that did not say
 */
public record RingView(
        UUID id,
        int version,
        UUID plantingId,
        UUID walkId,
        LonLat middle,
        @Maybe Integer row,
        @Maybe Double along,
        double radius,
        Decision decision,
        @Maybe Grade grade,
        String reason,
        Instant recordedAt,
        String recordedBy) {}
