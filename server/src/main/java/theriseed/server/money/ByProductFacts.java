package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;

/** What a by-product brought, in the farm's currency. */
public record ByProductFacts(LocalDate soldOn, BigDecimal amount, String what) {}
