package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.pollination.MorningPlan.Buds;

/** Buds closed in one evening. */
public record EveningView(UUID id, LocalDate closedOn, List<Buds> closed, String recordedBy) {}
