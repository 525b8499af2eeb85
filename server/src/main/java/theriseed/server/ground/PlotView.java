package theriseed.server.ground;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.UUID;
import theriseed.core.ground.Place;

/** A plot as others see it; {@code area} in square metres, {@code positionError} in metres. */
public record PlotView(
        UUID id,
        int version,
        String name,
        @JsonIgnore Place place,
        double positionError,
        double area,
        boolean removed) {}
