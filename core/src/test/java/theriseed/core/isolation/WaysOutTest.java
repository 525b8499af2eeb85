package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
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
        known.add(own(24, WINTER, sown, planted, shifted, Optional.empty()));
    }

    private static WaysOut.Known own(
            int plants,
            LocalDate from,
            boolean sown,
            boolean planted,
            IntFunction<Optional<Stand>> shifted,
            Optional<LocalDate> lifted) {
        return new WaysOut.Known(
                WaysOut.Source.OWN, plants, from, sown, planted, shifted, lifted, Optional.empty(), 16, true);
    }

    private void other(WaysOut.Source source, Stand stand) {
        stands.add(stand);
        known.add(WaysOut.Known.fixed(source, 1, WINTER));
    }

    private List<WayOut> ways(LocalDate today, Site... free) {
        SeasonThreats season = SeasonThreats.of(stands, Barriers.NONE);
        return WaysOut.of(season, 0, known, List.of(free), today);
    }

    private static <W extends Way> WayOut only(List<WayOut> ways, Class<W> kind) {
        return ways.stream()
                .filter(way -> kind.isInstance(single(way)))
                .findFirst()
                .orElseThrow(() -> new AssertionError(kind + " in " + ways));
    }

    private static boolean offers(List<WayOut> ways, Class<? extends Way> kind) {
        return ways.stream().anyMatch(way -> kind.isInstance(single(way)));
    }

    /** Null for what is more than one step. */
    private static Way single(WayOut way) {
        return way.steps().size() == 1 ? way.steps().get(0).way() : null;
    }

    private static Set<Class<?>> kinds(WayOut way) {
        return way.steps().stream().map(step -> step.way().getClass()).collect(Collectors.toSet());
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
        return single(way) instanceof Way.Shift && way.steps().get(0).stand() == stand;
    }

    @Test
    void groundFarEnoughIsOfferedUnlessItWouldMakeAnotherCropWorse() {
        courgetteBesideSquash();
        own(stand("courgette", "Third", 2300, Optional.of(Grade.MARKET)), true, true);
        List<WayOut> ways = ways(WINTER, site(2200), site(-2000));
        assertThat(ways.stream().map(WaysOutTest::single))
                .contains(new Way.Move(1))
                .doesNotContain(new Way.Move(0));
    }

    @Test
    void theShiftIsTheSmallestThatClears() {
        courgetteBesideSquash();
        Way.Shift shift = (Way.Shift) single(only(ways(WINTER), Way.Shift.class));
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
        assertThat(single(only(ways, Way.Bag.class)))
                .as("three clusters a plant")
                .isEqualTo(new Way.Bag(3 * 24));
        assertThat(((Way.Cage) single(only(ways, Way.Cage.class))).introductions())
                .isZero();
    }

    @Test
    void aNeighbourIsAskedAndVolunteersAreHoed() {
        own(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), true, true);
        other(WaysOut.Source.NEIGHBOUR, stand("cabbage", "croft", 200, Optional.empty()));
        WayOut ask = only(ways(WINTER), Way.AskNeighbour.class);
        assertThat(ask.verdict()).isEqualTo(Verdict.TIGHT);
        assertThat(((Way.AskNeighbour) single(ask)).by()).isBefore(JULY.first());

        stands.remove(1);
        known.remove(1);
        other(
                WaysOut.Source.VOLUNTEERS,
                stand("cabbage", "Slack Water", 0, Optional.empty())
                        .blooming(Optional.empty())
                        .surely(false));
        WayOut pull = only(ways(WINTER), Way.PullVolunteers.class);
        assertThat(pull.verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(((Way.PullVolunteers) single(pull)).by()).isBefore(JULY.first());
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
        assertThat(early.verdict()).as("a promise is none that was kept").isNotEqualTo(Verdict.CLEAR);
        assertThat(offers(ways(JULY.last().minusDays(2)), Way.AskNeighbour.class))
                .isFalse();
        assertThat(ways(JULY.last().plusDays(1)))
                .as("its own bloom is over")
                .allMatch(way -> single(way) instanceof Way.LowerGrade || single(way) instanceof Way.DropRows);
    }

    @Test
    void aNeighbourWhoseBloomIsNotKnownIsAskedBeforeTheSeedCropFlowers() {
        own(stand("carrot", "Ferrous", 0, Optional.of(Grade.MARKET)), true, true);
        other(
                WaysOut.Source.NEIGHBOUR,
                stand("carrot", "Mr Grim", 200, Optional.empty()).blooming(Optional.empty()));
        Way.AskNeighbour ask = (Way.AskNeighbour) single(only(ways(WINTER), Way.AskNeighbour.class));
        assertThat(ask.by()).isBetween(JULY.first().minusDays(30), JULY.first());
    }

    @Test
    void nothingIsEatenBeforeItStandsNorWhatGivesNothingBeforeItFlowers() {
        own(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), true, true);
        own(stand("cabbage", "Slack Water", 100, Optional.empty()), true, true);
        Way.EatFirst eat = (Way.EatFirst) single(only(ways(WINTER), Way.EatFirst.class));
        assertThat(eat.by()).isBefore(JULY.first());
        assertThat(offers(ways(JULY.first().plusDays(9)), Way.EatFirst.class)).isFalse();
        known.set(1, own(24, JULY.first(), true, false, days -> Optional.empty(), Optional.empty()));
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
        assertThat(single(lower)).isEqualTo(new Way.LowerGrade(Grade.OWN_USE));
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

    private static Stand blooming(Stand stand, String first, String last) {
        return stand.blooming(new BloomWindow(LocalDate.parse(first), LocalDate.parse(last)), BloomSpread.ofBoth(3));
    }

    private static IntFunction<Optional<Stand>> never() {
        return days -> Optional.empty();
    }

    private void standing(Stand stand) {
        stands.add(stand);
        known.add(own(24, WINTER, true, true, never(), Optional.empty()));
    }

    @Test
    void whatTwoStepsDoTogetherIsOffered() {
        standing(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)));
        other(WaysOut.Source.NEIGHBOUR, stand("cabbage", "croft", 200, Optional.empty()));
        standing(stand("kale", "Red", 60, Optional.empty()));
        List<WayOut> ways = ways(LocalDate.of(2026, 6, 1));
        assertThat(ways.stream()
                        .filter(way -> way.steps().size() == 1 && !kinds(way).contains(Way.Cage.class)))
                .as("no step alone is enough, but a cage over it")
                .allMatch(way -> way.verdict() == Verdict.CROSSES);
        WayOut both = ways.stream()
                .filter(way -> way.steps().size() == 2)
                .findFirst()
                .orElseThrow(() -> new AssertionError(ways));
        assertThat(both.verdict()).isLessThan(Verdict.CROSSES);
        assertThat(both.steps()).extracting(WayOut.Step::stand).containsExactlyInAnyOrder(1, 2);
        double each = both.steps().stream()
                .mapToDouble(step -> ways.stream()
                        .filter(way -> way.steps().equals(List.of(step)))
                        .findFirst()
                        .orElseThrow()
                        .cost()
                        .inHours())
                .sum();
        assertThat(both.cost().inHours()).isEqualTo(each);
    }

    @Test
    void twoInTurnClearAThirdThatStandsBetweenThem() {
        standing(stand("beetroot", "Brine", 0, Optional.of(Grade.MARKET)));
        own(stand("beetroot", "Second", 100, Optional.of(Grade.MARKET)), false, false);
        own(stand("chard", "Oyster Stem", -100, Optional.of(Grade.MARKET)), false, false);
        known.replaceAll(one -> own(900, one.from(), one.sown(), one.planted(), never(), Optional.empty()));
        WayOut both = ways(WINTER).stream()
                .filter(way -> kinds(way).equals(Set.of(Way.AnotherYear.class))
                        && way.steps().size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(both.verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(both.cost().seasonsLost()).isEqualTo(2);
        assertThat(both.cost().inHours()).isEqualTo(16);
    }

    @Test
    void timeAndDistanceTogetherWhereNeitherIsEnough() {
        own(
                blooming(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)), "2026-05-01", "2026-05-31"),
                false,
                false);
        Stand own = stands.get(0);
        known.set(
                0,
                own(
                        4000,
                        WINTER,
                        false,
                        false,
                        days -> days > 0 && days <= 14
                                ? Optional.of(own.blooming(
                                        new BloomWindow(
                                                LocalDate.of(2026, 5, 1).plusDays(days),
                                                LocalDate.of(2026, 5, 31).plusDays(days)),
                                        BloomSpread.ofBoth(3)))
                                : Optional.empty(),
                        Optional.empty()));
        stands.add(blooming(stand("cabbage", "Slack Water", 150, Optional.empty()), "2026-04-25", "2026-05-25"));
        known.add(WaysOut.Known.fixed(WaysOut.Source.UNKNOWN, 1, WINTER));
        List<WayOut> ways = ways(WINTER, site(-520));
        assertThat(only(ways, Way.AnotherYear.class)).isNotNull();
        assertThat(ways)
                .anyMatch(way -> kinds(way).equals(Set.of(Way.Move.class, Way.Shift.class))
                        && way.verdict() == Verdict.TIGHT
                        && way.cost().moves() == 1);
        assertThat(offers(ways, Way.Move.class)).isFalse();
    }

    @Test
    void twoSeedCropsThatInsectsCrossMayTakeTurnsInTheirCages() {
        standing(stand("hot-pepper", "Gannet's Tongue", 0, Optional.of(Grade.MARKET)));
        standing(stand("sweet-pepper", "Coalshed Sweet", 5, Optional.of(Grade.MARKET)));
        WayOut turns = ways(WINTER).stream()
                .filter(way -> kinds(way).contains(Way.CageByTurns.class))
                .findFirst()
                .orElseThrow();
        assertThat(turns.verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(turns.steps()).extracting(WayOut.Step::stand).containsExactly(0, 1);
        Stand first = stands.get(0).byTurns("these two");
        Stand second = stands.get(1).byTurns("these two");
        assertThat(first.takesPollenOf(second)).isZero();
        assertThat(first.takesPollenOf(stands.get(1)))
                .as("to all others it is open")
                .isEqualTo(1);

        stands.clear();
        known.clear();
        standing(stand("beetroot", "Brine", 0, Optional.of(Grade.MARKET)));
        standing(stand("chard", "Oyster Stem", 100, Optional.of(Grade.MARKET)));
        assertThat(ways(WINTER)).noneMatch(way -> kinds(way).contains(Way.CageByTurns.class));
        assertThat(offers(ways(WINTER), Way.BagAgainstWind.class)).isTrue();
    }

    @Test
    void theOtherMayStandInTheCageOrItsFewPlantsInBags() {
        standing(stand("tomato", "Lantern Quay", 0, Optional.of(Grade.STOCK)));
        standing(stand("tomato", "Small Hours", 3, Optional.empty()));
        List<WayOut> ways = ways(WINTER);
        assertThat(ways)
                .anyMatch(way ->
                        single(way) instanceof Way.Cage && way.steps().get(0).stand() == 1);
        assertThat(single(only(ways, Way.BagPlants.class))).isEqualTo(new Way.BagPlants(24));
    }

    @Test
    void flowersBesideThoseOfTheOtherAreKeptAndTheRestPickedOff() {
        standing(blooming(
                stand("sweet-pepper", "Coalshed Sweet", 0, Optional.of(Grade.MARKET)), "2026-07-01", "2026-09-08"));
        other(
                WaysOut.Source.UNKNOWN,
                blooming(stand("hot-pepper", "allotment", 10, Optional.empty()), "2026-06-10", "2026-07-10"));
        WayOut pick = only(ways(WINTER), Way.PickFirstFlowers.class);
        Way.PickFirstFlowers how = (Way.PickFirstFlowers) single(pick);
        assertThat(pick.verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(how.until()).isAfter(LocalDate.of(2026, 7, 10));
        assertThat(pick.cost().seedLost()).isEqualTo(how.seedLost()).isBetween(0.2, 0.6);

        known.set(
                0,
                new WaysOut.Known(
                        WaysOut.Source.OWN,
                        24,
                        WINTER,
                        true,
                        true,
                        never(),
                        Optional.empty(),
                        Optional.of(LocalDate.of(2026, 7, 20)),
                        16,
                        true));
        assertThat(offers(ways(WINTER), Way.PickFirstFlowers.class))
                .as("what flowers later does not ripen here")
                .isFalse();
    }

    @Test
    void whatStandsInTheGroundMayBeLiftedWhileItSleeps() {
        standing(stand("kale", "Ninefold", 0, Optional.of(Grade.MARKET)));
        other(WaysOut.Source.UNKNOWN, stand("cabbage", "garden", 100, Optional.empty()));
        assertThat(ways(WINTER, site(-3000))).noneMatch(way -> kinds(way).contains(Way.LiftAndReplant.class));
        known.set(0, own(40, WINTER, true, true, never(), Optional.of(LocalDate.of(2026, 3, 1))));
        WayOut lift = only(ways(WINTER, site(-3000)), Way.LiftAndReplant.class);
        assertThat(single(lift)).isEqualTo(new Way.LiftAndReplant(0, LocalDate.of(2026, 3, 1)));
        assertThat(lift.cost().hours()).isEqualTo(2);
        assertThat(lift.verdict()).isEqualTo(Verdict.CLEAR);
    }

    @Test
    void aVergeIsMownAndNotAsked() {
        standing(stand("carrot", "Ferrous", 0, Optional.of(Grade.MARKET)));
        other(WaysOut.Source.WILD, stand("carrot", "Lane", 100, Optional.empty()));
        List<WayOut> ways = ways(WINTER);
        assertThat(offers(ways, Way.AskNeighbour.class)).isFalse();
        assertThat(only(ways, Way.Mow.class).verdict()).isEqualTo(Verdict.TIGHT);
    }

    @Test
    void whatNobodyKnowsCrossesWithAnything() {
        standing(stand("beetroot", "Brine", 0, Optional.of(Grade.MARKET)));
        Stand garden = stand("kale", "Mr Grim", 150, Optional.empty())
                .blooming(Optional.empty())
                .surely(false);
        other(WaysOut.Source.UNKNOWN, garden);
        assertThat(ways(WINTER)).isEmpty();
        stands.set(1, garden.ofAnything());
        Threats threats = SeasonThreats.of(stands, Barriers.NONE).to(0);
        assertThat(threats.verdict()).isEqualTo(Verdict.CROSSES);
        assertThat(threats.crossing())
                .isEqualTo(SeasonThreats.of(
                                List.of(
                                        stands.get(0),
                                        stand("chard", "known", 150, Optional.empty())
                                                .blooming(Optional.empty())),
                                Barriers.NONE)
                        .to(0)
                        .crossing());
    }
}
