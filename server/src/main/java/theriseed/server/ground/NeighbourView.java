package theriseed.server.ground;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.ground.Place;
import theriseed.core.isolation.NeighbourReport;
import theriseed.server.base.Maybe;

/** A neighbour's crop as others see it; {@code area} in square metres. */
public record NeighbourView(
        UUID id,
        int version,
        String name,
        NeighbourReport.Kind kind,
        @Maybe String cropKey,
        @JsonIgnore Place place,
        double positionError,
        double area,
        int season,
        @Maybe LocalDate bloomFirst,
        @Maybe LocalDate bloomLast,
        LocalDate seenOn,
        boolean sure,
        @Maybe LocalDate agreedBy,
        @Maybe LocalDate keptOn) {

    /** Its bloom, when it was told or seen. */
    @JsonIgnore
    public Optional<BloomWindow> bloom() {
        return bloomFirst == null ? Optional.empty() : Optional.of(new BloomWindow(bloomFirst, bloomLast));
    }

    Seen seen() {
        return new Seen(
                name,
                kind,
                cropKey,
                place,
                positionError,
                area,
                season,
                bloomFirst,
                bloomLast,
                seenOn,
                sure,
                agreedBy,
                keptOn);
    }
}
