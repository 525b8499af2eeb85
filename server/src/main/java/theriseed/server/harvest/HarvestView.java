package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;

/** A picking as others see it; mass in grams. */
public record HarvestView(
        UUID id,
        int version,
        UUID lotId,
        LocalDate pickedOn,
        BigDecimal mass,
        int plants,
        String note,
        String recordedBy) {}
