package theriseed.core.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import theriseed.core.measure.OutOfRange;

class SeedRoomTest {
    @ParameterizedTest
    @EnumSource(StorageLife.Species.class)
    void seedKeepsLongerDrierAndCooler(StorageLife.Species species) {
        StorageLife warm = StorageLife.of(species, 95, 9, 20);
        assertThat(StorageLife.of(species, 95, 8, 20).halfLife()).isGreaterThan(warm.halfLife());
        assertThat(StorageLife.of(species, 95, 9, 10).halfLife()).isGreaterThan(warm.halfLife());
        assertThat(warm.after(warm.daysTo(75))).isCloseTo(75, within(1e-9));
        assertThat(warm.after(warm.halfLife())).isCloseTo(50, within(1e-9));
        assertThat(warm.daysTo(97)).as("below the standard already").isZero();
    }

    @Test
    void timeInTheSameStoreAddsUp() {
        StorageLife life = StorageLife.of(StorageLife.Species.ONION, 95, 8, 15);
        assertThat(life.movedAfter(200, life.sigma()).after(165)).isCloseTo(life.after(365), within(1e-9));
    }

    @Test
    void anUsualLifeIsItselfUnderUsualConditions() {
        StorageLife.Usual usual = new StorageLife.Usual(1095, 8, 15, 95, 75);
        assertThat(StorageLife.byHarrington(usual, 95, 8, 15).daysTo(75)).isCloseTo(1095, within(1e-6));
        assertThatThrownBy(() -> StorageLife.byHarrington(usual, 95, 15, 15))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("m: 15");
    }

    @Test
    void theNextTestComesWithinAYearAndBeforeTheStandard() {
        assertThat(StorageLife.retestIn(4000, 0)).isEqualTo(365);
        assertThat(StorageLife.retestIn(300, 240)).isEqualTo(20);
        assertThat(StorageLife.retestIn(300, 400)).isZero();
    }

    private static Blend.Part part(double kilograms, double germination, double weight, double moisture) {
        return new Blend.Part(kilograms, germination, 98, weight, moisture);
    }

    @Test
    void aBlendLiesBetweenItsPartsInWhateverOrderTheyAreTransferred() {
        List<Blend.Part> parts = List.of(part(2, 92, 3.0, 7), part(1, 84, 3.1, 8), part(4, 88, 2.9, 7.5));
        Blend blend = Blend.of(parts);
        assertThat(blend.germination()).isBetween(84.0, 92.0);
        assertThat(blend.thousandSeedWeight()).isBetween(2.9, 3.1);
        assertThat(blend.cautions()).isEmpty();
        Blend other = Blend.of(List.of(parts.get(2), parts.get(0), parts.get(1)));
        assertThat(other.germination()).isCloseTo(blend.germination(), within(1e-12));
        assertThat(other.seeds()).isCloseTo(blend.seeds(), within(1e-6));
    }

    @Test
    void partsTooUnlikeAreCautionedAgainst() {
        assertThat(Blend.of(List.of(part(1, 95, 3, 7), part(1, 60, 3, 7))).cautions())
                .containsExactly(Blend.Caution.GERMINATION);
        assertThat(Blend.of(List.of(part(1, 90, 3, 7), part(1, 90, 3.7, 7))).cautions())
                .containsExactly(Blend.Caution.SEED_SIZE);
        assertThat(Blend.of(List.of(part(1, 90, 3, 7), part(1, 90, 3, 8.6))).cautions())
                .containsExactly(Blend.Caution.MOISTURE);
        assertThatThrownBy(() -> Blend.of(List.of(part(1, 90, 3, 7), part(0, 90, 3, 7))))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("lots[1].kg");
    }

    @Test
    void aSplitLosesNoGram() {
        Random random = new Random(5);
        for (int trial = 0; trial < 200; trial++) {
            double kilograms = 0.1 + random.nextInt(100_000) / 1000.0;
            double[] shares = random.doubles(1 + random.nextInt(6), 0.1, 1).toArray();
            double sum = Arrays.stream(shares).sum();
            double[] parts = Arrays.stream(shares).map(share -> share / sum).toArray();
            long[] grams = LotSplit.of(kilograms, parts, 0.05).grams();
            long net = Math.round((kilograms - 0.05) * 1000);
            assertThat(Arrays.stream(grams).sum()).isEqualTo(net);
            for (int i = 0; i < parts.length; i++) {
                assertThat((double) grams[i]).isCloseTo(net * parts[i], within(1.0));
            }
        }
    }

    @Test
    void sharesThatAreNotTheWholeAreRefused() {
        assertThatThrownBy(() -> LotSplit.of(4.35, new double[] {0.5, 0.3, 0.3}, 0.012))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("shares");
        assertThatThrownBy(() -> LotSplit.of(1, new double[] {0.5, 0.5}, 1.2)).hasMessageContaining("loss");
    }

    @Test
    void bagsAlikeDoNotDiffer() {
        BagsApart alike = BagsApart.of(new int[] {90, 90, 90, 90}, 100);
        assertThat(alike.chance()).isEqualTo(1);
        assertThat(alike.differ()).isFalse();
        assertThat(BagsApart.of(new int[] {98, 70, 95, 60}, 100).differ()).isTrue();
        assertThatThrownBy(() -> BagsApart.of(new int[] {100, 100}, 100)).hasMessageContaining("mean");
    }

    private static StockForecast forecast(double kilograms, int lead) {
        return StockForecast.of(
                new StockForecast.Stock(kilograms, 92, 1400, 3, 98),
                new StockForecast.Needs(70, new double[] {0.4, 0.4, 0.4, 0.4, 0.4}, 60, 0.7, 0.2, 0.02),
                2026,
                lead);
    }

    @Test
    void moreStockNeverRunsOutSooner() {
        int before = 0;
        for (double kilograms = 0.3; kilograms < 1.8; kilograms += 0.3) {
            int year = forecast(kilograms, 1).firstShort().orElse(9999);
            assertThat(year).isGreaterThanOrEqualTo(before);
            before = year;
        }
    }

    @Test
    void aBiennialMustBeSownAYearSooner() {
        int annual = forecast(1.2, 1).latestSowing().orElseThrow();
        assertThat(forecast(1.2, 2).latestSowing()).hasValue(annual - 1);
        assertThat(forecast(0.3, 1).overdue()).isTrue();
    }

    @Test
    void deadSeedIsNotSown() {
        StockForecast dying = StockForecast.of(
                new StockForecast.Stock(1, 60, 90, 3, 98),
                new StockForecast.Needs(75, new double[] {0, 0, 0, 0, 0, 0}, 120, 0.8, 0, 0),
                2026,
                1);
        StockForecast.Year last = dying.years().get(5);
        assertThat(last.germination()).isLessThan(1e-6);
        assertThat(last.ownSeeds()).isZero();
        assertThat(last.runsOut()).containsExactly(StockForecast.RunsOut.GERMINATION);
    }
}
