package theriseed.server.season;

import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import java.util.List;
import java.util.UUID;

/**
 * The ground a planting takes.
 *
 * @param plotId where it seeds
 * @param stretches of beds on that plot; none when it takes the plot as it lies
 * @param rootPlotId where its roots grow in the year before, when they are lifted; null otherwise
 */
@Embeddable
public record Where(
        UUID plotId,
        @Convert(converter = StretchesConverter.class) List<Stretch> stretches,
        UUID rootPlotId) {
    public static Where plot(UUID plotId) {
        return new Where(plotId, List.of(), null);
    }

    /** Whether two take the same ground: a plot as it lies is all of its beds. */
    boolean shares(Where other) {
        return plotId.equals(other.plotId)
                && (stretches.isEmpty()
                        || other.stretches.isEmpty()
                        || stretches.stream()
                                .anyMatch(mine -> other.stretches.stream().anyMatch(mine::shares)));
    }
}
