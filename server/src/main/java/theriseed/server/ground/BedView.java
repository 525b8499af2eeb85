package theriseed.server.ground;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.UUID;
import theriseed.core.ground.Place;

/** A bed as others see it; metres and square metres. */
public record BedView(
        UUID id,
        int version,
        UUID plotId,
        String name,
        @JsonIgnore Place place,
        double length,
        double width,
        double area,
        boolean removed) {}
