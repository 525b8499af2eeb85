package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;

class SeasonThreatsTest {
    private static final CropTable CROPS = CropTable.shipped();
    private static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));

    private static Stand stand(String crop, String variety, double east, double north, boolean forSeed) {
        LocalDate first = LocalDate.of(2026, 5, 1).plusDays(Math.abs(variety.hashCode()) % 20);
        return new Stand(
                CROPS.find(crop).orElseThrow(),
                variety,
                Site.of(Place.rectangle(FARM, east, north, 40, 12, 20)),
                3,
                480,
                Optional.of(new BloomWindow(first, first.plusDays(34))),
                BloomSpread.ofBoth(7),
                PollenControl.OPEN,
                true,
                forSeed ? Optional.of(Grade.MARKET) : Optional.empty(),
                0);
    }

    private static List<Stand> manyStands(int count) {
        Random random = new Random(7);
        List<String> crops = List.of("kale", "cabbage", "radish", "turnip", "beetroot", "chard", "carrot", "pea");
        List<Stand> stands = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            stands.add(stand(
                    crops.get(random.nextInt(crops.size())),
                    "variety " + i,
                    random.nextDouble() * 8000 - 4000,
                    random.nextDouble() * 8000 - 4000,
                    i % 3 != 0));
        }
        return stands;
    }

    private static Barriers wood(double east) {
        return new Barriers(List.of(new Barrier(Place.rectangle(FARM, east, 0, 20, 300, 0), 0.5)));
    }

    @Test
    void aChangeToOneStandGivesWhatTheWholeSeasonWould() {
        List<Stand> stands = manyStands(120);
        Barriers barriers = new Barriers(List.of(
                new Barrier(Place.rectangle(FARM, 0, 0, 30, 1900, 10), 0.5),
                new Barrier(Place.rectangle(FARM, 900, 400, 2000, 10, 40), 0.3)));
        SeasonThreats before = SeasonThreats.of(stands, barriers);
        for (int moved : new int[] {0, 1, 17, 64, 119}) {
            Stand then = stands.get(moved).at(Site.of(Place.rectangle(FARM, 300, -200, 40, 12, 0)));
            List<Stand> changed = new ArrayList<>(stands);
            changed.set(moved, then);
            SeasonThreats after = SeasonThreats.of(changed, barriers);
            Map<Integer, Threats> touched = before.with(moved, then);
            for (int i = 0; i < stands.size(); i++) {
                if (stands.get(i).grade().isEmpty()) {
                    assertThat(touched).doesNotContainKey(i);
                    continue;
                }
                Threats expected = after.to(i);
                Threats found = touched.getOrDefault(i, before.to(i));
                assertThat(found.worstFirst()).isEqualTo(expected.worstFirst());
                assertThat(found.crossing()).isCloseTo(expected.crossing(), within(1e-12));
            }
            assertThat(touched.size()).isLessThan(stands.size() / 2);
        }
    }

    private static void assertSame(SeasonThreats season, SeasonThreats expected) {
        assertThat(season.seedCrops()).isEqualTo(expected.seedCrops());
        for (int number : season.seedCrops()) {
            assertThat(season.to(number).worstFirst())
                    .containsExactlyInAnyOrderElementsOf(expected.to(number).worstFirst());
            assertThat(season.to(number).crossing())
                    .isCloseTo(expected.to(number).crossing(), within(1e-12));
        }
    }

    @Test
    void whatIsTakenOverFromTheSeasonBeforeAChangeIsWhatWouldBeReckonedAnew() {
        List<Stand> stands = manyStands(150);
        Barriers barriers = wood(0);
        SeasonThreats before = SeasonThreats.of(stands, barriers).all();

        List<Stand> moved = new ArrayList<>(stands);
        moved.set(40, stands.get(40).at(Site.of(Place.rectangle(FARM, 300, -200, 40, 12, 0))));
        assertSame(SeasonThreats.of(moved, barriers, before), SeasonThreats.of(moved, barriers));

        List<Stand> fewer = new ArrayList<>(stands);
        fewer.remove(3);
        fewer.remove(70);
        fewer.add(stand("kale", "new", 100, 100, true));
        assertSame(SeasonThreats.of(fewer, barriers, before), SeasonThreats.of(fewer, barriers));

        List<Stand> others = new ArrayList<>(manyStands(150));
        assertSame(SeasonThreats.of(others, barriers, before), SeasonThreats.of(others, barriers));

        Barriers elsewhere = wood(400);
        assertSame(SeasonThreats.of(moved, elsewhere, before), SeasonThreats.of(moved, elsewhere));
    }

    @Test
    void whatAChangeDoesNotTouchIsNotReckonedAgain() {
        List<Stand> stands = manyStands(150);
        SeasonThreats before = SeasonThreats.of(stands, Barriers.NONE).all();
        List<Stand> more = new ArrayList<>(stands);
        more.add(stand("pea", "new", 3900, 3900, true));
        SeasonThreats after = SeasonThreats.of(more, Barriers.NONE, before);
        assertThat(before.seedCrops())
                .filteredOn(number -> !stands.get(number).crop().key().equals("pea"))
                .isNotEmpty()
                .allSatisfy(number -> assertThat(after.to(number)).isSameAs(before.to(number)));
    }

    @Test
    void whatIsLeftOutForItsDistanceAddsNextToNothing() {
        Stand recipient = stand("kale", "Ninefold", 0, 0, true);
        double reach = Threats.Scale.of(recipient).reach();
        Stand beyond = stand("kale", "Other", reach + 80, 0, false);
        assertThat(SeasonThreats.of(List.of(recipient, beyond), Barriers.NONE)
                        .to(0)
                        .worstFirst())
                .isEmpty();
        Stand within = stand("kale", "Other", reach - 80, 0, false);
        Threat threat = SeasonThreats.of(List.of(recipient, within), Barriers.NONE)
                .to(0)
                .worst()
                .orElseThrow();
        assertThat(threat.verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(threat.crossing()).isLessThan(Grade.MARKET.crossingAllowed() * 0.02);
    }

    @Test
    void aBarrierHoldsBackOnlyWhatPassesIt() {
        List<Stand> stands = List.of(stand("kale", "Ninefold", 0, 0, true), stand("kale", "Other", 500, 0, false));
        double open = SeasonThreats.of(stands, Barriers.NONE)
                .to(0)
                .worst()
                .orElseThrow()
                .crossing();
        Threat behind = SeasonThreats.of(stands, wood(250)).to(0).worst().orElseThrow();
        assertThat(behind.held()).isEqualTo(0.5);
        assertThat(behind.crossing()).isCloseTo(open / 2, within(1e-12));
        assertThat(SeasonThreats.of(stands, wood(900))
                        .to(0)
                        .worst()
                        .orElseThrow()
                        .held())
                .isZero();
    }

    @Test
    void barriersInARowHoldBackWhatTheOthersLetPassAndNeverAll() {
        List<Stand> stands = List.of(stand("kale", "Ninefold", 0, 0, true), stand("kale", "Other", 500, 0, false));
        List<Barrier> rows = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            rows.add(new Barrier(Place.rectangle(FARM, 100 + 50 * i, 0, 10, 300, 0), 0.5));
        }
        assertThat(SeasonThreats.of(stands, new Barriers(rows.subList(0, 2)))
                        .to(0)
                        .worst()
                        .orElseThrow()
                        .held())
                .isCloseTo(0.75, within(1e-12));
        assertThat(SeasonThreats.of(stands, new Barriers(rows))
                        .to(0)
                        .worst()
                        .orElseThrow()
                        .held())
                .isCloseTo(Barrier.MOST_HELD, within(1e-12));
    }

    @Test
    void droppingOuterRowsHelpsNearAndHardlyFarAway() {
        Stand recipient = stand("kale", "Ninefold", 0, 0, true);
        double near = ratio(recipient, 60);
        double far = ratio(recipient, 900);
        assertThat(near).isLessThan(far).isLessThan(0.97);
        assertThat(far).isLessThan(1).isGreaterThan(0.97);
    }

    private static double ratio(Stand recipient, double east) {
        Stand other = stand("kale", "Other", east, 0, false);
        double all =
                SeasonThreats.of(List.of(recipient, other), Barriers.NONE).to(0).crossing();
        double kept = SeasonThreats.of(List.of(recipient.dropping(4), other), Barriers.NONE)
                .to(0)
                .crossing();
        return kept / all;
    }

    @Test
    void aPromiseIsNotYetSafe() {
        Stand promised = new Stand(
                CROPS.find("kale").orElseThrow(),
                "croft",
                Site.of(Place.spot(FARM.spot(100, 0))),
                10,
                40,
                Optional.empty(),
                BloomSpread.NONE,
                PollenControl.NEVER_FLOWERS,
                false,
                Optional.empty(),
                0);
        Threat threat = SeasonThreats.of(List.of(stand("kale", "Ninefold", 0, 0, true), promised), Barriers.NONE)
                .to(0)
                .worst()
                .orElseThrow();
        assertThat(threat.verdict()).isEqualTo(Verdict.TIGHT);
        assertThat(threat.why()).isEqualTo(Threat.Why.UNSURE_REPORT);
    }

    @Test
    void theNearestOfSeveralBedsCounts() {
        Stand kale = stand("kale", "Ninefold", 0, 0, true);
        Site twoBeds =
                new Site(List.of(Place.rectangle(FARM, 800, 0, 40, 12, 0), Place.rectangle(FARM, 300, 0, 40, 12, 0)));
        Stand other = stand("kale", "Other", 0, 0, false).at(twoBeds);
        assertThat(SeasonThreats.of(List.of(kale, other), Barriers.NONE)
                        .to(0)
                        .worst()
                        .orElseThrow()
                        .metres())
                .isCloseTo(kale.site().metresTo(Site.of(twoBeds.parts().get(1))), within(1e-9));
    }
}
