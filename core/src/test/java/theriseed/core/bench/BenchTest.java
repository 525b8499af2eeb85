package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;

class BenchTest {
    private static final OptionalDouble UNKNOWN = OptionalDouble.empty();

    private static MassBalance.Step balance(MassBalance.Weighed step) {
        return MassBalance.of(List.of(step), 8, MassBalance.USUAL_ALARM, 1).get(0);
    }

    private static MassBalance.Weighed threshed(double in, double out, double by) {
        return MassBalance.Weighed.recorded(StepKind.THRESH, in, 0, out, by, UNKNOWN, UNKNOWN);
    }

    @ParameterizedTest
    @CsvSource({
        "THRESH, 1000, 0, 1001, 0, massOut",
        "DRY, 1000, 0, 1200, 0, massOut",
        "RINSE, 1000, 500, 1600, 0, massOut",
        "THRESH, 1000, 0, 600, 500, byProduct",
        "SCREEN, 0, 0, 0, 0, massIn",
        "SCREEN, -5, 0, 1, 0, massIn",
        "WINNOW, 1000, 50, 900, 0, waterAdded",
        "RINSE, 1000, -1, 900, 0, waterAdded",
        "HAND_PICK, 100, 0, 0, 0, massOut",
    })
    void massThatCannotBeIsRefusedByName(StepKind kind, double in, double water, double out, double by, String field) {
        assertThatThrownBy(() -> MassBalance.Weighed.recorded(kind, in, water, out, by, UNKNOWN, UNKNOWN))
                .isInstanceOf(OutOfRange.class)
                .extracting(refused -> ((OutOfRange) refused).field())
                .isEqualTo(field);
    }

    @Test
    void dryCleaningAsksWhenMassWentMissing() {
        assertThat(balance(threshed(1000, 600, 380)).alarm()).isFalse();
        MassBalance.Step lossy = balance(threshed(1000, 600, 300));
        assertThat(lossy.alarm()).isTrue();
        assertThat(lossy.unaccounted().getAsDouble()).isEqualTo(10.0);
    }

    @ParameterizedTest
    @CsvSource({
        "FERMENT, WET, true, true, false",
        "RINSE, WET, false, false, true",
        "CHEMICAL_WASH, WET, true, false, false",
        "DRY, DRYING, true, true, false",
        "SCREEN, CLEANING, false, false, true",
        "FREEZE, CLEANING, true, false, false",
    })
    void aStepStandsOnItsShelf(StepKind kind, StepKind.Shelf shelf, boolean takesTime, boolean read, boolean set) {
        assertThat(kind.shelf()).isEqualTo(shelf);
        assertThat(kind.takesTime()).isEqualTo(takesTime);
        assertThat(kind.isRead()).isEqualTo(read);
        assertThat(kind.isSet()).isEqualTo(set);
    }

    @Test
    void whatClosesToTheLastDigitLeavesNothing() {
        for (int thousandths = 1; thousandths < 20_000; thousandths += 7) {
            double chaff = thousandths / 1000.0;
            double out =
                    BigDecimal.valueOf(5100).subtract(BigDecimal.valueOf(chaff)).doubleValue();
            MassBalance.Step step = balance(threshed(5100, out, chaff));
            assertThat(step.wetDifference()).as("chaff of %s g", chaff).isZero();
            assertThat(step.alarm()).isFalse();
        }
    }

    @Test
    void dryingIsNotJudgedWithoutMoisture() {
        MassBalance.Weighed dried = MassBalance.Weighed.recorded(StepKind.DRY, 1000, 0, 550, 0, UNKNOWN, UNKNOWN);
        assertThat(balance(dried).unaccounted()).isEmpty();
        assertThat(balance(dried).alarm()).isFalse();
        MassBalance.Weighed measured = MassBalance.Weighed.recorded(
                StepKind.DRY, 1000, 0, 550, 0, OptionalDouble.of(50), OptionalDouble.of(8));
        assertThat(balance(measured).unaccounted().getAsDouble()).isBetween(-1.3, -1.1);
    }

