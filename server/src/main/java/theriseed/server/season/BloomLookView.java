package theriseed.server.season;

import java.time.LocalDate;
import java.util.UUID;

/** A look at the bloom of a planting as others see it. */
record BloomLookView(UUID id, int version, LocalDate seenOn, BloomLook.Seen seen, String note, String recordedBy) {}
