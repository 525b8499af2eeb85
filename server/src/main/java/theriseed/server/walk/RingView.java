package theriseed.server.walk;

import java.time.Instant;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Maybe;

/** A ring of suspect seed as others see it. */
public record RingView(
        UUID id,
        int version,
        UUID plantingId,
        UUID walkId,
        LonLat middle,
        double radius,
        Decision decision,
        @Maybe Grade grade,
        String reason,
        Instant recordedAt,
        String recordedBy) {}
