package theriseed.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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
        assertThatThrownBy(() -> new Place(List.of(a, c, b, d))).hasMessageContaining("edges cross");
        assertThatThrownBy(() -> LonLat.of("corner", 6.2, 95)).hasMessageContaining("corner.lat: 95");
        assertThatThrownBy(() -> Place.rectangle(FARM, 0, 0, 0, 10, 0)).hasMessageContaining("width: 0");
    }
}
