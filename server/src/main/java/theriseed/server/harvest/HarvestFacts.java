package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;

/** A picking: its day, grams, and how many plants were picked. */
public record HarvestFacts(LocalDate pickedOn, BigDecimal mass, int plants, String note) {}
