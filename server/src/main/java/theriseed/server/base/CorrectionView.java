package theriseed.server.base;

import java.time.Instant;
import java.util.UUID;

/** A correction as it is shown beside the record it belongs to. @param subject what kind of record, in a word */
public record CorrectionView(
        String subject,
        UUID subjectId,
        String field,
        String was,
        String became,
        String reason,
        Instant recordedAt,
        String recordedBy) {}
