package theriseed.server.photo;

import java.time.Instant;
import java.util.UUID;

/**
 * What is known of a picture; its bytes are fetched apart.
 *
 * @param caption what it shows, in words; empty where nobody said
 * @param struckOut whether it was struck out, as showing something else
 */
public record PhotoView(
        UUID id,
        int version,
        UUID subjectId,
        int width,
        int height,
        String caption,
        boolean struckOut,
        Instant recordedAt,
        String recordedBy) {}
