package theriseed.server.photo;

import java.time.Instant;
import java.util.UUID;

/** What is known of a picture; its bytes are fetched apart. */
public record PhotoView(UUID id, UUID subjectId, int width, int height, Instant recordedAt, String recordedBy) {}
