package theriseed.server.money;

import java.math.BigDecimal;

/** What costs are calculated with; {@code version} of what was said, below 0 while nothing was. See {@link MoneyRatesFacts}. */
public record MoneyRatesView(
        int version, BigDecimal wage, BigDecimal ground, BigDecimal packet, double fees, double unsold, double margin) {
    static final MoneyRatesView NOT_SAID =
            new MoneyRatesView(-1, BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO, 0, 0, 0);
}