    @Test
    void theChainFollowsTheCrop() {
        CropTable crops = CropTable.shipped();
        assertThat(Chain.of(crops.find("tomato").orElseThrow()).steps())
                .containsExactly(StepKind.EXTRACT, StepKind.FERMENT, StepKind.RINSE, StepKind.DRY);
        assertThat(Chain.of(crops.find("kale").orElseThrow()).steps())
                .containsExactly(
                        StepKind.DRY,
                        StepKind.THRESH,
                        StepKind.SCREEN,
                        StepKind.WINNOW,
                        StepKind.HAND_PICK,
                        StepKind.DRY);
        assertThat(Chain.of(crops.find("hot-pepper").orElseThrow()).steps())
                .containsExactly(StepKind.EXTRACT, StepKind.DRY, StepKind.HAND_PICK);
    }

    @Test
    void eachSchoolEndsDryAndTheUsualOneComesFirst() {
        for (Crop crop : CropTable.shipped().all()) {
            for (Chain.School school : Chain.schools(crop)) {
                assertThat(school.chain().steps())
                        .as(crop.name() + " " + school)
                        .contains(StepKind.DRY);
            }
            assertThat(Chain.schools(crop)).doesNotHaveDuplicates();
        }
        Crop tomato = CropTable.shipped().find("tomato").orElseThrow();
        assertThat(Chain.schools(tomato))
                .containsExactly(
                        Chain.School.FERMENTED, Chain.School.WASHED, Chain.School.SOAKED, Chain.School.CHEMICAL);
        Crop melon = CropTable.shipped().find("watermelon").orElseThrow();
        assertThat(Chain.schools(melon)).hasSize(4).first().isIn(Chain.School.WASHED, Chain.School.FERMENTED);
    }

    @Test
    void aStepThatComesTwiceIsOfferedTwice() {
        Chain chain = new Chain(List.of(StepKind.DRY, StepKind.THRESH, StepKind.WINNOW, StepKind.DRY, StepKind.WINNOW));
        assertThat(chain.next(List.of(StepKind.DRY, StepKind.THRESH))).isEqualTo(StepKind.WINNOW);
        assertThat(chain.next(List.of(StepKind.DRY, StepKind.THRESH, StepKind.WINNOW)))
                .isEqualTo(StepKind.DRY);
        assertThat(chain.left(List.of(StepKind.DRY, StepKind.THRESH, StepKind.WINNOW, StepKind.DRY)))
                .containsExactly(StepKind.WINNOW);
        assertThat(chain.next(List.of(StepKind.DRY, StepKind.HAND_PICK)))
                .as("what is not in the chain moves nothing")
                .isEqualTo(StepKind.THRESH);
        assertThatThrownBy(() -> new Chain(Collections.nCopies(21, StepKind.DRY)))
                .isInstanceOf(OutOfRange.class);
    }

    @Test
    void fruitDriedWholeIsPickedAsWetAsFruitOpenedFresh() {
        Crop pepper = CropTable.shipped().find("sweet-pepper").orElseThrow();
        assertThat(Chain.usualMoistureAtHarvest(pepper)).isEqualTo(93);
        assertThat(Chain.usualMoistureAtHarvest(CropTable.shipped().find("pea").orElseThrow()))
                .isEqualTo(20);
    }

    @Test
    void cleanSeedHasNothingBeforeIt() {
        Chain none = new Chain(List.of());
        assertThat(none.next(List.of())).isNull();
        assertThat(none.wet()).isFalse();
        assertThat(none.usualMoistureBefore()).isEqualTo(8);
        assertThat(new Chain(List.of(StepKind.RINSE, StepKind.DRY)).wet()).isTrue();
    }

