package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.quality.SeedWeight;
import theriseed.server.base.Maybe;

/** A seed weight with what it says. @param counted seeds, where all of the lot was counted and weighed at once */
public record SeedWeightView(
        UUID id,
        int version,
        LocalDate weighedOn,
        List<Double> grams,
        @Maybe Integer counted,
        SeedWeight result,
        String note,
        String recordedBy) {}
