package theriseed.server.quality;

import java.time.LocalDate;

/**
 * A sample that was grown out, as it is told.
 *
 * @param plants looked at; {@code offTypes} of them were none of the variety
 * @param note what they looked like, and beside what they stood
 */
public record GrowOutFacts(LocalDate sownOn, LocalDate examinedOn, int plants, int offTypes, String note) {}
