package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class AgreedPriceTest {
    private static List<BigDecimal> money(String... amounts) {
        return List.of(amounts).stream().map(BigDecimal::new).toList();
    }

    @Test
    void eachHasItsShareOfWhatWasAgreed() {
        assertThat(AgreedPrice.shares(money("7.50", "2.50"), new BigDecimal("8")))
                .isEqualTo(money("6.00", "2.00"));
    }

    @Test
    void noMoreIsAgreedThanTheyCost() {
        assertThatThrownBy(() -> AgreedPrice.shares(money("2.50"), new BigDecimal("2.51")))
                .isInstanceOf(OutOfRange.class);
        assertThat(AgreedPrice.shares(money("0.00"), BigDecimal.ZERO)).isEqualTo(List.of(BigDecimal.ZERO));
    }

    @Test
    void theSharesAreWhatWasAgreedAndNoneIsMoreThanItsPrice() {
        Random any = new Random(7);
        for (int round = 0; round < 500; round++) {
            List<BigDecimal> prices = any.ints(1 + any.nextInt(9), 0, 5000)
                    .mapToObj(cents -> BigDecimal.valueOf(cents, 2))
                    .toList();
            BigDecimal whole = prices.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            BigDecimal agreed =
                    whole.multiply(BigDecimal.valueOf(any.nextInt(1001), 3)).setScale(2, RoundingMode.DOWN);
            List<BigDecimal> shares = AgreedPrice.shares(prices, agreed);
            assertThat(shares.stream().reduce(BigDecimal.ZERO, BigDecimal::add)).isEqualByComparingTo(agreed);
            for (int i = 0; i < prices.size(); i++) {
                assertThat(shares.get(i)).isBetween(BigDecimal.ZERO, prices.get(i));
            }
        }
    }
}
