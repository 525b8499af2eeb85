package theriseed.server.base;

import java.time.Instant;
import java.util.UUID;

/** A correction as it is shown beside the record it belongs to. */
public record CorrectionView(
        UUID subjectId,
        String field,
        String was,
        String became,
        String reason,
        Instant recordedAt,
        String recordedBy) {}
