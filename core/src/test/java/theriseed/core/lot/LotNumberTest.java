package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.measure.OutOfRange;

class LotNumberTest {
    private static final String SIGNS = "0123456789ABCDEFGHJKMNPQRSTUVWXYZ";

    @Test
    void everyWrongSignAndEverySwapIsCaught() {
        IntStream.rangeClosed(1, 200)
                .mapToObj(serial -> LotNumber.issue(2026, "Tomato", serial))
                .flatMap(java.util.Optional::stream)
                .map(number -> LotNumber.folded(number.text()))
                .forEach(LotNumberTest::catchesEveryError);
    }

    private static void catchesEveryError(String code) {
        assertThat(LotNumber.valid(code)).isTrue();
        for (int i = 0; i < code.length(); i++) {
            for (char sign : SIGNS.toCharArray()) {
                String wrong = code.substring(0, i) + sign + code.substring(i + 1);
                assertThat(LotNumber.valid(wrong)).as(wrong).isEqualTo(wrong.equals(code));
            }
            if (i + 1 < code.length() && code.charAt(i) != code.charAt(i + 1)) {
                String swapped = code.substring(0, i) + code.charAt(i + 1) + code.charAt(i) + code.substring(i + 2);
                assertThat(LotNumber.valid(swapped)).as(swapped).isFalse();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"1", " 1 ", "-1-"})
    void tooLittleIsNoNumber(String typed) {
        assertThat(LotNumber.valid(typed)).isFalse();
    }

    @Test
    void serialsWithAConfusableCheckAreSkipped() {
        long skipped = IntStream.rangeClosed(1, 999)
                .filter(serial -> LotNumber.issue(2026, "Kale", serial).isEmpty())
                .count();
        assertThat(skipped).isBetween(100L, 170L);
        IntStream.rangeClosed(1, 999)
                .mapToObj(serial -> LotNumber.issue(2026, "Kale", serial))
                .flatMap(java.util.Optional::stream)
                .forEach(number -> assertThat(number.text()).doesNotMatch(".*[ILOU*]$"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"%s", " %s ", "l%s"})
    void readsWhatPeopleType(String pattern) {
        String printed = LotNumber.issue(2026, "Tomato", 7).orElseThrow().text();
        String typed = pattern.formatted(printed.toLowerCase()).replace('-', ' ');
        if (pattern.startsWith("l")) {
            assertThatThrownBy(() -> LotNumber.read(typed)).isInstanceOf(OutOfRange.class);
        } else {
            assertThat(LotNumber.read(typed)).isEqualTo(LotNumber.folded(printed));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Tomato, TOM",
        "Common bean, BEA",
        "Courgette / summer squash, COU",
        "Winter squash (maxima), SQU",
        "Pe, PEX"
    })
    void aCropIsKnownByThreeLetters(String crop, String code) {
        assertThat(LotNumber.cropCode(crop)).isEqualTo(code);
    }

    @Test
    void aForeignSignIsNamedWithItsPlace() {
        assertThatThrownBy(() -> LotNumber.read("26-TOM_07")).hasMessageContaining("lotNumber.sign {sign=_, place=7}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-", "1234567890123456789012345678901234"})
    void lengthsThatCannotBeANumberAreRefused(String typed) {
        assertThatThrownBy(() -> LotNumber.read(typed)).isInstanceOf(OutOfRange.class);
    }
}
