package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;

class BloomForecastTest {
    private static final ClimateNormals MILD = new ClimateNormals(11, 6.5, 28, 3.5);
    private static final LocalDate MARCH = LocalDate.of(2026, 3, 10);

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static BloomForecast.Bloom forecast(String key, GrowingDays days) {
        return forecast(new Weather(MILD, Map.of()), key, days);
    }

    private static BloomForecast.Bloom forecast(Weather weather, String key, GrowingDays days) {
        return new BloomForecast(weather, MARCH).of(crop(key), 2026, days);
    }

    private static LocalDate first(BloomForecast.Bloom bloom) {
        return bloom.window().orElseThrow().first();
    }

    private static GrowingDays raised(LocalDate sown, LocalDate setOut) {
        return new GrowingDays(sown, Optional.of(setOut), Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static GrowingDays lifted(LocalDate sown, LocalDate lifted, LocalDate replanted) {
        return new GrowingDays(sown, Optional.empty(), Optional.of(lifted), Optional.of(replanted), Optional.empty());
    }

    @Test
    void raisingUnderGlassBringsBloomForward() {
        LocalDate late = first(forecast("tomato", GrowingDays.sown(LocalDate.of(2026, 5, 20))));
        LocalDate raised = first(forecast("tomato", raised(MARCH, LocalDate.of(2026, 5, 20))));
        assertThat(raised).isBetween(LocalDate.of(2026, 5, 15), LocalDate.of(2026, 6, 20));
        assertThat(late).isAfter(raised.plusDays(30));
    }

    @Test
    void nothingRipensInTheColdOfWinter() {
        FarmYear mild = new FarmYear(MILD);
        LocalDate august = LocalDate.of(2026, 8, 20);
        assertThat(mild.tooCold(crop("courgette"), august).orElseThrow())
                .isBetween(LocalDate.of(2026, 10, 20), LocalDate.of(2026, 12, 10));
        assertThat(mild.tooCold(crop("kale"), august)).as("stands the cold").isEmpty();
    }

    @Test
    void aPerennialSownThisYearBloomsLaterThanOneThatStands() {
        LocalDate sown = LocalDate.of(2026, 4, 20);
        LocalDate young = first(forecast("fennel", GrowingDays.sown(sown)));
        LocalDate old = first(forecast("fennel", GrowingDays.sown(sown.minusYears(2))));
        assertThat(young).isAfter(sown.plusDays(60)).isAfterOrEqualTo(old);
        assertThat(forecast("chives", GrowingDays.sown(sown)).tooLittleCold()).isTrue();
    }

    @Test
    void aBiennialBloomsInItsSeasonWhateverTheSowingDay() {
        LocalDate sown = LocalDate.of(2025, 6, 20);
        BloomForecast.Bloom kale = forecast("kale", GrowingDays.sown(sown));
        assertThat(kale.window())
                .isEqualTo(forecast("kale", GrowingDays.sown(sown.plusDays(30))).window());
        assertThat(first(kale)).isBetween(LocalDate.of(2026, 4, 1), LocalDate.of(2026, 5, 20));
        assertThat(kale.window().orElseThrow().days()).isEqualTo(crop("kale").floweringDays());
        assertThat(kale.tooLittleCold()).isFalse();
    }

    @Test
    void aRootFromTheStoreStartsWhenItIsPlantedAgain() {
        LocalDate sown = LocalDate.of(2025, 6, 20);
        LocalDate inGround = first(forecast("beetroot", GrowingDays.sown(sown)));
        LocalDate stored =
                first(forecast("beetroot", lifted(sown, LocalDate.of(2025, 11, 1), LocalDate.of(2026, 4, 20))));
        assertThat(stored).isAfter(inGround);
    }

    @Test
    void withoutColdABiennialStaysARosetteUnlessItsRootsAreStored() {
        Weather warm = new Weather(new ClimateNormals(20, 3, 28, 4), Map.of());
        LocalDate sown = LocalDate.of(2025, 6, 20);
        BloomForecast.Bloom left = forecast(warm, "cabbage", GrowingDays.sown(sown));
        assertThat(left.window()).isEmpty();
        assertThat(left.tooLittleCold()).isTrue();
        BloomForecast.Bloom stored =
                forecast(warm, "cabbage", lifted(sown, LocalDate.of(2025, 11, 1), LocalDate.of(2026, 3, 1)));
        assertThat(stored.tooLittleCold()).isFalse();
        assertThat(stored.window()).isPresent();
    }

    @Test
    void warmDaysThatWereBringBloomForwardAndMakeItSurer() {
        GrowingDays sown = GrowingDays.sown(LocalDate.of(2026, 1, 10));
        Map<LocalDate, Weather.Day> mild = new HashMap<>();
        for (LocalDate day = LocalDate.of(2026, 1, 1); day.isBefore(MARCH); day = day.plusDays(1)) {
            mild.put(day, new Weather.Day(9, 17));
        }
        BloomForecast.Bloom usual = forecast("broad-bean", sown);
        BloomForecast.Bloom warm = forecast(new Weather(MILD, mild), "broad-bean", sown);
        assertThat(first(warm)).isBefore(first(usual).minusDays(7));
        assertThat(warm.spread().first()).isBetween(1.0, 25.0);
        GrowingDays later = GrowingDays.sown(LocalDate.of(2026, 4, 20));
        assertThat(BloomSpread.margin(usual.spread(), forecast("pea", later).spread()))
                .isBetween(15, 60);
    }

    @Test
    void aSeenFirstFlowerIsWhatCounts() {
        LocalDate seen = LocalDate.of(2026, 5, 3);
        BloomForecast.Bloom bloom = forecast(
                "kale",
                new GrowingDays(
                        LocalDate.of(2025, 6, 20),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(seen)));
        assertThat(first(bloom)).isEqualTo(seen);
        assertThat(bloom.seen()).isTrue();
        assertThat(bloom.spread().first()).isEqualTo(BloomSpread.SEEN);
        assertThat(bloom.spread().last()).as("only its beginning was seen").isGreaterThan(5);
    }

    @Test
    void warmthThatNeverComesGivesNoDate() {
        Weather cold = new Weather(new ClimateNormals(2, 4, 28, 3), Map.of());
        assertThat(forecast(cold, "melon", GrowingDays.sown(MARCH)).window()).isEmpty();
        assertThat(forecast("garlic", GrowingDays.sown(MARCH)).window()).isEmpty();
    }

    @Test
    void aRootIsLiftedAndPlantedAgainOrNeither() {
        assertThatThrownBy(() -> new GrowingDays(
                        MARCH, Optional.empty(), Optional.of(MARCH), Optional.empty(), Optional.empty()))
                .hasMessageContaining("replantedOn: nothing");
    }

    @Test
    void windowsKnowHowFarApartTheyAre() {
        BloomWindow may = new BloomWindow(LocalDate.of(2026, 5, 1), LocalDate.of(2026, 5, 31));
        BloomWindow june = new BloomWindow(LocalDate.of(2026, 6, 11), LocalDate.of(2026, 6, 30));
        assertThat(may.daysApart(june)).isEqualTo(10).isEqualTo(june.daysApart(may));
        assertThat(may.daysApart(may)).isZero();
        assertThat(may.intensity(LocalDate.of(2026, 5, 16))).isEqualTo(1.0);
        assertThat(may.intensity(LocalDate.of(2026, 6, 2))).isZero();
        assertThatThrownBy(() -> new BloomWindow(may.last(), may.first())).isInstanceOf(OutOfRange.class);
    }

    /** At 38 degrees south the coldest time is in July: what was sown in February flowers in the spring after it. */
    @Test
    void southOfTheEquatorWinterIsInTheMiddleOfTheYear() {
        Weather south = new Weather(new ClimateNormals(14.5, 5.5, 200, 5), Map.of());
        GrowingDays sown = GrowingDays.sown(LocalDate.of(2027, 2, 1));
        for (int season : new int[] {2027, 2028}) {
            BloomForecast.Bloom bloom = new BloomForecast(south, MARCH).of(crop("kale"), season, sown);
            assertThat(first(bloom)).isBetween(LocalDate.of(2027, 8, 25), LocalDate.of(2027, 11, 15));
        }
        assertThat(first(new BloomForecast(south, MARCH)
                        .of(crop("common-bean"), 2028, GrowingDays.sown(LocalDate.of(2027, 11, 1)))))
                .isBetween(LocalDate.of(2027, 12, 1), LocalDate.of(2028, 1, 31));
    }

    /** Half a year away and mirrored, the same climate gives the same life. */
    @Test
    void theSouthIsTheNorthHalfAYearLater() {
        ClimateNormals north = new ClimateNormals(12, 6, 20, 5);
        ClimateNormals south = new ClimateNormals(12, 6, 202, 5);
        LocalDate sown = LocalDate.of(2026, 6, 25);
        LocalDate there = first(
                new BloomForecast(new Weather(north, Map.of()), MARCH).of(crop("kale"), 2027, GrowingDays.sown(sown)));
        LocalDate here = first(new BloomForecast(new Weather(south, Map.of()), MARCH)
                .of(crop("kale"), 2028, GrowingDays.sown(sown.plusDays(182))));
        assertThat(here).isBetween(there.plusDays(180), there.plusDays(184));
    }

    private static BloomForecast.Bloom bean(LocalDate notYet, LocalDate from, LocalDate over) {
        GrowingDays days = new GrowingDays(
                LocalDate.of(2026, 5, 15),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new BloomSeen(
                        Optional.ofNullable(notYet),
                        Optional.ofNullable(from),
                        Optional.ofNullable(from),
                        Optional.ofNullable(over)));
        return forecast("common-bean", days);
    }

    @Test
    void aLookThatFindsNoFlowerYetMovesTheBloom() {
        BloomForecast.Bloom planned = bean(null, null, null);
        LocalDate before = first(planned).minusDays(30);
        assertThat(first(bean(before, null, null)))
                .as("long before, it tells nothing")
                .isBetween(first(planned).minusDays(1), first(planned).plusDays(1));
        LocalDate day = first(planned);
        for (int later = 0; later < 40; later += 4) {
            BloomForecast.Bloom now = bean(first(planned).plusDays(later), null, null);
            assertThat(first(now)).isAfterOrEqualTo(day).isAfter(first(planned).plusDays(later));
            assertThat(now.spread().first())
                    .isLessThanOrEqualTo(planned.spread().first() + 0.01);
            day = first(now);
        }
    }

    @Test
    void whatWasSeenInBloomBeganBeforeAndAfterTheLastLook() {
        BloomForecast.Bloom planned = bean(null, null, null);
        LocalDate seen = first(planned).plusDays(9);
        BloomForecast.Bloom between = bean(seen.minusDays(4), seen, null);
        assertThat(first(between)).isBetween(seen.minusDays(3), seen);
        assertThat(between.spread().first()).isLessThan(2);
        assertThat(bean(null, seen, null).spread().first())
                .isLessThan(planned.spread().first());
        LocalDate early = first(planned).minusDays(25);
        assertThat(first(bean(null, early, null))).as("earlier than forecast").isBeforeOrEqualTo(early);
    }

    @Test
    void aBloomThatWasSeenToBeOverEndsBefore() {
        BloomForecast.Bloom planned = bean(null, null, null);
        LocalDate seen = first(planned).plusDays(3);
        LocalDate over = planned.window().orElseThrow().last().minusDays(8);
        BloomForecast.Bloom ended = bean(null, seen, over);
        assertThat(ended.window().orElseThrow().last()).isBetween(seen, over.minusDays(1));
        assertThat(ended.spread().last()).isLessThan(planned.spread().last());
    }

    @Test
    void looksThatCannotBeAreRefused() {
        LocalDate day = LocalDate.of(2026, 7, 20);
        assertThatThrownBy(() -> bean(day, day, null))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("notYet");
        assertThatThrownBy(() -> bean(null, day, day))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("until");
    }

    /** A farm a quarter off the table finds so from three first flowers, and forecasts by it. */
    @Test
    void whatAVarietyAsksForIsLearnedFromItsFirstFlowers() {
        BloomForecast here = new BloomForecast(new Weather(MILD, Map.of()), MARCH);
        Crop bean = crop("common-bean");
        Requirement table = BloomForecast.ofTable(bean);
        Requirement truly = new Requirement(1.25 * table.mean(), 1);
        double[] sums = {0, 10, 20};
        for (int i = 0; i < sums.length; i++) {
            LocalDate sown = LocalDate.of(2026, 5, 10).plusDays((long) sums[i]);
            LocalDate seen = here.of(bean, 2026, GrowingDays.sown(sown), truly)
                    .window()
                    .orElseThrow()
                    .first();
            sums[i] = here.warmthUntilFlower(
                            bean,
                            2026,
                            new GrowingDays(
                                    sown, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(seen)))
                    .orElseThrow();
            assertThat(sums[i]).isBetween(1.2 * table.mean(), 1.28 * table.mean());
        }
        Requirement learned = table.learnedFrom(0.06 * table.mean(), sums);
        assertThat(learned.mean()).isBetween(1.18 * table.mean(), 1.25 * table.mean());
        assertThat(learned.spread()).isLessThan(table.spread() / 3);
        GrowingDays next = GrowingDays.sown(LocalDate.of(2026, 5, 15));
        assertThat(here.of(bean, 2026, next, learned).window().orElseThrow().first())
                .isAfter(
                        here.of(bean, 2026, next).window().orElseThrow().first().plusDays(5));
    }
}
