package theriseed.core.ground;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * Metres east and north of an origin, true to 0.0012 m over 5 km when the origin is the middle of the pair looked at;
 * one origin 5 km away would cost up to 11 m, so distances are always measured on the pair's own plane.
 *
 * <p>Equirectangular projection with the local radii of WGS84 (standard geodesy).
 */
public final class LocalPlane {
    private static final double SEMI_MAJOR_M = 6_378_137;
    private static final double FLATTENING = 1 / 298.257223563;
    private static final double ECCENTRICITY_SQUARED = FLATTENING * (2 - FLATTENING);

    private final LonLat origin;
    private final double metresPerRadianEast;
    private final double metresPerRadianNorth;

    private LocalPlane(LonLat origin) {
        this.origin = origin;
        double latitude = Math.toRadians(origin.lat());
        double sine = Math.sin(latitude);
        double w = 1 - ECCENTRICITY_SQUARED * sine * sine;
        double root = Math.sqrt(w);
        this.metresPerRadianNorth = SEMI_MAJOR_M * (1 - ECCENTRICITY_SQUARED) / (w * root);
        this.metresPerRadianEast = SEMI_MAJOR_M / root * Math.cos(latitude);
    }

    /** The plane whose origin is the middle of the box around all the corners. */
    @SafeVarargs
    public static LocalPlane around(List<LonLat>... shapes) {
        double first = shapes[0].get(0).lon();
        double west = 0;
        double east = 0;
        double south = Double.POSITIVE_INFINITY;
        double north = Double.NEGATIVE_INFINITY;
        for (List<LonLat> corners : shapes) {
            for (LonLat corner : corners) {
                double offset = folded(corner.lon() - first);
                west = Math.min(west, offset);
                east = Math.max(east, offset);
                south = Math.min(south, corner.lat());
                north = Math.max(north, corner.lat());
            }
        }
        return new LocalPlane(new LonLat((first + west + first + east) / 2, (south + north) / 2));
    }

    /** The plane around a fixed spot, for drawing a farm and for placing shapes by metres. */
    public static LocalPlane at(LonLat origin) {
        return new LocalPlane(origin);
    }

    /** The spot so many metres east and north of the origin. */
    public LonLat spot(double east, double north) {
        return new LonLat(
                origin.lon() + Math.toDegrees(east / metresPerRadianEast),
                origin.lat() + Math.toDegrees(north / metresPerRadianNorth));
    }

    public LonLat origin() {
        return origin;
    }

    /** Metres east (x) and north (y) of the origin. */
    public Coordinate metres(LonLat spot) {
        return new Coordinate(east(spot), north(spot));
    }

    double east(LonLat spot) {
        return metresPerRadianEast * Math.toRadians(folded(spot.lon() - origin.lon()));
    }

    double north(LonLat spot) {
        return metresPerRadianNorth * Math.toRadians(spot.lat() - origin.lat());
    }

    private static double folded(double degrees) {
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }
}
