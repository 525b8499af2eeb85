package theriseed.server.selection;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** Scores of one visit as others see them. */
public record VisitView(UUID id, int version, UUID traitId, LocalDate scoredOn, List<Mark> marks, String recordedBy) {}
