package theriseed.core.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.BoredSeed.Next;

class BoredSeedTest {
    private static final LocalDate LOOKED = LocalDate.of(2026, 8, 10);

    @Test
    void boredSeedIsFrozenAndLookedAtAgainWhenTheRestHasHatched() {
        BoredSeed found = BoredSeed.of(200, 3, 0, LOOKED, Optional.empty());
        assertThat(found.next()).isEqualTo(Next.FREEZE);
        assertThat(found.share()).isEqualTo(0.015);
        BoredSeed frozen = BoredSeed.of(200, 3, 0, LOOKED, Optional.of(LOOKED.plusDays(9)));
        assertThat(frozen.next()).isEqualTo(Next.LOOK_AGAIN);
        assertThat(frozen.due()).isEqualTo(LocalDate.of(2026, 9, 30));
    }

    @Test
    void aLivingWeevilIsFrozenWhateverTheHoles() {
        assertThat(next(0, 1, LOOKED, Optional.empty())).isEqualTo(Next.FREEZE);
        assertThat(next(5, 1, LOOKED.plusDays(60), Optional.of(LOOKED)))
                .as("the freezing did not kill them")
                .isEqualTo(Next.FREEZE);
    }

    @Test
    void oldHolesStayWhenTheWeevilsAreDead() {
        LocalDate frozen = LOOKED.plusDays(9);
        assertThat(next(30, 0, frozen.plusDays(16), Optional.of(frozen)))
                .as("the rest may still hatch")
                .isEqualTo(Next.LOOK_AGAIN);
        assertThat(next(30, 0, frozen.plusDays(42), Optional.of(frozen))).isEqualTo(Next.NOTHING);
        assertThat(next(0, 0, frozen.plusDays(41), Optional.of(frozen))).isEqualTo(Next.LOOK_AGAIN);
    }

    private static Next next(int bored, int alive, LocalDate lookedOn, Optional<LocalDate> frozen) {
        return BoredSeed.of(100, bored, alive, lookedOn, frozen).next();
    }

    @Test
    void noneFoundIsNotNone() {
        BoredSeed none = BoredSeed.of(100, 0, 0, LOOKED, Optional.empty());
        assertThat(none.next()).isEqualTo(Next.NOTHING);
        assertThat(none.due()).isEqualTo(LOOKED);
        assertThat(none.upper()).isCloseTo(1 - Math.pow(0.05, 0.01), within(1e-9));
    }

    @Test
    void moreBoredThanLookedAtIsRefused() {
        assertThatThrownBy(() -> BoredSeed.of(100, 101, 0, LOOKED, Optional.empty()))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("bored: 101");
    }
}
