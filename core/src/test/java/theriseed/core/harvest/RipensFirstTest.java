package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.CropTable;

class RipensFirstTest {
    private static final LocalDate HALF = LocalDate.of(2026, 8, 20);
    private static final RipeningCurve CURVE = new RipeningCurve(HALF.toEpochDay(), 6, 0.08);

    private static List<RipensFirst.Part> parts(String crop) {
        return RipensFirst.of(CropTable.shipped().find(crop).orElseThrow(), CURVE)
                .parts();
    }

    @ParameterizedTest
    @CsvSource({
        "carrot, KING_UMBEL",
        "lettuce, MAIN_HEAD",
        "kale, LOWEST",
        "tomato, FIRST_FRUIT",
        "leek, MAIN_HEAD",
        "flour-maize, MAIN_EAR"
    })
    void whatRipensFirstIsAsTheCropFlowers(String crop, RipensFirst.Place first) {
        assertThat(parts(crop).get(0).place()).isEqualTo(first);
    }

    @Test
    void umbelsRipenInTheirOrderWithoutAGap() {
        List<RipensFirst.Part> parts = parts("carrot");
        assertThat(parts).hasSize(3);
        assertThat(parts.get(0).until()).isEqualTo(parts.get(1).from()).isBefore(HALF);
        assertThat(parts.get(1).until()).isEqualTo(parts.get(2).from()).isAfter(HALF);
        assertThat(parts.get(2).to()).isEqualTo(1);
    }
}
