package theriseed.server.seedroom;

import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** What the air of a shelf was. @param source who or what read it */
public record ShelfReadingView(
        UUID id, Instant readAt, double celsius, @Maybe Double humidity, String source, String recordedBy) {}
