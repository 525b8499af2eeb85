package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** What was done with a cover. */
public record CoverEventView(
        UUID id,
        CoverEventKind kind,
        LocalDate firstDay,
        LocalDate lastDay,
        @Maybe Integer insects,
        String recordedBy) {}
