package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;

class BarriersTest {
    private static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));
    private static final Site WEST = site(-140, 0, 100, 100);
    private static final Site EAST = site(140, 0, 100, 100);

    private static Place rectangle(double east, double north, double width, double length) {
        return Place.rectangle(FARM, east, north, width, length, 0);
    }

    private static Site site(double east, double north, double width, double length) {
        return Site.of(rectangle(east, north, width, length));
    }

    private static Barrier wood(double east, double north, double width, double length) {
        return new Barrier(rectangle(east, north, width, length), 0.5);
    }

    private static double held(Site from, Site to, Barrier... barriers) {
        return new Barriers(List.of(barriers))
                .around(from)
                .held(to, from.wayTo(to), metres -> Math.exp(-Math.sqrt(metres)));
    }

    @Test
    void aWoodAcrossAllOfItHoldsWhatAWoodHolds() {
        assertThat(held(WEST, EAST, wood(0, 0, 10, 200))).isEqualTo(0.5);
    }

    @Test
    void aTreeAtTheOneSpotWhereTheShortestWayRunsHoldsNextToNothing() {
        for (double north = -49; north <= 49; north += 7) {
            assertThat(held(WEST, EAST, wood(0, north, 2, 1))).isLessThan(0.1);
        }
    }

    @Test
    void aHedgeThatLeavesACornerOutHoldsMostOfWhatAHedgeHolds() {
        double whole = held(WEST, EAST, wood(0, 0, 4, 100));
        assertThat(held(WEST, EAST, wood(0, 10, 4, 80))).isBetween(0.7 * whole, whole);
    }

    @Test
    void halfOfTheFrontShadedIsAboutHalfHeldBack() {
        assertThat(held(WEST, EAST, wood(0, 25, 2, 50))).isCloseTo(0.25, within(0.03));
    }

    @Test
    void theSameBothWays() {
        Barrier hedge = wood(20, 30, 6, 70);
        assertThat(held(WEST, EAST, hedge)).isCloseTo(held(EAST, WEST, hedge), within(1e-9));
    }

    @Test
    void fromASpotToASpotEverythingOrNothing() {
        Site here = Site.of(Place.spot(FARM.spot(0, 0)));
        Site there = Site.of(Place.spot(FARM.spot(100, 0)));
        assertThat(held(here, there, wood(50, 0, 4, 10))).isEqualTo(0.5);
        assertThat(held(here, there, wood(50, 30, 4, 10))).isZero();
    }

    @Test
    void behindOrBesideNothingIsHeld() {
        assertThat(held(WEST, EAST, wood(-250, 0, 10, 200))).isZero();
        assertThat(held(WEST, EAST, wood(0, 200, 10, 100))).isZero();
        assertThat(held(WEST, site(-80, 0, 20, 100), wood(-90, 0, 4, 200))).isZero();
    }

    @Test
    void moreStandingNeverHoldsLessNorMoreThanAnythingCan() {
        Random random = new Random(7);
        for (int run = 0; run < 200; run++) {
            Site other = site(120 + 200 * random.nextDouble(), 200 * random.nextDouble() - 100, 40, 60);
            List<Barrier> standing = new ArrayList<>();
            double before = 0;
            for (int i = 0; i < 5; i++) {
                standing.add(wood(
                        -80 + 150 * random.nextDouble(),
                        150 * random.nextDouble() - 75,
                        2 + 20 * random.nextDouble(),
                        2 + 60 * random.nextDouble()));
                double now = held(WEST, other, standing.toArray(Barrier[]::new));
                assertThat(now).isBetween(before - 1e-12, Barrier.MOST_HELD);
                before = now;
            }
        }
    }
}
