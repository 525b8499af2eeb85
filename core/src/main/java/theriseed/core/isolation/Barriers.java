package theriseed.core.isolation;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.ShortestWay;

/** The barriers of a farm, found by where they stand. */
public final class Barriers {
    public static final Barriers NONE = new Barriers(List.of());

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
            Envelope box = new Envelope();
            for (int i = 0; i < ring.length; i += 2) {
                box.expandToInclude(ring[i], ring[i + 1]);
            }
            index.insert(box, new Standing(ring, barrier.held()));
        }
        index.build();
    }

    /** Whether these are the same barriers in the same places. */
    boolean same(Barriers others) {
        return standing.equals(others.standing);
    }

    /**
     * Share of pollen held back on a way, 0 to {@link Barrier#MOST_HELD}: what passes one barrier meets the next.
     *
     * @param way the shortest between two plantings; on a longer one the pollen may go round
     */
    double held(ShortestWay way) {
        if (index.isEmpty() || way.metres() == 0) {
            return 0;
        }
        Coordinate from = way.begins(plane);
        Coordinate to = way.ends(plane);
        double passing = 1;
        for (Object found : index.query(new Envelope(from, to))) {
            Standing barrier = (Standing) found;
            if (ShortestWay.touches(from, to, barrier.ring())) {
                passing *= 1 - barrier.held();
            }
        }
        return Math.min(Barrier.MOST_HELD, 1 - passing);
    }
}
