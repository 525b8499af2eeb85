package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.quality.GerminationTest;

/** A germination test with what it says. */
public record GerminationView(
        UUID id,
        int version,
        LocalDate setOn,
        LocalDate countedOn,
        int perReplicate,
        List<Integer> counts,
        GerminationTest result,
        String recordedBy) {}
