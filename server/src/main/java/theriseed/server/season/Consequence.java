package theriseed.server.season;

/** A planting as it is judged now, and as it would be judged. */
public record Consequence(PlantingView before, PlantingView after) {}
