package theriseed.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.crop.Grade;

/**
 * What is planned for a planting.
 *
 * @param season year of its seed
 * @param restOverruled why it may stand although its family stood there too lately; empty when that is not so
 */
public record PlantingFacts(
        int season,
        UUID varietyId,
        Where where,
        Aim aim,
        PlantingDays days,
        Sowing sowing,
        Keeping keeping,
        String restOverruled) {

    PlantingFacts at(UUID plot, List<Stretch> stretches) {
        Where elsewhere = new Where(plot, stretches, where.rootPlotId(), where.rootStretches());
        return new PlantingFacts(season, varietyId, elsewhere, aim, days, sowing, keeping, restOverruled);
    }

    PlantingFacts on(PlantingDays other) {
        return new PlantingFacts(season, varietyId, where, aim, other, sowing, keeping, restOverruled);
    }

    PlantingFacts kept(Keeping otherwise) {
        return new PlantingFacts(season, varietyId, where, aim, days, sowing, otherwise, restOverruled);
    }

    PlantingFacts savedAs(Grade grade) {
        Aim lower = new Aim(aim.purpose(), grade, aim.flowers());
        return new PlantingFacts(season, varietyId, where, lower, days, sowing, keeping, restOverruled);
    }

    PlantingFacts eatenBy(PlantingDays cleared) {
        Aim eaten = new Aim(Purpose.EATING, aim.grade(), false);
        return new PlantingFacts(season, varietyId, where, eaten, cleared, sowing, keeping, restOverruled);
    }

    PlantingFacts nextYear() {
        return new PlantingFacts(
                season + 1, varietyId, where, aim, days.nextYear(), sowing, keeping.nextYear(), restOverruled);
    }

    /** Lifted from where it stands and planted again elsewhere on the same day. */
    PlantingFacts replanted(UUID plot, List<Stretch> stretches, LocalDate on) {
        Where elsewhere = new Where(plot, stretches, where.plotId(), where.stretches());
        return new PlantingFacts(
                season, varietyId, elsewhere, aim, days.replantedOn(on), sowing, keeping, restOverruled);
    }
}
