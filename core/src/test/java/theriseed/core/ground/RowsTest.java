package theriseed.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class RowsTest {
    static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));
    static final Site PLOT = Site.of(Place.rectangle(FARM, 0, 0, 90, 55, 0));

    @Test
    void asManyRowsAsThePlantsNeed() {
        Rows maize = Rows.of(PLOT, 1200, 0.25, 0.75);
        assertThat(maize.count()).isEqualTo(4);
        assertThat(maize.count() * maize.plantsEach()).isGreaterThanOrEqualTo(1200);
        assertThat(Rows.of(PLOT, 20, 0.25, 0.75)).isEqualTo(new Rows(1, 20));
    }

    @Test
    void noMoreRowsThanTheGroundHasRoomFor() {
        assertThat(Rows.of(PLOT, 1_000_000, 0.25, 0.75).count()).isEqualTo((int) (55 / 0.75));
    }

    @Test
    void rowsLieSideBySideAlongTheGround() {
        Rows nine = Rows.counted(9, 1200);
        LonLat first = nine.spot(PLOT, 1, 10);
        LonLat last = nine.spot(PLOT, 9, 10);
        assertThat(FARM.east(first)).isCloseTo(-35, within(0.1));
        assertThat(FARM.east(last)).isCloseTo(-35, within(0.1));
        assertThat(Math.abs(FARM.north(first) - FARM.north(last))).isCloseTo(55 * 8 / 9.0, within(0.1));
    }

    @Test
    void rowsOfSeveralBedsGoOnFromBedToBed() {
        Site beds = new Site(List.of(Place.rectangle(FARM, 0, 0, 40, 2, 0), Place.rectangle(FARM, 0, 10, 40, 2, 0)));
        Rows four = Rows.counted(4, 100);
        assertThat(FARM.north(four.spot(beds, 2, 5))).isBetween(-1.0, 1.0);
        assertThat(FARM.north(four.spot(beds, 3, 5))).isBetween(9.0, 11.0);
    }

    @Test
    void aRowThatIsNotThereIsRefused() {
        assertThatThrownBy(() -> Rows.counted(4, 100).spot(PLOT, 5, 1))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("row: 5 is outside the valid range [1, 4] row");
        assertThatThrownBy(() -> Rows.counted(4, 100).spot(PLOT, 1, 200)).isInstanceOf(OutOfRange.class);
    }
}
