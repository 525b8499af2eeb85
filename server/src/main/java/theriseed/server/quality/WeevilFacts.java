package theriseed.server.quality;

import java.time.LocalDate;

/**
 * What a look for weevils found.
 *
 * @param bored of the {@code seeds} looked at
 * @param alive living weevils or grubs among them
 */
public record WeevilFacts(LocalDate lookedOn, int seeds, int bored, int alive) {}
