package theriseed.server.stand;

import java.time.LocalDate;

/**
 * A look through the store.
 *
 * @param pieces looked at
 * @param small sound pieces of each size, where they were graded; null otherwise
 */
public record LookFacts(
        LocalDate seenOn, int pieces, int thrownOut, Integer small, Integer medium, Integer large, String note) {}
