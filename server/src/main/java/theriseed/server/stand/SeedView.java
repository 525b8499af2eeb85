package theriseed.server.stand;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;

/** Seed of one plant as others see it, in grams. */
public record SeedView(UUID id, int version, String plant, BigDecimal mass, LocalDate weighedOn, String recordedBy) {}
