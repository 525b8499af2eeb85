package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import theriseed.core.bench.OwnRange.Place;

class OwnRangeTest {
    @Test
    void threeLotsTellNothing() {
        assertThat(OwnRange.of(1, 2, 3)).isEmpty();
    }

    @Test
    void quartilesLieBetweenTheNearestLots() {
        OwnRange range = OwnRange.of(4, 1, 3, 2).orElseThrow();
        assertThat(range.low()).isEqualTo(1.75);
        assertThat(range.median()).isEqualTo(2.5);
        assertThat(range.high()).isEqualTo(3.25);
        assertThat(range.lots()).isEqualTo(4);
    }

    @Test
    void whatLiesFarFromTheMiddleHalfIsOutside() {
        OwnRange range = OwnRange.of(10, 11, 12, 13, 14).orElseThrow();
        assertThat(range.place(8.1)).isEqualTo(Place.WITHIN);
        assertThat(range.place(7.9)).isEqualTo(Place.BELOW);
        assertThat(range.place(16.1)).isEqualTo(Place.ABOVE);
    }
}