    @Test
    void theNextStepComesAfterTheFurthestDone() {
        Chain dry = Chain.of(CropTable.shipped().find("kale").orElseThrow());
        assertThat(dry.next(List.of())).isEqualTo(StepKind.DRY);
        assertThat(dry.next(List.of(StepKind.DRY, StepKind.SCREEN, StepKind.THRESH)))
                .isEqualTo(StepKind.WINNOW);
        assertThat(dry.next(List.of(StepKind.HAND_PICK))).isEqualTo(StepKind.DRY);
        assertThat(dry.next(dry.steps())).isNull();
    }

    @Test
    void cleanSeedIsDriedOnceMoreForTheStore() {
        Chain kale = Chain.of(CropTable.shipped().find("kale").orElseThrow());
        List<StepKind> cleaned = kale.steps().subList(0, 5);
        assertThat(kale.cleaned(cleaned)).isTrue();
        assertThat(kale.next(cleaned)).isEqualTo(StepKind.DRY);
        assertThat(kale.cleaned(kale.steps().subList(0, 4))).isFalse();
        Chain tomato = Chain.of(CropTable.shipped().find("tomato").orElseThrow());
        assertThat(tomato.cleaned(List.of(StepKind.EXTRACT, StepKind.FERMENT, StepKind.RINSE)))
                .as("wet seed is not clean")
                .isFalse();
        assertThat(new Chain(List.of(StepKind.DRY)).cleaned(List.of())).isFalse();
        assertThat(Chain.NOTHING_TO_DO.cleaned(List.of())).isTrue();
    }

    @Test
    void dryingBetweenOtherStepsPassesOverNone() {
        Chain kale = Chain.of(CropTable.shipped().find("kale").orElseThrow());
        List<StepKind> damp = List.of(StepKind.DRY, StepKind.THRESH, StepKind.DRY);
        assertThat(kale.next(damp)).isEqualTo(StepKind.SCREEN);
        assertThat(kale.skipped(damp)).isEmpty();
        Chain tomato = Chain.of(CropTable.shipped().find("tomato").orElseThrow());
        assertThat(tomato.skipped(List.of(StepKind.EXTRACT, StepKind.DRY))).containsExactly(1, 2);
    }

    @Test
    void aFermentLeftTooLongIsOver() {
        FermentClock clock = FermentClock.of(
                List.of(new FermentClock.Reading(0, 26), new FermentClock.Reading(70, 26)), 2.2, 48, 72, 26);
        assertThat(clock.state()).isEqualTo(FermentClock.State.OVER_RUN);
        assertThat(clock.hoursToOverRun()).isZero();
    }

    /** A tenth is gone unseen; a scale may be wrong twice over at each weighing, so more weighings hide more. */
    @Test
    void whatTheScaleMayBeWrongByIsNoAlarm() {
        MassBalance.Weighed twice = threshed(1000, 900, 0);
        assertThat(alarm(twice, 34)).isTrue();
        assertThat(alarm(twice, 37)).isFalse();
        MassBalance.Weighed threeTimes = threshed(1000, 700, 200);
        assertThat(alarm(threeTimes, 28)).isTrue();
        assertThat(alarm(threeTimes, 30)).isFalse();
    }

    private static boolean alarm(MassBalance.Weighed step, double scaleError) {
        return MassBalance.of(List.of(step), 8, 5, scaleError).get(0).alarm();
    }

    @Test
    void waterThatWasAddedMayLeaveAsSeedOrAsByProduct() {
        assertThat(MassBalance.Weighed.recorded(StepKind.RINSE, 1000, 500, 1500, 0, UNKNOWN, UNKNOWN)
                        .seed())
                .isEqualTo(1500);
        assertThat(MassBalance.Weighed.recorded(StepKind.RINSE, 1000, 500, 400, 1100, UNKNOWN, UNKNOWN)
                        .byProduct())
                .isEqualTo(1100);
        assertThatThrownBy(() -> MassBalance.Weighed.recorded(StepKind.RINSE, 1000, 500, 400, 1101, UNKNOWN, UNKNOWN))
                .hasMessageContaining("byProduct: 1101");
    }
}
