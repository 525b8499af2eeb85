package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;

class WaysOutTest {
    private static final CropTable CROPS = CropTable.shipped();
    private static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));
    private static final LocalDate WINTER = LocalDate.of(2026, 1, 15);
    private static final BloomWindow JULY = new BloomWindow(LocalDate.of(2026, 7, 1), LocalDate.of(2026, 8, 10));

    private final List<Stand> stands = new ArrayList<>();
    private final List<WaysOut.Known> known = new ArrayList<>();

    private static Site site(double east) {
        return Site.of(Place.rectangle(FARM, east, 0, 60, 30, 0));
    }

    private static Stand stand(String crop, String variety, double east, Optional<Grade> grade) {
        return new Stand(
                CROPS.find(crop).orElseThrow(),
                variety,
                site(east),
                3,
                200,
                Optional.of(JULY),
                BloomSpread.ofBoth(5),
                PollenControl.OPEN,
                true,
                grade,
                0);
    }

    private void own(Stand stand, boolean sown, boolean planted) {
        IntFunction<Optional<Stand>> shifted = days -> Math.abs(days) > 60
                ? Optional.empty()
                : Optional.of(stand.blooming(Optional.of(
                        new BloomWindow(JULY.first().plusDays(days), JULY.last().plusDays(days)))));
        stands.add(stand);
        known.add(new WaysOut.Known(WaysOut.Source.OWN, 24, WINTER, sown, planted, shifted));
    }

    private void other(WaysOut.Source source, Stand stand) {
        stands.add(stand);
        known.add(new WaysOut.Known(source, 1, WINTER, true, true, days -> Optional.empty()));
    }

    private List<WayOut> ways(LocalDate today, Site... free) {
        SeasonThreats season = SeasonThreats.of(stands, Barriers.NONE);
        return WaysOut.of(season, 0, known, List.of(free), today);
    }

    private static <W extends Way> WayOut only(List<WayOut> ways, Class<W> kind) {
        return ways.stream()
                .filter(way -> kind.isInstance(way.way()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(kind + " in " + ways));
    }

    private static boolean offers(List<WayOut> ways, Class<? extends Way> kind) {
        return ways.stream().anyMatch(way -> kind.isInstance(way.way()));
    }

    private void courgetteBesideSquash() {
        own(stand("courgette", "Long Ferry", 0, Optional.of(Grade.MARKET)), false, false);
        own(stand("pumpkin-pepo", "Barrow Moon", 150, Optional.of(Grade.MARKET)), false, false);
    }

    @Test
    void whatIsClearNeedsNoWayOut() {
        own(stand("courgette", "Long Ferry", 0, Optional.of(Grade.MARKET)), false, false);
        assertThat(ways(WINTER)).isEmpty();
    }

    @Test
    void everyWayOfferedReallyHelpsAndTheBestComesFirst() {
        courgetteBesideSquash();
        List<WayOut> ways = ways(WINTER, site(2000));
        assertThat(ways).isNotEmpty().allMatch(way -> !way.helpsAgainst().isEmpty());
        assertThat(ways).isSortedAccordingTo(WayOut.BEST_FIRST);
        assertThat(ways.get(0).verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(ways.get(0).cost().inHours()).isZero();
        assertThat(ways)
                .as("both may be sown at another time")
                .anyMatch(way -> shifts(way, 0))
                .anyMatch(way -> shifts(way, 1));
        assertThat(only(ways, Way.HandPollinate.class).cost().inHours()).isGreaterThan(5);
        assertThat(only(ways, Way.Cage.class).cost().inHours())
                .isGreaterThan(only(ways, Way.HandPollinate.class).cost().inHours());
    }

    private static boolean shifts(WayOut way, int stand) {
        return way.way() instanceof Way.Shift && way.stand() == stand;
    }

    @Test
    void groundFarEnoughIsOfferedUnlessItWouldMakeAnotherCropWorse() {
        courgetteBesideSquash();
        own(stand("courgette", "Third", 2300, Optional.of(Grade.MARKET)), true, true);
        List<WayOut> ways = ways(WINTER, site(2200), site(-2000));
        assertThat(ways.stream().map(WayOut::way)).contains(new Way.Move(1)).doesNotContain(new Way.Move(0));
    }

    @Test
    void theShiftIsTheSmallestThatClears() {
        courgetteBesideSquash();
        Way.Shift shift = (Way.Shift) only(ways(WINTER), Way.Shift.class).way();
        SeasonThreats season = SeasonThreats.of(stands, Barriers.NONE);
        assertThat(after(season, shift.days())).isEqualTo(Verdict.CLEAR);
        int nearer = shift.days() - Integer.signum(shift.days());
        assertThat(after(season, nearer)).isNotEqualTo(Verdict.CLEAR);
    }

    private Verdict after(SeasonThreats season, int days) {
        return season.with(0, known.get(0).shifted().apply(days).orElseThrow())
                .get(0)
                .verdict();
    }

    @Test
    void whatStandsAlreadyIsNeitherMovedNorPutOff() {
        own(stand("courgette", "Long Ferry", 0, Optional.of(Grade.MARKET)), true, true);
        own(stand("pumpkin-pepo", "Barrow Moon", 150, Optional.empty()), true, true);
        List<WayOut> may = ways(LocalDate.of(2026, 5, 20), site(2000));
        assertThat(offers(may, Way.Move.class)).isFalse();
        assertThat(offers(may, Way.Shift.class)).isFalse();
        assertThat(offers(may, Way.AnotherYear.class)).isFalse();
        List<WayOut> july = ways(LocalDate.of(2026, 7, 10), site(2000));
        assertThat(offers(july, Way.Cage.class)).isFalse();
        assertThat(offers(july, Way.HandPollinate.class)).isTrue();
        assertThat(ways(LocalDate.of(2026, 8, 9))).isEmpty();
    }

    @Test
    void aNetDoesNotStopWindBornePollen() {
        own(stand("beetroot", "Brine", 0, Optional.of(Grade.MARKET)), false, false);
        own(stand("chard", "Oyster Stem", 100, Optional.empty()), false, false);
        assertThat(offers(ways(WINTER), Way.Cage.class)).isFalse();
    }

    @Test
    void whatPollinatesItselfMayBeBaggedOrNettedWithoutInsects() {
        own(stand("hot-pepper", "Gannet's Tongue", 0, Optional.of(Grade.MARKET)), true, true);
        own(stand("sweet-pepper", "Coalshed Sweet", 10, Optional.empty()), true, true);
        List<WayOut> ways = ways(LocalDate.of(2026, 6, 1));
        assertThat(only(ways, Way.Bag.class).way()).as("three clusters a plant").isEqualTo(new Way.Bag(3 * 24));
        assertThat(((Way.Cage) only(ways, Way.Cage.class).way()).introductions())
                .isZero();
    }

    @Test
    void aNeighbourIsAskedAndVolunteersAreHoed() {
        own(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), true, true);
        other(WaysOut.Source.NEIGHBOUR, stand("cabbage", "croft", 200, Optional.empty()));
        WayOut ask = only(ways(WINTER), Way.AskNeighbour.class);
        assertThat(ask.verdict()).isEqualTo(Verdict.TIGHT);
        assertThat(((Way.AskNeighbour) ask.way()).by()).isBefore(JULY.first());

        stands.remove(1);
        known.remove(1);
        other(
                WaysOut.Source.VOLUNTEERS,
                stand("cabbage", "Slack Water", 0, Optional.empty())
                        .blooming(Optional.empty())
                        .surely(false));
        WayOut pull = only(ways(WINTER), Way.PullVolunteers.class);
        assertThat(pull.verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(((Way.PullVolunteers) pull.way()).by()).isBefore(JULY.first());
    }

    @Test
    void nobodyIsAskedWhenThePollenHasCome() {
        own(stand("carrot", "Ferrous", 0, Optional.of(Grade.MARKET)), true, true);
        other(WaysOut.Source.NEIGHBOUR, stand("carrot", "Lane", 200, Optional.empty()));
        WayOut early = only(ways(JULY.first().plusDays(5)), Way.AskNeighbour.class);
        assertThat(early.crossing())
                .as("what has come by then is in the sum")
                .isPositive()
                .isLessThan(SeasonThreats.of(stands, Barriers.NONE).to(0).crossing() / 2);
        assertThat(offers(ways(JULY.last().minusDays(2)), Way.AskNeighbour.class))
                .isFalse();
        assertThat(ways(JULY.last().plusDays(1)))
                .as("its own bloom is over")
                .allMatch(way -> way.way() instanceof Way.LowerGrade || way.way() instanceof Way.DropRows);
    }

    @Test
    void aNeighbourWhoseBloomIsNotKnownIsAskedBeforeTheSeedCropFlowers() {
        own(stand("carrot", "Ferrous", 0, Optional.of(Grade.MARKET)), true, true);
        other(
                WaysOut.Source.NEIGHBOUR,
                stand("carrot", "Mr Grim", 200, Optional.empty()).blooming(Optional.empty()));
        Way.AskNeighbour ask =
                (Way.AskNeighbour) only(ways(WINTER), Way.AskNeighbour.class).way();
        assertThat(ask.by()).isBetween(JULY.first().minusDays(30), JULY.first());
    }

    @Test
    void nothingIsEatenBeforeItStandsNorWhatGivesNothingBeforeItFlowers() {
        own(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), true, true);
        own(stand("cabbage", "Slack Water", 100, Optional.empty()), true, true);
        Way.EatFirst eat = (Way.EatFirst) only(ways(WINTER), Way.EatFirst.class).way();
        assertThat(eat.by()).isBefore(JULY.first());
        assertThat(offers(ways(JULY.first().plusDays(9)), Way.EatFirst.class)).isFalse();
        known.set(1, new WaysOut.Known(WaysOut.Source.OWN, 24, JULY.first(), true, false, days -> Optional.empty()));
        assertThat(offers(ways(WINTER), Way.EatFirst.class)).isFalse();

        stands.clear();
        known.clear();
        courgetteBesideSquash();
        assertThat(offers(ways(WINTER), Way.EatFirst.class))
                .as("a squash has nothing to eat before it flowers")
                .isFalse();
    }

    @Test
    void askingIsWorthWhileWhereAReportIsNotSure() {
        own(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), true, true);
        other(
                WaysOut.Source.NEIGHBOUR,
                stand("cabbage", "croft", 200, Optional.empty()).surely(false));
        WayOut ask = only(ways(WINTER), Way.AskNeighbour.class);
        assertThat(ask.verdict()).isEqualTo(Verdict.TIGHT);
        assertThat(ask.crossing()).isZero();
    }

    @Test
    void aLowerGradeIsOfferedWhereItsLimitIsKept() {
        own(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), true, true);
        own(stand("cabbage", "Slack Water", 620, Optional.empty()), true, true);
        WayOut lower = only(ways(LocalDate.of(2026, 7, 2)), Way.LowerGrade.class);
        assertThat(lower.way()).isEqualTo(new Way.LowerGrade(Grade.OWN_USE));
        assertThat(lower.verdict()).isEqualTo(Verdict.CLEAR);
    }

    @Test
    void hoursGrowWithWhatIsCovered() {
        assertThat(KeepingHours.cage(40, 6, 3)).isGreaterThan(KeepingHours.cage(20, 6, 3));
        assertThat(KeepingHours.of(
                        PollenControl.Kind.OPEN, CROPS.find("kale").orElseThrow(), Optional.of(JULY), 40, 60, 0))
                .isZero();
        assertThat(KeepingHours.of(
                        PollenControl.Kind.CAGED, CROPS.find("kale").orElseThrow(), Optional.of(JULY), 40, 60, 0))
                .isGreaterThan(10);
    }
}
