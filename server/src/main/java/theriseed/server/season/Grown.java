package theriseed.server.season;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.PollenControl;

/**
 * What a record of work needs to know of its planting; nothing of it has to be judged against the season.
 *
 * @param planned whether it is in the plan: neither tried in a scheme nor given up
 * @param inRow metres between plants; null for what is usual for the crop
 * @param betweenRows metres between rows; null for what is usual
 */
public record Grown(
        UUID id,
        int season,
        UUID varietyId,
        String varietyName,
        String cropKey,
        boolean breedingOut,
        boolean planned,
        Purpose purpose,
        Grade grade,
        PollenControl.Kind control,
        LocalDate sownOn,
        int plants,
        Double inRow,
        Double betweenRows) {
    static Grown of(Planting planting) {
        PlantingFacts facts = planting.facts();
        Variety variety = planting.variety();
        return new Grown(
                planting.id(),
                facts.season(),
                variety.id(),
                variety.name(),
                variety.cropKey(),
                variety.breedingOut(),
                planting.schemeId() == null && !planting.givenUp(),
                facts.aim().purpose(),
                facts.aim().grade(),
                facts.keeping().control(),
                facts.days().sownOn(),
                facts.sowing().plants(),
                facts.sowing().inRow(),
                facts.sowing().betweenRows());
    }
}
