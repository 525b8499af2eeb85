package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.stall.LotCosts.Lot;
import theriseed.core.stall.LotCosts.Transfer;

class LotCostsTest {
    private static final double WAGE = 18;

    private static Lot<String, String> lot(String id, String planting, double mass) {
        return new Lot<>(id, planting, mass, Spent.NONE, false, true);
    }

    private static Lot<String, String> failed(String id, String planting, double mass) {
        return new Lot<>(id, planting, mass, Spent.NONE, true, true);
    }

    private static Spent materials(double amount) {
        return new Spent(0, 0, amount, 0, Map.of());
    }

    @Test
    void aPlantingsCostIsSharedByCleanSeed() {
        LotCosts<String> costs = LotCosts.of(
                Map.of("kale", new Spent(50, 60, 35, 12, Map.of(Work.TENDING, 18.0, Work.BENCH, 4.0))),
                List.of(lot("big", "kale", 300), lot("small", "kale", 100)),
                List.of(),
                WAGE);
        assertThat(costs.byLot().get("big").of(WAGE)).isCloseTo(503 * 0.75, within(1e-9));
        assertThat(costs.byLot().get("small").spent().hours()).isCloseTo(5.5, within(1e-9));
        assertThat(costs.byLot().get("small").spent().byWork()).containsEntry(Work.BENCH, 1.0);
        assertThat(costs.failed()).isZero();
    }

    @Test
    void lotsWithoutCleanSeedYetShareInEqualParts() {
        LotCosts<String> costs = LotCosts.of(
                Map.of("kale", materials(90)),
                List.of(lot("a", "kale", 0), lot("b", "kale", 0), lot("c", "kale", 0)),
                List.of(),
                WAGE);
        assertThat(costs.byLot().values())
                .allSatisfy(cost -> assertThat(cost.of(WAGE)).isCloseTo(30, within(1e-9)));
    }

    @Test
    void whatIsTransferredTakesItsCostAlong() {
        LotCosts<String> costs = LotCosts.of(
                Map.of("early", materials(100), "late", materials(60)),
                List.of(lot("a", "early", 400), lot("b", "late", 200), lot("blend", null, 300)),
                List.of(new Transfer<>("a", "blend", 100), new Transfer<>("b", "blend", 200)),
                WAGE);
        assertThat(costs.byLot().get("a").of(WAGE)).isCloseTo(75, within(1e-9));
        assertThat(costs.byLot().get("b").of(WAGE)).isZero();
        assertThat(costs.byLot().get("blend").of(WAGE)).isCloseTo(85, within(1e-9));
    }

    @Test
    void aBlendOfABlendWaitsUntilAllHasArrived() {
        LotCosts<String> costs = LotCosts.of(
                Map.of("p", materials(80), "q", materials(20)),
                List.of(lot("last", null, 100), lot("middle", null, 50), lot("a", "p", 50), lot("b", "q", 50)),
                List.of(
                        new Transfer<>("middle", "last", 50),
                        new Transfer<>("b", "last", 50),
                        new Transfer<>("a", "middle", 50)),
                WAGE);
        assertThat(costs.byLot().get("last").of(WAGE)).isCloseTo(100, within(1e-9));
    }

    @Test
    void whatFailedIsCarriedByTheOthersByTheirCost() {
        LotCosts<String> costs = LotCosts.of(
                Map.of("kale", materials(300), "leek", materials(100), "drowned", materials(50), "held", materials(30)),
                List.of(lot("k", "kale", 10), lot("l", "leek", 99), failed("h", "held", 5)),
                List.of(),
                WAGE);
        assertThat(costs.failed()).isEqualTo(80);
        assertThat(costs.carriedByNone()).isZero();
        assertThat(costs.byLot()).doesNotContainKey("h");
        assertThat(costs.byLot().get("k").failed()).isCloseTo(60, within(1e-9));
        assertThat(costs.byLot().get("l").failed()).isCloseTo(20, within(1e-9));
    }

    @Test
    void aYearInWhichAllFailedIsCarriedByNone() {
        LotCosts<String> costs =
                LotCosts.of(Map.of("kale", materials(300)), List.of(failed("k", "kale", 10)), List.of(), WAGE);
        assertThat(costs.byLot()).isEmpty();
        assertThat(costs.carriedByNone()).isEqualTo(300);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void nothingIsLostOnTheWay(long seed) {
        Random random = new Random(seed);
        Map<Integer, Spent> plantings = new HashMap<>();
        for (int one = 0; one < 20; one++) {
            plantings.put(
                    one,
                    new Spent(
                            random.nextInt(90),
                            random.nextInt(100),
                            random.nextInt(100),
                            random.nextInt(20),
                            Map.of(Work.WALKING, random.nextDouble() * 40)));
        }
        List<Lot<Integer, Integer>> lots = new ArrayList<>();
        List<Transfer<Integer>> transfers = new ArrayList<>();
        double own = 0;
        for (int id = 0; id < 60; id++) {
            Spent spent = materials(random.nextInt(10));
            own += spent.cost(WAGE);
            boolean picked = id < 30;
            lots.add(new Lot<>(
                    id, picked ? random.nextInt(15) : null, random.nextInt(500), spent, random.nextInt(5) == 0, true));
            if (!picked) {
                transfers.add(new Transfer<>(random.nextInt(id), id, 1 + random.nextInt(300)));
                transfers.add(new Transfer<>(random.nextInt(id), id, 1 + random.nextInt(300)));
            }
        }
        LotCosts<Integer> costs = LotCosts.of(plantings, lots, transfers, WAGE);
        double all = own
                + plantings.values().stream().mapToDouble(one -> one.cost(WAGE)).sum();
        assertThat(costs.byLot().values().stream()
                                .mapToDouble(cost -> cost.of(WAGE))
                                .sum()
                        + costs.carriedByNone())
                .isCloseTo(all, within(1e-6));
    }

    @Test
    void anHourEarnsWhatIsLeftBeforeTheWage() {
        Paid paid =
                Paid.of(1000, 0.05, new Spent(50, 60, 35, 12, Map.of(Work.TENDING, 20.0, Work.BENCH, 2.0)), 47, WAGE);
        assertThat(paid.cost()).isEqualTo(550);
        assertThat(paid.left()).isCloseTo(400, within(1e-9));
        assertThat(paid.perHour().orElseThrow()).isCloseTo((400 + 22 * 18) / 22.0, within(1e-9));
        assertThat(paid.perSquareMetre().orElseThrow()).isCloseTo(8, within(1e-9));
    }

    @Test
    void withoutHoursOrGroundNothingIsSaidOfThem() {
        Paid paid = Paid.of(10, 0, Spent.NONE, 0, WAGE);
        assertThat(paid.perHour()).isEmpty();
        assertThat(paid.perSquareMetre()).isEmpty();
    }

    @Test
    void byProductsOfWhatFailedLowerWhatTheOthersCarry() {
        Spent sold = materials(100).plus(Spent.sold(30));
        assertThat(sold.times(0.5).byProducts()).isEqualTo(15);
        LotCosts<String> costs = LotCosts.of(
                Map.of("kale", sold),
                List.of(new LotCosts.Lot<>("good", null, 10, materials(50), false, true)),
                List.of(),
                WAGE);
        assertThat(costs.failed()).isEqualTo(70);
        assertThat(Paid.of(100, 0.1, sold, 0, WAGE).left()).isEqualTo(90 + 30 - 100);
    }
}
