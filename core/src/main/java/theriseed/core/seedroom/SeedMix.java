package theriseed.core.seedroom;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import theriseed.core.measure.Range;

/**
 * Seed of several crops or varieties in one bag, meant to be sown together. Perfect mixing is taken for granted; seed of
 * different sizes parts again when the bag is shaken. Counts follow from purity and seed weight, as in {@link Blend}.
 *
 * @param grams in all
 * @param seedsPerGram pure seeds of all parts together
 * @param germination percent of them, by count
 * @param shares of each part, in their order
 * @param partsAgain whether the largest seed is so much heavier than the smallest that small seed sinks
 */
public record SeedMix(double grams, double seedsPerGram, double germination, List<Share> shares, boolean partsAgain) {
    /** Times heavier from which seed of one bag parts visibly: a convention of ours, for no measured figure was found. */
    private static final double PARTS_FROM = 4;

    /**
     * What goes into it.
     *
     * @param grams above 0
     * @param seed of it
     */
    public record Part(double grams, Seed seed) {}

    /**
     * What seed is like.
     *
     * @param purity percent by mass, above 0
     * @param thousandSeedWeight grams
     * @param germination percent
     */
    public record Seed(double purity, double thousandSeedWeight, double germination) {
        public Seed {
            Range.above(0, 100, "%").check("purity", purity);
            Range.above(0, 5000, "g").check("tsw", thousandSeedWeight);
            Range.of(0, 100, "%").check("germ", germination);
        }

        /** Pure seeds in a gram. */
        double perGram() {
            return Blend.seedsIn(1e-3, purity, thousandSeedWeight);
        }
    }

    /** Shares of one part, 0 to 1. @param seeds of all pure seeds, {@code living} of those that germinate */
    public record Share(double mass, double seeds, double living) {}

    /** @param parts two or more */
    public static SeedMix of(List<Part> parts) {
        Range.of(2, 100, "parts").check("parts", parts.size());
        parts.forEach(part -> Range.above(0, 1e9, "g").check("grams", part.grams()));
        double grams = parts.stream().mapToDouble(Part::grams).sum();
        double seeds = parts.stream().mapToDouble(SeedMix::seeds).sum();
        double living = parts.stream().mapToDouble(SeedMix::living).sum();
        double heaviest = parts.stream()
                .mapToDouble(part -> part.seed().thousandSeedWeight())
                .max()
                .orElseThrow();
        double lightest = parts.stream()
                .mapToDouble(part -> part.seed().thousandSeedWeight())
                .min()
                .orElseThrow();
        return new SeedMix(
                grams,
                seeds / grams,
                100 * living / seeds,
                parts.stream()
                        .map(part -> new Share(
                                part.grams() / grams, seeds(part) / seeds, living > 0 ? living(part) / living : 0))
                        .toList(),
                heaviest / lightest >= PARTS_FROM);
    }

    /**
     * Grams of each part for wanted shares of the seeds.
     *
     * @param shares above 0; only how they stand to each other counts
     * @param total grams of the mix, above 0
     */
    public static List<Double> gramsBySeeds(List<Double> shares, List<Seed> seeds, double total) {
        return grams(shares, i -> 1 / seeds.get(i).perGram(), total);
    }

    /** The same for wanted shares of the mass. */
    public static List<Double> gramsByMass(List<Double> shares, double total) {
        return grams(shares, i -> 1, total);
    }

    /** @param each what a part weighs for each of its share */
    private static List<Double> grams(List<Double> shares, IntToDoubleFunction each, double total) {
        Range.above(0, 1e9, "g").check("total", total);
        double[] weights = new double[shares.size()];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = Range.above(0, 1e6, "").check("parts[" + i + "].share", shares.get(i)) * each.applyAsDouble(i);
        }
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights).mapToObj(weight -> total * weight / sum).toList();
    }

    /** Grams a square metre for so many seeds on it. @param seedsPerSquareMetre above 0 */
    public double gramsPerSquareMetre(double seedsPerSquareMetre) {
        return Range.above(0, 1e5, "seeds").check("seedsPerSquareMetre", seedsPerSquareMetre) / seedsPerGram;
    }

    private static double seeds(Part part) {
        return part.grams() * part.seed().perGram();
    }

    private static double living(Part part) {
        return seeds(part) * part.seed().germination() / 100;
    }
}
