package theriseed.server.stand;

import java.time.LocalDate;
import theriseed.core.population.StandLife;

/** What was counted, and when. */
public record CountFacts(StandLife.Point point, int plants, LocalDate countedOn, String note) {}
