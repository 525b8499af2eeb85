package theriseed.server.stand;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.population.StandLife;

/** A count as others see it. */
public record CountView(
        UUID id, int version, StandLife.Point point, int plants, LocalDate countedOn, String note, String recordedBy) {}
