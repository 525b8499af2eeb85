package theriseed.server.season;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.crop.Grade;

/**
 * What is planned for a planting.
 *
 * @param season year of its seed
 * @param flowers whether it will flower; always for seed, and for fruit that is eaten
 * @param setOutOn when plants raised under glass go out; null when sown in the open
 * @param germination of the seed sown, percent
 */
public record PlantingFacts(
        int season,
        UUID varietyId,
        UUID plotId,
        Purpose purpose,
        Grade grade,
        boolean flowers,
        LocalDate sownOn,
        LocalDate setOutOn,
        int plants,
        double germination) {}
