package theriseed.core.crop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FloatingTest {
    private static Floating of(String key) {
        return Floating.of(CropTable.shipped().find(key).orElseThrow());
    }

    @ParameterizedTest
    @ValueSource(strings = {"tomato", "cucumber", "melon", "kale", "radish", "onion", "pea", "common-bean"})
    void floatingSeedOfTheseIsMostlyEmpty(String key) {
        assertThat(of(key)).isEqualTo(Floating.FAIR_HINT);
    }

    @Test
    void everyKindThatIsNamedIsInTheTable() {
        long named = CropTable.shipped().all().stream()
                .filter(crop -> Floating.of(crop) != Floating.NOT_KNOWN)
                .count();
        assertThat(named).as("30 that sink when good and 35 that float").isEqualTo(65);
        assertThat(of("garden-cress")).as("it swells in water").isEqualTo(Floating.NOT_KNOWN);
        assertThat(of("rocket")).isEqualTo(Floating.FAIR_HINT);
        assertThat(of("poppy")).isEqualTo(Floating.NOT_KNOWN);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "squash-maxima",
                "courgette",
                "sweet-pepper",
                "aubergine",
                "lettuce",
                "carrot",
                "beetroot",
                "spinach"
            })
    void goodSeedOfTheseFloatsToo(String key) {
        assertThat(of(key)).isEqualTo(Floating.SAYS_NOTHING);
    }
}
