package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class RecognitionTest {
    private static Recognition.Of measured(String kind, int known, int found) {
        return new Recognition.Of(kind, new Recognition(known, found));
    }

    @Test
    void fewMarksTellNothing() {
        assertThat(Recognition.toGoBy(List.of(measured("leaf", 4, 4), measured("stem", 5, 5))))
                .isEmpty();
        assertThat(Recognition.toGoBy(List.of())).isEmpty();
    }

    @Test
    void whatIsRecognisedWorstIsWhatCounts() {
        List<Recognition.Of> measured =
                List.of(measured("leaf", 30, 29), measured("habit", 12, 6), measured("habit", 8, 4));
        assertThat(Recognition.byKind(measured).get("habit")).isEqualTo(new Recognition(20, 10));
        assertThat(Recognition.toGoBy(measured).getAsDouble()).isEqualTo(new Recognition(20, 10).lower());
    }

    @Test
    void smallNumbersOfMoreKindsCountTogether() {
        double together = Recognition.toGoBy(List.of(measured("leaf", 6, 6), measured("stem", 6, 5)))
                .getAsDouble();
        assertThat(together).isEqualTo(new Recognition(12, 11).lower());
    }

    @Test
    void anEyeThatFoundNoneStillFindsSome() {
        assertThat(Recognition.toGoBy(List.of(measured("leaf", 12, 0))).getAsDouble())
                .isPositive();
    }

    @Test
    void moreFoundThanThereWereIsRefused() {
        assertThatThrownBy(() -> new Recognition(5, 6))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("r: 6 is outside the valid range [0, 5] marks");
    }

    @Test
    void twoWhoFoundTheSameOverlookedNone() {
        assertThat(TwoWalkers.of(6, 6, 6).overlooked()).isZero();
        assertThat(TwoWalkers.of(6, 4, 3).overlooked()).isPositive();
    }
}
