package theriseed.server.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

class TermsTest {
    private static final UUID PEA = UUID.randomUUID();
    private static final UUID POPPY = UUID.randomUUID();
    private static final LocalDate DAY = LocalDate.of(2026, 8, 14);

    private static ListPrice price(UUID variety, Integer seeds, boolean bulk, String price) {
        return new ListPrice(
                UUID.randomUUID(),
                new ListPriceFacts(variety, seeds, bulk, new BigDecimal(price)),
                new Stamp(Instant.EPOCH, "grower"));
    }

    /** Two thirds of the packet, peas and poppies with prices of their own. */
    private final Terms terms = new Terms(
            66.5,
            List.of(
                    price(PEA, 100, false, "1.20"),
                    price(PEA, null, false, "1.70"),
                    price(PEA, null, true, "4.00"),
                    price(POPPY, 500, false, "0.00")));

    @ParameterizedTest
    @CsvSource({"100, 1.20", "50, 1.70", ", 1.70"})
    void packetsOfJustSoManySeedsComeBeforeAnyPacket(Integer seeds, BigDecimal expected) {
        assertThat(terms.packet(PEA, seeds, new BigDecimal("2.50"))).hasValue(expected);
    }

    @ParameterizedTest
    @CsvSource({"2.50, 1.66", "2.60, 1.73", "0, 0.00", "0.01, 0.01"})
    void elseItIsTheShareOfThePriceOnThePacketToACent(BigDecimal onPacket, BigDecimal expected) {
        assertThat(terms.packet(POPPY, 100, onPacket)).hasValue(expected);
    }

    @Test
    void nothingIsAPriceToo() {
        assertThat(terms.packet(POPPY, 500, new BigDecimal("2.60"))).hasValue(new BigDecimal("0.00"));
    }

    @Test
    void whatNobodyPackedHasAPriceOnlyOnTheList() {
        assertThat(terms.packet(PEA, 100, null)).isPresent();
        assertThat(terms.packet(POPPY, 100, null)).isEmpty();
    }

    @Test
    void bulkIsNoPacket() {
        assertThat(terms.bulk(PEA)).hasValue(new BigDecimal("4.00"));
        assertThat(terms.bulk(POPPY)).isEmpty();
        assertThat(Terms.ON_PACKET.bulk(PEA)).isEmpty();
    }

    @Test
    void withoutAListThePriceOnThePacketIsPaid() {
        assertThat(Terms.ON_PACKET.packet(PEA, 100, new BigDecimal("2.55"))).hasValue(new BigDecimal("2.55"));
    }

    @Test
    void whatTheTermsSayIsTakenOnlyWhereNothingElseWasAgreed() {
        Leaving agreed = new Leaving(SaleKind.SALE, DAY, new BigDecimal("9"), "", null);
        assertThat(agreed.at(() -> new BigDecimal("12")).price()).isEqualByComparingTo("9");
        Leaving open = new Leaving(SaleKind.SALE, DAY, null, "", 2);
        assertThat(open.at(() -> new BigDecimal("12")).price()).isEqualByComparingTo("12");
        assertThat(open.at(() -> new BigDecimal("12")).delivery()).isEqualTo(2);
        assertThatThrownBy(() -> open.at(() -> new BigDecimal("-1"))).hasMessageContaining("price");
    }

    @Test
    void aGiftOrASwapCostsNothingWhateverTheTermsSay() {
        Leaving gift = new Leaving(SaleKind.GIFT, DAY, null, "", null);
        assertThat(gift.at(() -> new BigDecimal("12")).price()).isEqualByComparingTo("0");
        assertThatThrownBy(() -> new Leaving(SaleKind.GIFT, DAY, BigDecimal.ONE, "", null))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Leaving(SaleKind.SWAP, DAY, null, " ", null))
                .isInstanceOf(Refused.class);
    }
}
