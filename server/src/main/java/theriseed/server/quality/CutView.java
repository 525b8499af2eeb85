package theriseed.server.quality;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.quality.CutResult;

/** A cut test with what it says. */
public record CutView(
        UUID id,
        int version,
        LocalDate cutOn,
        int sound,
        int empty,
        int eaten,
        int shrunken,
        CutResult result,
        String note,
        String recordedBy) {}
