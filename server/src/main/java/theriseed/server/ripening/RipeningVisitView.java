package theriseed.server.ripening;

import java.time.LocalDate;
import java.util.UUID;

/** A visit as others see it. */
public record RipeningVisitView(
        UUID id, int version, LocalDate visitedOn, int ripe, int lookedAt, String note, String recordedBy) {}
