package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;

/** Who got seed of a lot: packets, or bulk grams; the other is null. */
public record HolderView(String customer, UUID lotId, LocalDate soldOn, Integer packets, BigDecimal bulk) {}
