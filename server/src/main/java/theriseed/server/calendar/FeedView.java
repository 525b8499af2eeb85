package theriseed.server.calendar;

import java.time.Instant;
import java.util.UUID;

/** A feed that is open: its address on this server, and who made it when. */
public record FeedView(UUID id, int version, String path, Instant madeAt, String madeBy) {}
