package theriseed.server.season;

import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.season.Bedding;

/**
 * The ground a planting takes.
 *
 * @param plotId where it seeds
 * @param stretches of beds on that plot; none when it takes the plot as it lies
 * @param rootPlotId where its roots grow in the year before, when they are lifted; null otherwise
 * @param rootStretches of beds on that plot; none where it is not said which
 */
@Embeddable
public record Where(
        UUID plotId,
        @Convert(converter = StretchesConverter.class) List<Stretch> stretches,
        UUID rootPlotId,
        @Convert(converter = StretchesConverter.class) List<Stretch> rootStretches) {
    public static Where plot(UUID plotId) {
        return on(plotId, List.of());
    }

    static Where on(UUID plotId, List<Stretch> stretches) {
        return new Where(plotId, stretches, null, List.of());
    }

    /** The ground its roots grow on. */
    Where rootGround() {
        return on(rootPlotId, rootStretches);
    }

    /** The beds its roots take; nothing where it is not said which. */
    Optional<Where> roots() {
        return rootPlotId == null || rootStretches.isEmpty() ? Optional.empty() : Optional.of(rootGround());
    }

    /** The ground it seeds on, as the rules know ground. */
    Bedding bedding() {
        return new Bedding(
                plotId,
                stretches.stream()
                        .map(one -> new Bedding.Stretch(one.bedId(), one.from(), one.to()))
                        .toList());
    }

    static Where of(Bedding ground) {
        return on(
                (UUID) ground.plot(),
                ground.stretches().stream()
                        .map(one -> new Stretch((UUID) one.bed(), one.from(), one.to()))
                        .toList());
    }
}
