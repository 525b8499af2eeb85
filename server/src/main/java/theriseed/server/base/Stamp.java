package theriseed.server.base;

import java.time.Instant;

/** Who did something, and when. */
public record Stamp(Instant at, String by) {}
