package theriseed.core.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class SeedMixTest {
    private static final SeedMix.Seed PEA = new SeedMix.Seed(99, 250, 90);
    private static final SeedMix.Seed CLOVER = new SeedMix.Seed(97, 0.7, 80);

    /** 990 g of pure pea are 3,960 seeds; 9.7 g of pure clover are 13,857: calculated by hand. */
    @Test
    void sharesBySeedAreOtherThanByWeight() {
        SeedMix mix = SeedMix.of(List.of(new SeedMix.Part(1000, PEA), new SeedMix.Part(10, CLOVER)));
        assertThat(mix.shares().get(0).mass()).isCloseTo(1000 / 1010.0, within(1e-12));
        assertThat(mix.shares().get(0).seeds()).isCloseTo(3960 / 17817.142857, within(1e-9));
        assertThat(mix.seedsPerGram()).isCloseTo(17.6407, within(1e-4));
        assertThat(mix.germination()).isCloseTo((3960 * 90 + 13857.142857 * 80) / 17817.142857, within(1e-6));
        assertThat(mix.shares().get(1).living()).isCloseTo(11085.714 / 14649.714, within(1e-6));
        assertThat(mix.partsAgain()).isTrue();
    }

    @Test
    void itSaysHowThickItIsSown() {
        SeedMix mix = SeedMix.of(List.of(new SeedMix.Part(1000, PEA), new SeedMix.Part(10, CLOVER)));
        assertThat(mix.gramsPerSquareMetre(200)).isCloseTo(200 / 17.6407, within(1e-3));
    }

    @Test
    void seedOfOneSizeDoesNotPart() {
        SeedMix.Seed other = new SeedMix.Seed(98, 300, 85);
        assertThat(SeedMix.of(List.of(new SeedMix.Part(1, PEA), new SeedMix.Part(1, other)))
                        .partsAgain())
                .isFalse();
    }

    @Test
    void whatIsWeighedForWantedSharesOfSeedsHasThem() {
        Random random = new Random(7);
        for (int turn = 0; turn < 200; turn++) {
            int parts = 2 + random.nextInt(5);
            List<SeedMix.Seed> seeds = IntStream.range(0, parts)
                    .mapToObj(i -> new SeedMix.Seed(
                            90 + random.nextInt(10), Math.exp(random.nextDouble() * 6 - 1), 60 + random.nextInt(40)))
                    .toList();
            List<Double> wanted = IntStream.range(0, parts)
                    .mapToObj(i -> 1.0 + random.nextInt(9))
                    .toList();
            double all = wanted.stream().mapToDouble(share -> share).sum();
            List<Double> grams = SeedMix.gramsBySeeds(wanted, seeds, 500);
            List<SeedMix.Part> weighed = new ArrayList<>();
            for (int i = 0; i < parts; i++) {
                weighed.add(new SeedMix.Part(grams.get(i), seeds.get(i)));
            }
            SeedMix mix = SeedMix.of(weighed);
            assertThat(mix.grams()).isCloseTo(500, within(1e-9));
            for (int i = 0; i < parts; i++) {
                assertThat(mix.shares().get(i).seeds()).isCloseTo(wanted.get(i) / all, within(1e-9));
            }
            assertThat(mix.shares().stream().mapToDouble(SeedMix.Share::living).sum())
                    .isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void sharesByMassAreTakenAsTheyStandToEachOther() {
        assertThat(SeedMix.gramsByMass(List.of(3.0, 1.0), 200)).containsExactly(150.0, 50.0);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> SeedMix.of(List.of(new SeedMix.Part(1, PEA)))).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> SeedMix.of(List.of(new SeedMix.Part(0, PEA), new SeedMix.Part(1, CLOVER))))
                .isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> SeedMix.gramsByMass(List.of(3.0, -1.0), 200)).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> new SeedMix.Seed(99, 0, 90)).isInstanceOf(OutOfRange.class);
    }
}
