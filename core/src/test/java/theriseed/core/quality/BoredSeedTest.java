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
        BoredSeed found = BoredSeed.of(200, 3, LOOKED, Optional.empty());
        assertThat(found.next()).isEqualTo(Next.FREEZE);
        assertThat(found.share()).isEqualTo(0.015);
        BoredSeed frozen = BoredSeed.of(200, 3, LOOKED, Optional.of(LOOKED.plusDays(9)));
        assertThat(frozen.next()).isEqualTo(Next.LOOK_AGAIN);
        assertThat(frozen.due()).isEqualTo(LocalDate.of(2026, 9, 30));
        BoredSeed before = BoredSeed.of(200, 3, LOOKED, Optional.of(LOOKED.minusDays(1)));
        assertThat(before.next())
                .as("a freezing before this look does not count")
                .isEqualTo(Next.FREEZE);
    }

    @Test
    void aLookBeforeTheRestHasHatchedSettlesNothing() {
        LocalDate frozen = LOOKED.plusDays(9);
        assertThat(BoredSeed.of(200, 0, frozen.plusDays(16), Optional.of(frozen))
                        .next())
                .isEqualTo(Next.LOOK_AGAIN);
        assertThat(BoredSeed.of(200, 1, frozen.plusDays(16), Optional.of(frozen))
                        .next())
                .as("the freezing did not kill them")
                .isEqualTo(Next.FREEZE);
        assertThat(BoredSeed.of(200, 0, frozen.plusDays(42), Optional.of(frozen))
                        .next())
                .isEqualTo(Next.NOTHING);
    }

    @Test
    void noneFoundIsNotNone() {
        BoredSeed none = BoredSeed.of(100, 0, LOOKED, Optional.empty());
        assertThat(none.next()).isEqualTo(Next.NOTHING);
        assertThat(none.due()).isEqualTo(LOOKED);
        assertThat(none.upper()).isCloseTo(1 - Math.pow(0.05, 0.01), within(1e-9));
    }

    @Test
    void moreBoredThanLookedAtIsRefused() {
        assertThatThrownBy(() -> BoredSeed.of(100, 101, LOOKED, Optional.empty()))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("bored: 101");
    }
}
