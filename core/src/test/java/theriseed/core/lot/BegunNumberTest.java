package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BegunNumberTest {
    @ParameterizedTest
    @ValueSource(strings = {"26 tom 2", "26-TOM-2", "2026 tomato 2", " 26tom2 ", "26/tom/02"})
    void howeverItIsSaidItIsThatNumber(String said) {
        assertThat(BegunNumber.read(said).map(BegunNumber::exactly)).contains("26-TOM-02-_");
    }

    @Test
    void itGoesOnWhereMoreIsTyped() {
        assertThat(BegunNumber.read("26 tom 2").map(BegunNumber::beginnings)).contains("26-TOM-2%");
        assertThat(BegunNumber.read("26 to").map(BegunNumber::beginnings)).contains("26-TO_-%");
    }

    @Test
    void withoutAYearItIsThatOfAnyYear() {
        assertThat(BegunNumber.read("kale 12")).contains(new BegunNumber("__-KAL-12-_", "__-KAL-12%"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"tomato", "26", "Lantern Quay", "2-TOM-1", "26 t 1", "26TOM123", "26 tom 12345", "%", ""})
    void aNameOrHalfAYearIsNone(String said) {
        assertThat(BegunNumber.read(said)).isEqualTo(Optional.empty());
    }
}
