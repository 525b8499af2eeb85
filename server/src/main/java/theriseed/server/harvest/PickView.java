package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** A pick as others see it; mass in grams. */
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
        String recordedBy) {}
