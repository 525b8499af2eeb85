package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class InvoiceSumTest {
    private static final List<InvoiceSum.Tax> TWO = List.of(tax("VAT", "20"), tax("seed levy", "1.5"));

    private static InvoiceSum.Tax tax(String name, String percent) {
        return new InvoiceSum.Tax(name, new BigDecimal(percent));
    }

    @Test
    void taxesArePutOnThePricesOrAreWithinThem() {
        InvoiceSum on = InvoiceSum.of(new BigDecimal("75.00"), List.of(tax("VAT", "20")), false);
        assertThat(on.net()).isEqualByComparingTo("75");
        assertThat(on.taxes().get(0).amount()).isEqualByComparingTo("15");
        assertThat(on.toPay()).isEqualByComparingTo("90");
        InvoiceSum within = InvoiceSum.of(new BigDecimal("90.00"), List.of(tax("VAT", "20")), true);
        assertThat(within.net()).isEqualByComparingTo("75");
        assertThat(within.toPay()).isEqualByComparingTo("90");
    }

    @Test
    void withoutTaxesWhatWasAgreedIsToBePaid() {
        InvoiceSum none = InvoiceSum.of(new BigDecimal("12.345"), List.of(), true);
        assertThat(none.net()).isEqualByComparingTo("12.35").isEqualByComparingTo(none.toPay());
        assertThat(none.taxes()).isEmpty();
    }

    @Test
    void whateverTheAmountNetAndTaxesCloseToWhatIsToBePaid() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            BigDecimal goods = BigDecimal.valueOf(random.nextInt(1_000_000), 2);
            boolean within = random.nextBoolean();
            InvoiceSum sum = InvoiceSum.of(goods, TWO, within);
            BigDecimal taxes =
                    sum.taxes().stream().map(InvoiceSum.Amount::amount).reduce(BigDecimal.ZERO, BigDecimal::add);
            assertThat(sum.net().add(taxes)).isEqualByComparingTo(sum.toPay());
            assertThat(within ? sum.toPay() : sum.net()).isEqualByComparingTo(goods);
            assertThat(taxes.doubleValue())
                    .isCloseTo(sum.net().doubleValue() * 0.215, org.assertj.core.api.Assertions.within(0.016));
        }
    }

    @Test
    void aTaxOfMoreThanAllIsRefused() {
        assertThatThrownBy(() -> tax("VAT", "120")).isInstanceOf(OutOfRange.class);
    }
}
