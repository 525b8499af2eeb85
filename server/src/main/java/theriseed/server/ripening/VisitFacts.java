package theriseed.server.ripening;

import java.time.LocalDate;

/** What was seen on a visit: of so many looked at, so many ripe. */
public record VisitFacts(LocalDate visitedOn, int ripe, int lookedAt, String note) {}
