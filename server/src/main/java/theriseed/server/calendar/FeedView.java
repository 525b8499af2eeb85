package theriseed.server.calendar;

import java.time.Instant;
import java.util.UUID;

/** A feed that is open, and who made it when; its address is known only to whoever made it. */
public record FeedView(UUID id, int version, Instant madeAt, String madeBy) {}
