package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class CashCountTest {
    private static BigDecimal money(String amount) {
        return new BigDecimal(amount);
    }

    private static CashCount.Line line(int along, int back, int given, String price, String letOff) {
        return new CashCount.Line(along, back, given, money(price), money(letOff));
    }

    @Test
    void moneyThatIsMissingStandsBelowZero() {
        CashCount count = CashCount.of(
                List.of(line(20, 4, 0, "2.60", "0"), line(40, 2, 0, "2.80", "0")),
                money("30"),
                money("165.50"),
                money("10"));
        assertThat(count.due()).isEqualByComparingTo("148.00");
        assertThat(count.difference()).isEqualByComparingTo("-2.50");
    }

    @Test
    void giftsAndWhatWasLetOffAreNotDue() {
        CashCount.Line some = line(10, 3, 2, "2.50", "1.50");
        assertThat(some.sold()).isEqualTo(5);
        assertThat(some.brought()).isEqualByComparingTo("11.00");
        assertThat(CashCount.of(List.of(some), money("0"), money("12"), money("0"))
                        .difference())
                .isEqualByComparingTo("1");
    }

    @Test
    void noMoreComesBackOrIsGivenThanWasTakenAlong() {
        assertThatThrownBy(() -> line(5, 6, 0, "2", "0")).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> line(5, 4, 2, "2", "0")).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> line(5, 4, 0, "2", "2.01")).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> CashCount.of(List.of(), money("-1"), money("0"), money("0")))
                .isInstanceOf(OutOfRange.class);
    }
}
