package theriseed.server.settings;

import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import theriseed.core.isolation.Verdict;
import theriseed.server.base.Maybe;
import theriseed.server.season.PlantingView;

/**
 * What becomes of one planting of the plan.
 *
 * @param firstWas day of its first flower as it is, {@code first} as it would be; absent where it does not flower
 * @param verdictWas of its isolation, {@code verdict} as it would be; absent for what is no seed crop
 */
public record PlantingChange(
        UUID id,
        int season,
        String variety,
        String crop,
        @Maybe LocalDate firstWas,
        @Maybe LocalDate first,
        @Maybe LocalDate ripeWas,
        @Maybe LocalDate ripe,
        @Maybe Verdict verdictWas,
        @Maybe Verdict verdict) {
    static PlantingChange of(PlantingView was, PlantingView is) {
        return new PlantingChange(
                was.id(),
                was.season(),
                was.variety().name(),
                was.variety().cropName(),
                was.bloom() == null ? null : was.bloom().first(),
                is.bloom() == null ? null : is.bloom().first(),
                was.bloom() == null ? null : was.bloom().ripeFrom(),
                is.bloom() == null ? null : is.bloom().ripeFrom(),
                was.isolation() == null ? null : was.isolation().verdict(),
                is.isolation() == null ? null : is.isolation().verdict());
    }

    boolean any() {
        return !Objects.equals(firstWas, first) || !Objects.equals(ripeWas, ripe) || verdictWas != verdict;
    }
}
