package theriseed.core.crop;

/**
 * What seed of a crop is asked to be, percent by weight. European values where there are such, else customary ones; how much of
 * the seed of other kinds may be of crops and how much of weeds is a guess. Local law rules.
 *
 * @param pure at least
 * @param otherCrops at most
 * @param weeds at most
 */
public record PurityStandard(double pure, double otherCrops, double weeds) {}
