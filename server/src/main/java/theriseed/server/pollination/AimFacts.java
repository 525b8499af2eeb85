package theriseed.server.pollination;

/**
 * What hand pollination in a planting is to give.
 *
 * @param perFruit good seeds a ripe fruit
 * @param variation coefficient of variation of that, 0 to 2
 */
public record AimFacts(int seeds, double perFruit, double variation) {}
