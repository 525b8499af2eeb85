package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;

class LateOffTypeTest {
    static final BloomWindow BLOOM = new BloomWindow(LocalDate.of(2026, 5, 1), LocalDate.of(2026, 5, 30));

    private static LateOffType late(String crop, String since, String removed, double limit) {
        Crop known = CropTable.shipped().find(crop).orElseThrow();
        return LateOffType.of(known, 74, 2, 4, BLOOM, LocalDate.parse(since), LocalDate.parse(removed), limit);
    }

    @Test
    void theLongerItShedTheMoreItFathered() {
        LateOffType day = late("kale", "2026-05-15", "2026-05-15", 0.001);
        LateOffType week = late("kale", "2026-05-15", "2026-05-21", 0.001);
        assertThat(day.shed().seedFathered())
                .isPositive()
                .isLessThan(week.shed().seedFathered());
        assertThat(week.suspect()).isTrue();
    }

    @Test
    void theRingsAreGivenForHalfAndTwiceTheTravelToo() {
        LateOffType kale = late("kale", "2026-05-10", "2026-05-17", 0.001);
        assertThat(kale.travels()).containsExactly(1.5, 3.0, 6.0);
        assertThat(kale.ring().radius()).isPositive();
        assertThat(kale.rings().get(1)).isEqualTo(kale.ring());
        assertThat(late("spinach", "2026-05-10", "2026-05-17", 0.001).travels().get(1))
                .as("wind carries it farther")
                .isEqualTo(5);
    }

    @Test
    void aSelferHardlySpoilsItsNeighbours() {
        LateOffType pea = late("pea", "2026-05-10", "2026-05-17", 0.01);
        assertThat(pea.suspect()).isFalse();
        assertThat(pea.ring().radius()).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "kale, 2026-04-30, , false, ",
        "kale, 2026-05-01, , false, 2026-05-01",
        "kale, 2026-08-14, , false, 2026-05-01",
        "kale, 2026-08-14, , true, ",
        "kale, 2026-05-12, 2026-05-09, false, 2026-05-09",
        "pea, 2026-05-12, , false, ",
        "pea, 2026-05-12, 2026-05-09, false, 2026-05-09"
    })
    void whatIsFoundAtOrAfterTheFirstFlowerOfAnOutcrosserIsTakenToHaveFloweredWithIt(
            String crop, LocalDate walkedOn, LocalDate said, boolean notFlowered, LocalDate from) {
        Crop known = CropTable.shipped().find(crop).orElseThrow();
        assertThat(LateOffType.shedFrom(known, Optional.of(BLOOM), walkedOn, Optional.ofNullable(said), notFlowered))
                .isEqualTo(Optional.ofNullable(from));
        assertThat(LateOffType.shedFrom(known, Optional.empty(), walkedOn, Optional.empty(), false))
                .isEmpty();
    }

    @Test
    void pulledBeforeItShedIsRefused() {
        assertThatThrownBy(() -> late("kale", "2026-05-12", "2026-05-11", 0.001))
                .isInstanceOf(OutOfRange.class)
                .hasMessageStartingWith("sheddingSince: 2026-05-12 is outside the valid range");
    }

    /** Thirty days of bloom end on day 29; what shed from day 14 to day 19 shed until the morning of day 20. */
    @Test
    void daysAreCountedFromTheFirstFlowerToTheLast() {
        Crop kale = CropTable.shipped().find("kale").orElseThrow();
        assertThat(late("kale", "2026-05-15", "2026-05-20", 0.001).shed())
                .isEqualTo(PollenDamage.shed(74, 2, 1, kale.naturalOutcrossing(), 0, 29, 14, 20));
    }
}
