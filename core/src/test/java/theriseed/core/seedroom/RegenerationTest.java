package theriseed.core.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.seedroom.Regeneration.Ageing;
import theriseed.core.seedroom.Regeneration.Lot;

class RegenerationTest {
    private static final Crop PEA = CropTable.shipped().find("pea").orElseThrow();
    private static final Crop KALE = CropTable.shipped().find("kale").orElseThrow();

    private static Lot<String> lot(String number, Grade grade, double grams, double germination) {
        return new Lot<>(
                number,
                grade,
                grams,
                0,
                false,
                Optional.of(new Ageing(germination, 900)),
                OptionalDouble.of(germination),
                true);
    }

    private static Lot<String> held(Lot<String> lot) {
        return new Lot<>(
                lot.key(),
                lot.grade(),
                lot.grams(),
                lot.reserved(),
                true,
                lot.ageing(),
                lot.germination(),
                lot.sound());
    }

    private static Lot<String> spoilt(Lot<String> lot) {
        return new Lot<>(
                lot.key(), lot.grade(), lot.grams(), lot.reserved(), false, lot.ageing(), lot.germination(), false);
    }

    private static Regeneration<String> of(Crop crop, double demand, List<Lot<String>> lots) {
        return Regeneration.of(crop, lots, demand, OptionalDouble.empty(), 98, 2026);
    }

    @Test
    void seedOnHoldIsNoStock() {
        Lot<String> jar = lot("24-PEA-01", Grade.MARKET, 5000, 92);
        assertThat(of(PEA, 500, List.of(jar)).grams()).isEqualTo(5000);
        Regeneration<String> held = of(PEA, 500, List.of(held(jar)));
        assertThat(held.grams()).isZero();
        assertThat(held.from()).isEmpty();
        assertThat(held.forecast().overdue()).isTrue();
    }

    @Test
    void booksThatSayMoreLeftThanThereWasTakeNothingFromOtherLots() {
        Lot<String> over = lot("23-PEA-01", Grade.MARKET, -300, 92);
        assertThat(of(PEA, 500, List.of(over)).grams()).isZero();
        assertThat(of(PEA, 500, List.of(over, lot("24-PEA-01", Grade.MARKET, 800, 92)))
                        .grams())
                .isEqualTo(800);
    }

    @Test
    void germinationIsByWeight() {
        List<Lot<String>> lots =
                List.of(lot("24-PEA-01", Grade.MARKET, 3000, 90), lot("22-PEA-02", Grade.MARKET, 1000, 70));
        assertThat(of(PEA, 500, lots).germination()).isCloseTo(85, within(1e-9));
        assertThat(of(PEA, 500, List.of()).germination()).as("nothing is there").isEqualTo(PEA.germinationStandard());
    }

    @Test
    void theBestOfTheHighestGradeIsSownUnlessWhatIsWrongWithItIsInherited() {
        Lot<String> stock = lot("24-PEA-01", Grade.STOCK, 400, 85);
        Lot<String> market = lot("25-PEA-01", Grade.MARKET, 4000, 97);
        assertThat(of(PEA, 500, List.of(market, stock)).from()).contains("24-PEA-01");
        assertThat(of(PEA, 500, List.of(market, spoilt(stock))).from()).contains("25-PEA-01");
        assertThat(of(PEA, 500, List.of(market, lot("23-PEA-01", Grade.STOCK, 0, 85)))
                        .from())
                .as("none is left of it")
                .contains("25-PEA-01");
    }

    @Test
    void plantsGiveThreeYearsDemandAndAtLeastWhatKeepsAVariety() {
        Regeneration<String> little = of(PEA, 10, List.of());
        assertThat(little.plants()).isEqualTo((int) PEA.plants().of(Grade.MARKET));
        assertThat(little.forQuantity()).isFalse();
        double each = (PEA.seedPerPlant().low() + PEA.seedPerPlant().high()) / 2;
        Regeneration<String> much = of(PEA, 20_000, List.of());
        assertThat(much.forQuantity()).isTrue();
        assertThat(much.plants()).isEqualTo((int) Math.ceil(60_000 / (each * 0.8 * 0.75)));
        assertThat(of(PEA, 0, List.of()).plants()).isEqualTo(little.plants());
    }

    @Test
    void whatFlowersAfterAWinterIsSownAYearEarlier() {
        assertThat(Regeneration.lead(PEA)).isEqualTo(1);
        assertThat(Regeneration.lead(KALE)).isEqualTo(2);
    }

    @Test
    void theMoreAYearTakesTheSoonerItIsSownAndNeverTheFewerPlants() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            List<Lot<String>> lots = List.of(
                    lot("a", Grade.MARKET, random.nextInt(20_000), 60 + random.nextInt(39)),
                    lot("b", Grade.STOCK, random.nextInt(2000), 60 + random.nextInt(39)));
            double demand = random.nextInt(8000);
            Regeneration<String> some = of(PEA, demand, lots);
            Regeneration<String> more = of(PEA, demand * 1.5, lots);
            assertThat(season(more.forecast().latestSowing()))
                    .isLessThanOrEqualTo(season(some.forecast().latestSowing()));
            assertThat(season(some.sooner()))
                    .isLessThanOrEqualTo(season(some.forecast().latestSowing()));
            assertThat(season(some.later()))
                    .isGreaterThanOrEqualTo(season(some.forecast().latestSowing()));
            assertThat(more.plants()).isGreaterThanOrEqualTo(some.plants());
        }
    }

    private static int season(Optional<Integer> sowing) {
        return sowing.orElse(Integer.MAX_VALUE);
    }
}
