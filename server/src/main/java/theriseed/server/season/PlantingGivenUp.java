package theriseed.server.season;

import java.util.UUID;

/** A planting is about to be given up or put into another season; whoever has worked on it may refuse. */
public record PlantingGivenUp(UUID plantingId) {}
