package theriseed.server.ground;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;

/** Metres east and north of the farm's spot. */
public record Metres(double east, double north) {
    /** The corners of a place as they are drawn. */
    public static List<Metres> of(LocalPlane plane, Place place) {
        return place.corners().stream()
                .map(corner -> {
                    Coordinate at = plane.metres(corner);
                    return new Metres(at.getX(), at.getY());
                })
                .toList();
    }
}
