package theriseed.server.pollination;

import java.time.LocalDate;

/**
 * A bag or a cage as it is put on.
 *
 * @param openFlowers whether flowers that were open already stay in it
 */
public record CoverFacts(CoverKind kind, String tag, LocalDate putOn, boolean openFlowers, String note) {}
