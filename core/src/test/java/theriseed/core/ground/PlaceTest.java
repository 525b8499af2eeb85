package theriseed.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import theriseed.core.measure.OutOfRange;

class PlaceTest {
    private static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));

    @ParameterizedTest
    @ValueSource(doubles = {0, 15, -90, 133})
    void turningARectangleKeepsItsArea(double turned) {
        Place plot = Place.rectangle(FARM, 120, -80, 40, 12, turned);
        assertThat(plot.squareMetres()).isCloseTo(480, within(0.01));
    }

    @Test
    void distanceIsFromEdgeToEdgeBothWays() {
        Place west = Place.rectangle(FARM, 0, 0, 40, 20, 0);
        Place east = Place.rectangle(FARM, 100, 0, 40, 20, 0);
        assertThat(west.metresTo(east)).isCloseTo(60, within(0.001)).isEqualTo(east.metresTo(west));
        assertThat(west.metresTo(Place.spot(FARM.spot(5, 5)))).isZero();
        assertThat(west.overlaps(east)).isFalse();
        assertThat(west.overlaps(Place.rectangle(FARM, 30, 0, 40, 20, 0))).isTrue();
    }

    @Test
    void shapesThatAreNoneAreRefused() {
        LonLat a = FARM.spot(0, 0);
        LonLat b = FARM.spot(10, 0);
        LonLat c = FARM.spot(10, 10);
        LonLat d = FARM.spot(0, 10);
        assertThatThrownBy(() -> new Place(List.of(a, b))).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> new Place(List.of(a, b, b, a))).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> new Place(List.of(a, c, b, d))).hasMessageContaining("corners.cross");
        assertThatThrownBy(() -> LonLat.of("corner", 6.2, 95)).hasMessageContaining("corner.lat: 95");
        assertThatThrownBy(() -> Place.rectangle(FARM, 0, 0, 0, 10, 0)).hasMessageContaining("width: 0");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 15, -60, 90, 133})
    void stretchesOfABedShareItWithoutGapOrOverlap(double turned) {
        Place bed = Place.rectangle(FARM, 30, 40, 1.2, 40, turned);
        assertThat(bed.length()).isCloseTo(40, within(0.001));
        Place first = bed.stretch(0, 15);
        Place second = bed.stretch(15, 40);
        assertThat(first.squareMetres()).isCloseTo(18, within(0.01));
        assertThat(second.squareMetres()).isCloseTo(30, within(0.01));
        assertThat(first.overlaps(second)).isFalse();
        assertThat(first.metresTo(second)).isCloseTo(0, within(0.001));
        assertThat(bed.holds(first)).isTrue();
        assertThat(first.holds(bed)).isFalse();
        assertThatThrownBy(() -> bed.stretch(10, 50)).hasMessageContaining("to: 50");
        assertThatThrownBy(() -> bed.stretch(20, 10)).hasMessageContaining("from: 20");
    }

    @Test
    void aStretchCountsFromTheWest() {
        Place bed = Place.rectangle(FARM, 0, 0, 40, 1.2, 0);
        assertThat(bed.stretch(0, 5).corners()).allMatch(corner -> FARM.metres(corner).x < -14);
    }

    @Test
    void bedsGoAlongWhenTheirPlotIsMovedAndTurned() {
        Place plot = Place.rectangle(FARM, 0, 0, 60, 30, 0);
        Place bed = Place.rectangle(FARM, 10, 5, 40, 1.2, 0);
        Place elsewhere = Place.rectangle(FARM, 200, -90, 60, 30, 35);
        Place along = bed.carried(plot, elsewhere);
        assertThat(along.squareMetres()).isCloseTo(bed.squareMetres(), within(0.01));
        assertThat(elsewhere.holds(along)).isTrue();
        Place other = Place.rectangle(FARM, 10, -5, 40, 1.2, 0).carried(plot, elsewhere);
        assertThat(along.metresTo(other)).isCloseTo(8.8, within(0.001));
    }

    @Test
    void cornersFarFromTheFarmAreRefusedByName() {
        assertThatThrownBy(() -> Place.shape(
                        "corners",
                        FARM,
                        List.of(new Coordinate(0, 0), new Coordinate(60_000, 0), new Coordinate(0, 9))))
                .hasMessage("corners[1].east: 60000 is outside the valid range [-5000, 5000] m");
        Place inTheCorner = Place.spot(FARM.spot(4990, -4990));
        assertThat(inTheCorner.isNear(FARM)).isTrue();
        assertThat(inTheCorner.checkNear("corners", FARM)).isEqualTo(inTheCorner);
        Place far = Place.spot(new LonLat(40, 12));
        assertThat(far.isNear(FARM)).isFalse();
        assertThatThrownBy(() -> far.checkNear("coordinates", FARM)).hasMessageContaining("coordinates[0] east");
    }

    @Test
    void aFarmThatLiesElsewhereKeepsItsMetresAndCornersAHairApartAreOne() {
        LocalPlane here = LocalPlane.at(new LonLat(-24.3, 54.6));
        LocalPlane there = LocalPlane.at(new LonLat(90, 45));
        Place plot = Place.rectangle(here, 300, -200, 40, 20, 15);
        List<LonLat> corners = new ArrayList<>(plot.corners());
        LonLat first = corners.get(0);
        corners.add(new LonLat(Math.nextUp(first.lon()), first.lat()));
        Place carried = new Place(corners).carried(here, there);
        assertThat(carried.squareMetres()).isCloseTo(800, within(0.05));
        assertThat(carried.corners()).hasSize(4);
        assertThat(there.metres(carried.corners().get(2)).x).isCloseTo(here.metres(corners.get(2)).x, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"-24.3, 54.6", "89.9, 44.9", "178.4, -38.2", "-122.3, 47.5", "0.001, 0.001", "-179.9, 74"})
    void aStretchIsCutOutOfABedWhereverTheFarmLies(double lon, double lat) {
        LocalPlane drawn = LocalPlane.at(new LonLat(-24.3, 54.6));
        LocalPlane there = LocalPlane.at(new LonLat(lon, lat));
        for (int turned = -180; turned <= 180; turned += 3) {
            Place bed = Place.rectangle(drawn, 310.5, -95.25, 30, 1.2, turned).carried(drawn, there);
            for (double to = 0.5; to <= 30; to += 0.5) {
                assertThat(bed.stretch(0, to).squareMetres())
                        .as("%d degrees, to %s", turned, to)
                        .isCloseTo(1.2 * to, within(0.01));
            }
        }
    }
}
