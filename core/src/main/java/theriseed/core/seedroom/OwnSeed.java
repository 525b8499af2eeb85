package theriseed.core.seedroom;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;

/**
 * Seed of a lot that the farm keeps for one sowing of the plants its grade needs, with a 95 % chance of them; and for another,
 * in case one fails. Frost, slugs and drought are not in it.
 *
 * @param plants wanted, and {@code seeds} to sow for them
 * @param grams for one sowing
 * @param keep grams to keep
 */
public record OwnSeed(int plants, int seeds, double grams, double keep) {
    /** Seed for one sowing. @param seeds to sow for a 95 % chance of the plants, and {@code grams} that they weigh */
    public record Sowing(int seeds, BigDecimal grams) {
        /**
         * @param selected share of the plants that is kept, above 0 to 1
         * @param germination percent, above 0
         * @param thousandSeedWeight grams, above 0
         * @param purity percent pure seed, above 0
         */
        public static Sowing of(
                Crop crop,
                Grade grade,
                int plants,
                double selected,
                double germination,
                double thousandSeedWeight,
                double purity) {
            Range.above(0, 5000, "g").check("thousandSeedWeight", thousandSeedWeight);
            Range.above(0, 100, "%").check("purity", purity);
            int seeds = PopulationPlan.of(crop, grade, plants, germination, selected)
                    .seedToSow()
                    .seeds();
            return new Sowing(
                    seeds,
                    BigDecimal.valueOf(seeds * thousandSeedWeight / 1000 / (purity / 100))
                            .setScale(1, RoundingMode.UP));
        }
    }

    /** Sowings to keep seed for: one sowing in some years fails. Usual advice for what only you hold. */
    private static final int SOWINGS = 2;

    /**
     * @param germination percent by the last test; nothing can be told of seed that does not germinate at all
     * @param thousandSeedWeight grams, above 0
     * @param purity percent pure seed, above 0
     */
    public static Optional<OwnSeed> of(
            Crop crop, Grade grade, double germination, double thousandSeedWeight, double purity) {
        Range.above(0, 5000, "g").check("thousandSeedWeight", thousandSeedWeight);
        Range.above(0, 100, "%").check("purity", purity);
        if (germination <= 0) {
            return Optional.empty();
        }
        int plants = (int) crop.plants().of(grade);
        Sowing one = Sowing.of(crop, grade, plants, 1, germination, thousandSeedWeight, purity);
        double grams = one.grams().doubleValue();
        return Optional.of(new OwnSeed(plants, one.seeds(), grams, Math.ceil(SOWINGS * grams)));
    }
}
