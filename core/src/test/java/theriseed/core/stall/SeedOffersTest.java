package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import theriseed.core.stall.SeedOffers.Lot;
import theriseed.core.stall.SeedOffers.Promise;
import theriseed.core.stall.SeedOffers.Run;

class SeedOffersTest {
    private static final LocalDate WANTED = LocalDate.of(2027, 3, 1);

    private static Lot<String, String> lot(String number, LocalDate until, double free, int... packetsOf100) {
        List<Run<String>> runs = IntStream.range(0, packetsOf100.length)
                .mapToObj(i -> new Run<>(number + " run " + i, Optional.of(100), packetsOf100[i]))
                .toList();
        return new Lot<>(number, true, Optional.ofNullable(until), BigDecimal.valueOf(free), runs);
    }

    private static SeedOffers<String, String> offers(List<Lot<String, String>> lots) {
        return new SeedOffers<>(lots);
    }

    private static String told(List<Promise<String, String>> promises) {
        return promises.stream()
                .map(one ->
                        one.run().map(run -> one.packets() + " of " + run).orElse(one.bulk() + " g of " + one.lot()))
                .toList()
                .toString();
    }

    @Test
    void theOldestGoesFirstAndTheNextAsFarAsItDoesNotSuffice() {
        var offers = offers(List.of(lot("24-PEA", null, 50, 10, 5), lot("25-PEA", null, 500, 40)));
        assertThat(told(offers.packets(20, Optional.of(100), WANTED)))
                .isEqualTo("[10 of 24-PEA run 0, 5 of 24-PEA run 1, 5 of 25-PEA run 0]");
        assertThat(told(offers.bulk(BigDecimal.valueOf(80.5), WANTED)))
                .isEqualTo("[50.0 g of 24-PEA, 30.5 g of 25-PEA]");
    }

    @Test
    void whatIsPromisedOnceIsNotPromisedAgain() {
        var offers = offers(List.of(lot("24-PEA", null, 50, 10)));
        assertThat(told(offers.packets(8, Optional.empty(), WANTED))).isEqualTo("[8 of 24-PEA run 0]");
        assertThat(told(offers.packets(8, Optional.empty(), WANTED))).isEqualTo("[2 of 24-PEA run 0]");
        assertThat(offers.packets(8, Optional.empty(), WANTED)).isEmpty();
        offers.bulk(BigDecimal.valueOf(50), WANTED);
        assertThat(offers.bulk(BigDecimal.ONE, WANTED)).isEmpty();
    }

    @Test
    void aLotWhoseTestHasRunOutByThenIsPassedOver() {
        var offers = offers(List.of(lot("24-PEA", WANTED.minusDays(1), 50, 10), lot("25-PEA", WANTED, 50, 10)));
        assertThat(told(offers.packets(1, Optional.of(100), WANTED))).isEqualTo("[1 of 25-PEA run 0]");
        assertThat(told(offers.packets(1, Optional.of(100), WANTED.minusDays(1))))
                .isEqualTo("[1 of 24-PEA run 0]");
    }

    @Test
    void nothingThatIsHeldBackIsPromisedNorPacketsOfAnotherSize() {
        Lot<String, String> held = new Lot<>(
                "24-PEA", false, Optional.empty(), BigDecimal.TEN, List.of(new Run<>("run", Optional.of(100), 10)));
        assertThat(offers(List.of(held)).packets(1, Optional.empty(), WANTED)).isEmpty();
        assertThat(offers(List.of(held)).bulk(BigDecimal.ONE, WANTED)).isEmpty();
        assertThat(offers(List.of(lot("25-PEA", null, 0, 10))).packets(1, Optional.of(50), WANTED))
                .isEmpty();
    }

    @Test
    void neverMoreThanIsWantedNorThanThereIs() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            int[] there = random.ints(4, 0, 30).toArray();
            var offers = offers(List.of(lot("a", null, 0, there[0], there[1]), lot("b", null, 0, there[2], there[3])));
            int left = there[0] + there[1] + there[2] + there[3];
            for (int order = 0; order < 5; order++) {
                int wanted = random.nextInt(40);
                int got = offers.packets(wanted, Optional.empty(), WANTED).stream()
                        .mapToInt(Promise::packets)
                        .sum();
                assertThat(got).isEqualTo(Math.min(wanted, left));
                left -= got;
            }
        }
    }
}
