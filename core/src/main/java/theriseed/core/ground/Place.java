package theriseed.core.ground;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * Where something grows: an area with three or more corners, or a single spot (a neighbour's garden that was only
 * pointed at). Corners are in order round the edge; the last is not the first again.
 */
public record Place(List<LonLat> corners) {
    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final Range FROM_FARM = Range.of(-5000, 5000, "m");
    private static final double HAIR_M = 1e-6;
    private static final double SHARED_EDGE_M2 = 0.01;
    private static final double STICKING_OUT_M2 = 0.1;

    public Place {
        corners = List.copyOf(corners);
        int distinct = (int) corners.stream().distinct().count();
        if (distinct != corners.size() || distinct == 2 || distinct == 0) {
            throw new OutOfRange(
                    "corners",
                    distinct,
                    Refusal.AgainstRule.of("corners.tooFew", "distinct", distinct, "corners", corners.size()));
        }
        if (distinct > 2 && !inMetres(LocalPlane.around(corners), corners).isValid()) {
            throw new OutOfRange("corners", corners.size(), Refusal.AgainstRule.of("corners.cross"));
        }
    }

    /** A spot without extent. */
    public static Place spot(LonLat spot) {
        return new Place(List.of(spot));
    }

    /**
     * A rectangle by numbers, its sides true to the millimetre where it lies.
     *
     * @param plane whose origin the metres count from
     * @param east of its middle, metres, up to 5000 either way; {@code north} likewise
     * @param width metres, 1 to 2000; {@code length} likewise
     * @param turned degrees clockwise, -180 to 180
     */
    public static Place rectangle(
            LocalPlane plane, double east, double north, double width, double length, double turned) {
        FROM_FARM.check("east", east);
        FROM_FARM.check("north", north);
        Range.of(1, 2000, "m").check("width", width);
        Range.of(1, 2000, "m").check("length", length);
        double angle = Math.toRadians(Range.of(-180, 180, "degrees").check("turned", turned));
        LocalPlane there = LocalPlane.at(plane.spot(east, north));
        List<LonLat> corners = new ArrayList<>();
        for (double[] side : new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}) {
            double x = side[0] * width / 2;
            double y = side[1] * length / 2;
            corners.add(
                    there.spot(x * Math.cos(angle) + y * Math.sin(angle), -x * Math.sin(angle) + y * Math.cos(angle)));
        }
        return new Place(corners);
    }

    /**
     * A shape by its corners in metres from the origin of a plane, each up to 5000 either way.
     *
     * @param field what the corners are called when they are refused
     */
    public static Place shape(String field, LocalPlane plane, List<Coordinate> corners) {
        List<LonLat> spots = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            FROM_FARM.check(field + "[" + i + "].east", corners.get(i).x);
            FROM_FARM.check(field + "[" + i + "].north", corners.get(i).y);
            spots.add(plane.spot(corners.get(i).x, corners.get(i).y));
        }
        return new Place(spots);
    }

    /** Refuses a place with a corner more than 5 km east, west, north or south of the plane's origin. */
    public Place checkNear(String field, LocalPlane plane) {
        for (int i = 0; i < corners.size(); i++) {
            FROM_FARM.check(field + "[" + i + "] east of the farm’s spot", plane.east(corners.get(i)));
            FROM_FARM.check(field + "[" + i + "] north of the farm’s spot", plane.north(corners.get(i)));
        }
        return this;
    }

    /** Whether every corner lies as near to the plane's origin as {@link #checkNear} asks. */
    public boolean isNear(LocalPlane plane) {
        return corners.stream()
                .allMatch(corner -> FROM_FARM.holds(plane.east(corner)) && FROM_FARM.holds(plane.north(corner)));
    }

    /** Whether all of the other lies on this, but for a tenth of a square metre. */
    public boolean holds(Place other) {
        LocalPlane plane = LocalPlane.around(corners, other.corners);
        return inMetres(plane, other.corners)
                        .difference(inMetres(plane, corners))
                        .getArea()
                <= STICKING_OUT_M2;
    }

    /** Its length along the narrowest band that holds it, metres; 0 for a spot. */
    public double length() {
        return isSpot() ? 0 : band().length();
    }

    /**
     * The part of it from so many metres along its length to so many.
     *
     * @param from 0 to less than {@code to}; counted from its western end, or its southern when it runs north
     * @param to up to its length
     */
    public Place stretch(double from, double to) {
        Band band = band();
        Range.of(0, Math.ceil(band.length()), "m").check("to", to);
        Range.below(0, to, "m").check("from", from);
        Geometry cut = SHAPES.createPolygon(new Coordinate[] {
            band.at(from, -1),
            band.at(to, -1),
            band.at(to, band.width() + 1),
            band.at(from, band.width() + 1),
            band.at(from, -1)
        });
        Geometry part = inMetres(band.plane(), corners).intersection(cut);
        Coordinate[] ring = part.getCoordinates();
        List<LonLat> spots = new ArrayList<>();
        for (int i = 0; i < ring.length - 1; i++) {
            // A cut along an edge leaves corners a hair apart, which are one where degrees are longer.
            if (ring[i].distance(ring[i + 1]) > HAIR_M) {
                spots.add(band.plane().spot(ring[i].x, ring[i].y));
            }
        }
        return new Place(spots);
    }

    /** The spot so many metres along its length and across it, counted as {@link #stretch} counts; it may lie outside. */
    public LonLat at(double along, double across) {
        if (isSpot()) {
            return corners.get(0);
        }
        Band band = band();
        Coordinate spot = band.at(along, across);
        return band.plane().spot(spot.x, spot.y);
    }

    /** The rectangle round it that is narrowest, from its western or southern end. */
    private Band band() {
        LocalPlane plane = LocalPlane.around(corners);
        Coordinate[] box = new MinimumDiameter(inMetres(plane, corners))
                .getMinimumRectangle()
                .getCoordinates();
        int longSide = box[0].distance(box[1]) >= box[1].distance(box[2]) ? 0 : 1;
        Coordinate a = box[longSide];
        Coordinate b = box[longSide + 1];
        Coordinate across = box[longSide + 2];
        boolean turned = Math.abs(a.x - b.x) >= Math.abs(a.y - b.y) ? a.x > b.x : a.y > b.y;
        double width = b.distance(across);
        Coordinate side = new Coordinate((across.x - b.x) / width, (across.y - b.y) / width);
        return turned ? new Band(plane, b, a, side, width) : new Band(plane, a, b, side, width);
    }

    private record Band(LocalPlane plane, Coordinate start, Coordinate end, Coordinate side, double width) {
        double length() {
            return start.distance(end);
        }

        Coordinate at(double along, double across) {
            double t = along / length();
            return new Coordinate(
                    start.x + t * (end.x - start.x) + across * side.x,
                    start.y + t * (end.y - start.y) + across * side.y);
        }
    }

    /** The same shape so many metres east and north. */
    public Place off(LocalPlane plane, double east, double north) {
        return new Place(corners.stream()
                .map(corner -> plane.spot(plane.east(corner) + east, plane.north(corner) + north))
                .toList());
    }

    /** The same shape carried along when another shape is moved or turned from one place to the next. */
    public Place carried(Place from, Place to) {
        LocalPlane plane = LocalPlane.around(from.corners, to.corners);
        double[] before = from.on(plane);
        double[] after = to.on(plane);
        double turn = bearing(after) - bearing(before);
        List<LonLat> spots = new ArrayList<>();
        for (LonLat corner : corners) {
            double x = plane.east(corner) - before[0];
            double y = plane.north(corner) - before[1];
            spots.add(plane.spot(
                    after[0] + x * Math.cos(turn) - y * Math.sin(turn),
                    after[1] + x * Math.sin(turn) + y * Math.cos(turn)));
        }
        return new Place(spots);
    }

    /** The same shape, as many metres east and north of another origin. */
    public Place carried(LocalPlane from, LocalPlane to) {
        return new Place(corners.stream()
                .map(corner -> to.spot(from.east(corner), from.north(corner)))
                // Corners a hair apart may fall together where degrees are longer.
                .distinct()
                .toList());
    }

    private static double bearing(double[] ring) {
        return Math.atan2(ring[3] - ring[1], ring[2] - ring[0]);
    }

    /** Whether the two share ground, more than an edge. */
    public boolean overlaps(Place other) {
        LocalPlane plane = LocalPlane.around(corners, other.corners);
        Geometry shared = inMetres(plane, corners).intersection(inMetres(plane, other.corners));
        return shared.getArea() > SHARED_EDGE_M2;
    }

    public boolean isSpot() {
        return corners.size() == 1;
    }

    /**
     * Shortest way from edge to edge, metres; 0 where they touch or one holds the other. Exact to about a millimetre
     * over 5 km on the ellipsoid; height is ignored.
     */
    public double metresTo(Place other) {
        return wayTo(other).metres();
    }

    /** The shortest way to another place, on the pair's own plane. */
    public ShortestWay wayTo(Place other) {
        LocalPlane plane = LocalPlane.around(corners, other.corners);
        return ShortestWay.between(plane, on(plane), other.on(plane));
    }

    /** Area in square metres; 0 for a spot. */
    public double squareMetres() {
        return inMetres(LocalPlane.around(corners), corners).getArea();
    }

    /** The least width of a band that holds it, metres; 0 for a spot. */
    public double narrowSide() {
        return new MinimumDiameter(inMetres(LocalPlane.around(corners), corners)).getLength();
    }

    /** Its ring on a plane, as x, y, x, y … metres. */
    public double[] on(LocalPlane plane) {
        double[] metres = new double[2 * corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            metres[2 * i] = plane.east(corners.get(i));
            metres[2 * i + 1] = plane.north(corners.get(i));
        }
        return metres;
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
