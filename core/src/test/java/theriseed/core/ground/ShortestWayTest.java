package theriseed.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

class ShortestWayTest {
    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));

    private final Random random = new Random(3);

    private double off(double most) {
        return (random.nextDouble() * 2 - 1) * most;
    }

    private Place somewhere() {
        return random.nextInt(4) == 0
                ? Place.spot(FARM.spot(off(300), off(300)))
                : Place.rectangle(
                        FARM,
                        off(300),
                        off(300),
                        5 + random.nextDouble() * 200,
                        5 + random.nextDouble() * 60,
                        off(180));
    }

    private static Geometry shape(Place place, LocalPlane plane) {
        double[] ring = place.on(plane);
        if (ring.length == 2) {
            return SHAPES.createPoint(new Coordinate(ring[0], ring[1]));
        }
        Coordinate[] closed = new Coordinate[ring.length / 2 + 1];
        for (int i = 0; i < closed.length; i++) {
            int at = 2 * i % ring.length;
            closed[i] = new Coordinate(ring[at], ring[at + 1]);
        }
        return SHAPES.createPolygon(closed);
    }

    @Test
    void isAsLongAsAGeometryLibrarySaysForShapesOfEveryKind() {
        for (int i = 0; i < 2000; i++) {
            Place a = somewhere();
            Place b = somewhere();
            ShortestWay way = a.wayTo(b);
            double expected = shape(a, way.plane()).distance(shape(b, way.plane()));
            assertThat(way.metres()).isCloseTo(expected, within(1e-6));
            assertThat(Math.hypot(way.fromX() - way.toX(), way.fromY() - way.toY()))
                    .isCloseTo(way.metres(), within(1e-9));
        }
    }

    @Test
    void meetsWhatLiesAcrossIt() {
        int met = 0;
        for (int i = 0; i < 2000; i++) {
            ShortestWay way = somewhere().wayTo(somewhere());
            Place between = somewhere();
            if (way.metres() == 0) {
                continue;
            }
            Coordinate from = way.begins(FARM);
            Coordinate to = way.ends(FARM);
            LineString line = SHAPES.createLineString(new Coordinate[] {from, to});
            boolean expected = !between.isSpot() && line.intersects(shape(between, FARM));
            assertThat(ShortestWay.touches(from, to, between.on(FARM))).isEqualTo(expected);
            met += expected ? 1 : 0;
        }
        assertThat(met).isBetween(100, 1800);
    }
}
