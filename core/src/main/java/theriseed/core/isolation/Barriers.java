package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.ShortestWay;
import theriseed.core.ground.Site;

/** The barriers of a farm, found by where they stand. */
public final class Barriers {
    public static final Barriers NONE = new Barriers(List.of());

    /** Spots along each of two facing fronts from which, and to which, pollen is taken to fly straight. */
    private static final int SPOTS = 5;

    private final List<Barrier> standing;
    private final LocalPlane plane;
    private final STRtree index = new STRtree();

    /** A barrier's ring on the plane of them all, which is exact enough to say whether a line meets it. */
    private record Standing(double[] ring, double held) {}

    public Barriers(List<Barrier> barriers) {
        standing = List.copyOf(barriers);
        plane = LocalPlane.at(
                barriers.isEmpty()
                        ? new LonLat(0, 0)
                        : barriers.get(0).place().corners().get(0));
        for (Barrier barrier : barriers) {
            double[] ring = barrier.place().on(plane);
            index.insert(box(List.of(ring)), new Standing(ring, barrier.held()));
        }
        index.build();
    }

    /** Whether these are the same barriers in the same places. */
    boolean same(Barriers others) {
        return standing.equals(others.standing);
    }

    /** Those around a site, for all the ways to it. */
    Around around(Site site) {
        return new Around(site);
    }

    /** The barriers around one site. */
    final class Around {
        private final List<double[]> own;
        private final Envelope box;

        private Around(Site site) {
            own = index.isEmpty() ? List.of() : rings(site);
            box = box(own);
        }

        /**
         * Share of the pollen from another site that is held back, 0 to {@link Barrier#MOST_HELD}: of a fan of straight ways
         * from front to facing front, each counted by the pollen that comes so far. What passes one barrier meets the next;
         * what stands in few of the ways holds back little.
         *
         * @param shortest way from this site to the other
         * @param flow pollen that comes so many metres
         */
        double held(Site other, ShortestWay shortest, DoubleUnaryOperator flow) {
            if (index.isEmpty() || shortest.metres() == 0) {
                return 0;
            }
            List<double[]> facing = rings(other);
            Envelope all = box(facing);
            all.expandToInclude(box);
            List<?> near = index.query(all);
            if (near.isEmpty()) {
                return 0;
            }
            Coordinate from = shortest.begins(plane);
            Coordinate to = shortest.ends(plane);
            double far = metres(from, to);
            Direction ahead = new Direction((to.x - from.x) / far, (to.y - from.y) / far);
            Band band = ahead.band(own).with(ahead.band(facing));
            List<Standing> between = new ArrayList<>();
            for (Object found : near) {
                Standing barrier = (Standing) found;
                if (ahead.band(barrier.ring()).meets(band)) {
                    between.add(barrier);
                }
            }
            return between.isEmpty()
                    ? 0
                    : heldBetween(ahead.front(own), ahead.turned().front(facing), between, flow);
        }
    }

    private static double heldBetween(
            List<Coordinate> leaving, List<Coordinate> landing, List<Standing> between, DoubleUnaryOperator flow) {
        double all = 0;
        double held = 0;
        for (Coordinate from : leaving) {
            for (Coordinate to : landing) {
                double pollen = flow.applyAsDouble(metres(from, to));
                all += pollen;
                held += pollen * heldOnWay(from, to, between);
            }
        }
        return all == 0 ? 0 : Math.min(Barrier.MOST_HELD, held / all);
    }

    private static double metres(Coordinate from, Coordinate to) {
        return Math.sqrt((to.x - from.x) * (to.x - from.x) + (to.y - from.y) * (to.y - from.y));
    }

    private static double heldOnWay(Coordinate from, Coordinate to, List<Standing> between) {
        double passing = 1;
        for (Standing barrier : between) {
            if (ShortestWay.touches(from, to, barrier.ring())) {
                passing *= 1 - barrier.held();
            }
        }
        return Math.min(Barrier.MOST_HELD, 1 - passing);
    }

    private List<double[]> rings(Site site) {
        return site.parts().stream().map(part -> part.on(plane)).toList();
    }

    private static Envelope box(List<double[]> rings) {
        Envelope box = new Envelope();
        for (double[] ring : rings) {
            for (int i = 0; i < ring.length; i += 2) {
                box.expandToInclude(ring[i], ring[i + 1]);
            }
        }
        return box;
    }

    /** How far something reaches aside of a direction. */
    private record Band(double left, double right) {
        Band with(Band other) {
            return new Band(Math.min(left, other.left), Math.max(right, other.right));
        }

        boolean meets(Band other) {
            return left <= other.right && right >= other.left;
        }
    }

    /** Where one looks from a site to another: a vector of length one. */
    private record Direction(double x, double y) {
        Direction turned() {
            return new Direction(-x, -y);
        }

        double ahead(double[] ring, int corner) {
            return ring[corner] * x + ring[corner + 1] * y;
        }

        double aside(double[] ring, int corner) {
            return ring[corner + 1] * x - ring[corner] * y;
        }

        Band band(List<double[]> rings) {
            Band band = band(rings.get(0));
            for (double[] ring : rings) {
                band = band.with(band(ring));
            }
            return band;
        }

        Band band(double[] ring) {
            double left = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < ring.length; i += 2) {
                double aside = aside(ring, i);
                left = Math.min(left, aside);
                right = Math.max(right, aside);
            }
            return new Band(left, right);
        }

        /** Spots at even distances along the edge that faces this way; the spot itself where it has no width. */
        List<Coordinate> front(List<double[]> rings) {
            Band band = band(rings);
            double wide = band.right() - band.left();
            List<Coordinate> spots = new ArrayList<>(SPOTS);
            for (int i = 0; i < SPOTS && (i == 0 || wide > 0); i++) {
                double aside = band.left() + (i + 0.5) / SPOTS * wide;
                double ahead = foremost(rings, aside);
                if (ahead > Double.NEGATIVE_INFINITY) {
                    spots.add(new Coordinate(ahead * x - aside * y, ahead * y + aside * x));
                }
            }
            return spots;
        }

        /** How far ahead their edges reach on a line this way; nothing where none of them lies on it. */
        private double foremost(List<double[]> rings, double aside) {
            double most = Double.NEGATIVE_INFINITY;
            for (double[] ring : rings) {
                for (int i = 0; i < ring.length; i += 2) {
                    int next = (i + 2) % ring.length;
                    double a = aside(ring, i) - aside;
                    double b = aside(ring, next) - aside;
                    if (a * b <= 0) {
                        double along = a == b ? 0 : a / (a - b);
                        most = Math.max(most, ahead(ring, i) + along * (ahead(ring, next) - ahead(ring, i)));
                    }
                }
            }
            return most;
        }
    }
}
