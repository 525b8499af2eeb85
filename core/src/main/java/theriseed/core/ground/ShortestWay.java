package theriseed.core.ground;

import org.locationtech.jts.geom.Coordinate;

/**
 * The shortest straight way between two shapes of one plane: where it leaves the one, where it meets the other, and how
 * long it is. Plain arithmetic, because a season asks for a hundred thousand of them.
 *
 * @param metres 0 where the shapes touch or one holds the other
 */
public record ShortestWay(LocalPlane plane, double fromX, double fromY, double toX, double toY, double metres) {

    /** Between rings given as x, y, x, y …; a ring of one corner is a spot. The least lies at a corner of one of them. */
    public static ShortestWay between(LocalPlane plane, double[] a, double[] b) {
        if (crossing(a, b) || holds(a, b[0], b[1]) || holds(b, a[0], a[1])) {
            return new ShortestWay(plane, a[0], a[1], a[0], a[1], 0);
        }
        double[] best = {Double.POSITIVE_INFINITY, 0, 0, 0, 0};
        nearest(a, b, best, false);
        nearest(b, a, best, true);
        return new ShortestWay(plane, best[1], best[2], best[3], best[4], Math.sqrt(best[0]));
    }

    /** Where it begins, on the plane its metres were measured on or on any other. */
    public Coordinate begins(LocalPlane other) {
        return other.metres(plane.spot(fromX, fromY));
    }

    public Coordinate ends(LocalPlane other) {
        return other.metres(plane.spot(toX, toY));
    }

    /** Whether a ring, given as x, y, x, y …, touches the straight line between two spots of the same plane. */
    public static boolean touches(Coordinate from, Coordinate to, double[] ring) {
        double[] line = {from.x, from.y, to.x, to.y};
        double left = Double.NEGATIVE_INFINITY;
        double right = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ring.length; i += 2) {
            double side = side(line, 0, 2, ring[i], ring[i + 1]);
            left = Math.max(left, side);
            right = Math.min(right, side);
        }
        return left >= 0 && right <= 0 && (crossing(line, ring) || holds(ring, from.x, from.y));
    }

    private static void nearest(double[] corners, double[] edges, double[] best, boolean swapped) {
        for (int i = 0; i < corners.length; i += 2) {
            double x = corners[i];
            double y = corners[i + 1];
            for (int j = 0; j < edges.length; j += 2) {
                int k = (j + 2) % edges.length;
                double dx = edges[k] - edges[j];
                double dy = edges[k + 1] - edges[j + 1];
                double length = dx * dx + dy * dy;
                double along = length == 0 ? 0 : ((x - edges[j]) * dx + (y - edges[j + 1]) * dy) / length;
                double t = Math.max(0, Math.min(1, along));
                double px = edges[j] + t * dx;
                double py = edges[j + 1] + t * dy;
                double squared = (x - px) * (x - px) + (y - py) * (y - py);
                if (squared < best[0]) {
                    best[0] = squared;
                    best[1] = swapped ? px : x;
                    best[2] = swapped ? py : y;
                    best[3] = swapped ? x : px;
                    best[4] = swapped ? y : py;
                }
            }
        }
    }

    private static boolean crossing(double[] a, double[] b) {
        if (a.length < 4 || b.length < 4) {
            return false;
        }
        for (int i = 0; i < a.length; i += 2) {
            int j = (i + 2) % a.length;
            for (int k = 0; k < b.length; k += 2) {
                int l = (k + 2) % b.length;
                double p = side(a, i, j, b[k], b[k + 1]);
                double q = side(a, i, j, b[l], b[l + 1]);
                double r = side(b, k, l, a[i], a[i + 1]);
                double s = side(b, k, l, a[j], a[j + 1]);
                if (p * q < 0 && r * s < 0) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Twice the area of the triangle of an edge and a spot; its sign says on which side the spot lies. */
    private static double side(double[] ring, int from, int to, double x, double y) {
        return (ring[to] - ring[from]) * (y - ring[from + 1]) - (ring[to + 1] - ring[from + 1]) * (x - ring[from]);
    }

    private static boolean holds(double[] ring, double x, double y) {
        boolean inside = false;
        for (int i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
            boolean between = ring[i + 1] > y != ring[j + 1] > y;
            if (between && x < (ring[j] - ring[i]) * (y - ring[i + 1]) / (ring[j + 1] - ring[i + 1]) + ring[i]) {
                inside = !inside;
            }
        }
        return inside;
    }
}
