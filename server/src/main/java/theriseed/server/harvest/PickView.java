package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A pick as others see it; mass in grams.
 *
 * @param earlyBy days before its seed can have been ripe, by the forecast when it was picked
 */
public record PickView(
        UUID id,
        int version,
        LocalDate pickedOn,
        BigDecimal mass,
        int plants,
        @Maybe Integer pieces,
        int containers,
        Dampness dampness,
        PickedFrom pickedFrom,
        String which,
        boolean indoors,
        String pickedBy,
        String note,
        @Maybe Integer earlyBy,
        String recordedBy) {}
