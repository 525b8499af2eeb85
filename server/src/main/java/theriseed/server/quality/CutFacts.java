package theriseed.server.quality;

import java.time.LocalDate;

/** A cut test as it is told. */
public record CutFacts(LocalDate cutOn, int sound, int empty, int eaten, int shrunken, String note) {}
