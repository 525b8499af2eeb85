package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.bench.PickedSeed.Lot;
import theriseed.core.bench.PickedSeed.Outcome;
import theriseed.core.bench.PickedSeed.Transfer;

/** 40 kg of tomatoes, squeezed to 6.5 kg of mash and transferred into three buckets that ferment apart. */
class PickedSeedTest {
    private static Lot<String> picked(String id, double picked, double mass, double out, boolean clean) {
        return new Lot<>(id, picked, mass, out, clean, List.of());
    }

    @SafeVarargs
    private static Lot<String> of(String id, double mass, double out, boolean clean, Transfer<String>... from) {
        return new Lot<>(id, 0, mass, out, clean, List.of(from));
    }

    private static Transfer<String> from(String id, double mass) {
        return new Transfer<>(id, mass);
    }

    private static PickedSeed<String> buckets(boolean lastClean) {
        return new PickedSeed<>(List.of(
                picked("mash", 40_000, 6_500, 6_500, false),
                of("a", 90, 0, true, from("mash", 2_600)),
                of("b", 70, 0, true, from("mash", 1_950)),
                of("c", lastClean ? 60 : 1_800, 0, lastClean, from("mash", 1_950))));
    }

    @Test
    void whatBucketsGiveIsWhatThePickingGave() {
        Outcome all = buckets(true).of("mash");
        assertThat(all.all()).isTrue();
        assertThat(all.clean()).isCloseTo(220, within(1e-9));
    }

    @Test
    void untilTheLastIsCleanItsShareIsWaitedFor() {
        Outcome soFar = buckets(false).of("mash");
        assertThat(soFar.clean()).isCloseTo(160, within(1e-9));
        assertThat(soFar.waiting()).isCloseTo(0.3, within(1e-9));
        assertThat(soFar.all()).isFalse();
    }

    @Test
    void aBucketCameOfItsShareOfWhatWasPicked() {
        assertThat(buckets(true).picked("a").get("mash")).isCloseTo(16_000, within(1e-9));
    }

    /** 300 g of one and 50 g of another lose 10 g when they are cleaned again: each loses its share. */
    @Test
    void ofABlendEachPickingHasTheShareItMakesOfWhatWasTransferred() {
        PickedSeed<String> blend = new PickedSeed<>(List.of(
                picked("first", 30_000, 300, 300, true),
                picked("second", 10_000, 50, 50, true),
                of("blend", 340, 0, true, from("first", 300), from("second", 50))));
        assertThat(blend.share("first", "blend")).isCloseTo(6 / 7.0, within(1e-9));
        assertThat(blend.of("first").clean()).isCloseTo(340 * 6 / 7.0, within(1e-9));
        assertThat(blend.of("first").clean() + blend.of("second").clean()).isCloseTo(340, within(1e-9));
    }

    @Test
    void cleanSeedThatWasPartedIsCountedOnce() {
        PickedSeed<String> parted = new PickedSeed<>(
                List.of(picked("whole", 5_000, 1_000, 400, true), of("part", 400, 0, true, from("whole", 400))));
        assertThat(parted.of("whole").clean()).isCloseTo(1_000, within(1e-9));
    }

    /** Bought seed in the blend is nobody's harvest. */
    @Test
    void whatWasNotPickedHereAddsNothingToAHarvest() {
        PickedSeed<String> mixed = new PickedSeed<>(List.of(
                picked("own", 5_000, 100, 40, true),
                picked("bought", 0, 30, 30, true),
                of("blend", 70, 0, true, from("own", 40), from("bought", 30))));
        assertThat(mixed.of("own").clean()).isCloseTo(100, within(1e-9));
        assertThat(mixed.of("own").all()).isTrue();
    }

    @Test
    void whatCameOfALotNobodyKnowsCountsForNothing() {
        PickedSeed<String> odd = new PickedSeed<>(
                List.of(picked("known", 5_000, 1_000, 0, true), of("odd", 400, 0, true, from("unknown", 400))));
        assertThat(odd.picked("odd")).isEmpty();
        assertThat(odd.of("known").clean()).isCloseTo(1_000, within(1e-9));
    }
}
