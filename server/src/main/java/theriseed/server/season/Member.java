package theriseed.server.season;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.bloom.GrowingDays;

/**
 * A planting as one of its season: as it is recorded, or as it is tried.
 *
 * @param looked what was seen of its bloom
 * @param coverLeaked whether its cage was found not to have been tight
 */
record Member(
        UUID id,
        int version,
        Variety variety,
        PlantingFacts facts,
        LocalDate firstFlowerOn,
        Looked looked,
        boolean coverLeaked) {
    /** As it is read from the records. */
    Member(
            UUID id,
            int version,
            Variety variety,
            int season,
            Where where,
            Aim aim,
            PlantingDays days,
            Sowing sowing,
            Keeping keeping,
            String restOverruled,
            LocalDate firstFlowerOn,
            Looked looked,
            boolean coverLeaked) {
        this(
                id,
                version,
                variety,
                new PlantingFacts(season, variety.id(), where, aim, days, sowing, keeping, restOverruled),
                firstFlowerOn,
                looked,
                coverLeaked);
    }

    /** The days that decide when it blooms, with what was seen of it. */
    GrowingDays growing() {
        return facts.days().growing(firstFlowerOn, Looked.of(looked));
    }

    Member otherwise(PlantingFacts tried) {
        return new Member(id, version, variety, tried, firstFlowerOn, looked, coverLeaked);
    }
}
