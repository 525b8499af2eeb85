package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.quality.SeedWeight;

/** A seed weight with what it says. */
public record SeedWeightView(
        UUID id,
        int version,
        LocalDate weighedOn,
        List<Double> grams,
        SeedWeight result,
        String note,
        String recordedBy) {}
