package theriseed.server.ground;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;

/** Metres east and north of the farm's spot. */
public record Metres(double east, double north) {
    /** The corners of a place as they are drawn. */
    public static List<Metres> of(LocalPlane plane, Place place) {
        return place.corners().stream().map(corner -> of(plane, corner)).toList();
    }

    /** A spot as it is drawn. */
    public static Metres of(LocalPlane plane, LonLat spot) {
        Coordinate at = plane.metres(spot);
        return new Metres(at.getX(), at.getY());
    }
}
