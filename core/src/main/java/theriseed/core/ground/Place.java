package theriseed.core.ground;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;

/**
 * Where something grows: an area with three or more corners, or a single spot (a neighbour's garden that was only
 * pointed at). Corners are in order round the edge; the last is not the first again.
 */
public record Place(List<LonLat> corners) {
    private static final GeometryFactory SHAPES = new GeometryFactory();

    public Place {
        corners = List.copyOf(corners);
        int distinct = (int) corners.stream().distinct().count();
        if (distinct != corners.size() || distinct == 2 || distinct == 0) {
            throw new OutOfRange(
                    "corners",
                    distinct + " distinct of " + corners.size(),
                    "one spot, or 3 or more, all different",
                    "");
        }
        if (distinct > 2 && !inMetres(LocalPlane.around(corners), corners).isValid()) {
            throw new OutOfRange("corners", "a shape whose edges cross", "edges that do not cross each other", "");
        }
    }

    /** A spot without extent. */
    public static Place spot(LonLat spot) {
        return new Place(List.of(spot));
    }

    /**
     * A rectangle by numbers.
     *
     * @param plane whose origin the metres count from
     * @param east of its middle, metres, up to 5000 either way; {@code north} likewise
     * @param width metres, 1 to 2000; {@code length} likewise
     * @param turned degrees clockwise, -180 to 180
     */
    public static Place rectangle(
            LocalPlane plane, double east, double north, double width, double length, double turned) {
        Range.of(-5000, 5000, "m").check("east", east);
        Range.of(-5000, 5000, "m").check("north", north);
        Range.of(1, 2000, "m").check("width", width);
        Range.of(1, 2000, "m").check("length", length);
        double angle = Math.toRadians(Range.of(-180, 180, "degrees").check("turned", turned));
        List<LonLat> corners = new ArrayList<>();
        for (double[] side : new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}) {
            double x = side[0] * width / 2;
            double y = side[1] * length / 2;
            corners.add(plane.spot(
                    east + x * Math.cos(angle) + y * Math.sin(angle),
                    north - x * Math.sin(angle) + y * Math.cos(angle)));
        }
        return new Place(corners);
    }

    /** Whether the two share ground, more than an edge. */
    public boolean overlaps(Place other) {
        List<LonLat> both = new ArrayList<>(corners);
        both.addAll(other.corners);
        LocalPlane plane = LocalPlane.around(both);
        Geometry shared = inMetres(plane, corners).intersection(inMetres(plane, other.corners));
        return shared.getArea() > 0.01;
    }

    public boolean isSpot() {
        return corners.size() == 1;
    }

    /**
     * Shortest way from edge to edge, metres; 0 where they touch or one holds the other. Exact to about a millimetre
     * over 5 km on the ellipsoid; height is ignored.
     */
    public double metresTo(Place other) {
        List<LonLat> both = new ArrayList<>(corners);
        both.addAll(other.corners);
        LocalPlane plane = LocalPlane.around(both);
        return inMetres(plane, corners).distance(inMetres(plane, other.corners));
    }

    /** Area in square metres; 0 for a spot. */
    public double squareMetres() {
        return inMetres(LocalPlane.around(corners), corners).getArea();
    }

    private static Geometry inMetres(LocalPlane plane, List<LonLat> corners) {
        if (corners.size() == 1) {
            return SHAPES.createPoint(plane.metres(corners.get(0)));
        }
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < corners.size(); i++) {
            ring[i] = plane.metres(corners.get(i));
        }
        ring[corners.size()] = ring[0];
        return SHAPES.createPolygon(ring);
    }
}
