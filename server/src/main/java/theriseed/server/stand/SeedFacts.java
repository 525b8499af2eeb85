package theriseed.server.stand;

import java.math.BigDecimal;
import java.time.LocalDate;

/** Grams of seed of one plant, by its number or tag. */
public record SeedFacts(String plant, BigDecimal mass, LocalDate weighedOn) {}
