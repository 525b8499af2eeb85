package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import theriseed.core.lot.SeedGenerations.Came;

class SeedGenerationsTest {
    private static SeedGeneration of(String lot, Map<String, Came<String>> lots) {
        return new SeedGenerations<String>(lots::get).of(lot);
    }

    private static Came<String> sownWith(String... lots) {
        return new Came<>(true, List.of(lots), false);
    }

    private static Came<String> transferredFrom(String... lots) {
        return new Came<>(false, List.of(lots), false);
    }

    private static final Came<String> BOUGHT = new Came<>(true, List.of(), true);

    @Test
    void eachSowingIsOneGenerationAndTransferringIsNone() {
        Map<String, Came<String>> lots = Map.of(
                "first",
                BOUGHT,
                "second",
                sownWith("first"),
                "part",
                transferredFrom("second"),
                "third",
                sownWith("part"));
        assertThat(of("first", lots)).isEqualTo(new SeedGeneration(1, true));
        assertThat(of("part", lots)).isEqualTo(new SeedGeneration(2, true));
        assertThat(of("third", lots)).isEqualTo(new SeedGeneration(3, true));
    }

    @Test
    void ofSeveralTheOneGrownMostOftenCounts() {
        Map<String, Came<String>> lots = Map.of(
                "first",
                BOUGHT,
                "second",
                sownWith("first"),
                "blend",
                transferredFrom("first", "second"),
                "topped",
                new Came<>(true, List.of("second"), true));
        assertThat(of("blend", lots)).isEqualTo(new SeedGeneration(2, true));
        assertThat(of("topped", lots)).as("topped up with bought seed").isEqualTo(new SeedGeneration(3, true));
    }

    @Test
    void whereNobodyWroteWhatWasSownItIsCountedFromThereAtLeast() {
        Map<String, Came<String>> lots = Map.of(
                "old", sownWith(), "next", sownWith("old"), "first", BOUGHT, "blend", transferredFrom("next", "first"));
        assertThat(of("old", lots)).isEqualTo(new SeedGeneration(1, false));
        assertThat(of("next", lots)).isEqualTo(new SeedGeneration(2, false));
        assertThat(of("blend", lots)).as("one unknown leaves all unknown").isEqualTo(new SeedGeneration(2, false));
    }

    @Test
    void recordsThatGoRoundEndAndAreNotExact() {
        Map<String, Came<String>> lots = Map.of("one", sownWith("other"), "other", sownWith("one"));
        assertThat(of("one", lots).exact()).isFalse();
    }

    @Test
    void aLotThatManyWaysLeadToIsCountedOnce() {
        Map<String, Came<String>> lots = IntStream.rangeClosed(0, 40)
                .boxed()
                .collect(Collectors.toMap(
                        String::valueOf,
                        i -> i == 0
                                ? BOUGHT
                                : new Came<>(
                                        true,
                                        List.of(String.valueOf(i - 1), String.valueOf(Math.max(0, i - 2))),
                                        false)));
        assertThat(of("40", lots)).as("two ways at each of forty steps").isEqualTo(new SeedGeneration(41, true));
    }
}
