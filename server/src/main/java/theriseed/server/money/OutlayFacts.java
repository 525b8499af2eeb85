package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;

/** Money spent, in the farm's currency. */
public record OutlayFacts(OutlayKind kind, LocalDate spentOn, BigDecimal amount, String what) {}
