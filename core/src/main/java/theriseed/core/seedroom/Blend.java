package theriseed.core.seedroom;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import theriseed.core.measure.Range;
import theriseed.core.quality.ReplicateTolerance;

/**
 * What comes of lots blended. A blend averages germination; it does not mend a bad lot and hides a diseased one.
 * Perfect mixing is taken for granted. Keep what the lots were traceable.
 *
 * @param kilograms in all
 * @param seeds in all
 * @param germination percent, by count of seeds
 * @param byMass percent as it would come by mass, which is wrong where seed sizes differ
 * @param purity percent by mass
 * @param thousandSeedWeight grams
 * @param moisture % wet basis
 */
public record Blend(
        double kilograms,
        double seeds,
        double germination,
        double byMass,
        double purity,
        double thousandSeedWeight,
        double moisture,
        Set<Caution> cautions) {
    /** Percent wet basis taken of all parts where it is not known of one: then nothing is said of moistures. */
    public static final double MOISTURE_TAKEN = 8;

    private static final double MOST_SIZE_RATIO = 1.2;
    private static final double MOST_MOISTURE_APART = 1.5;

    /** What speaks against blending them. */
    public enum Caution {
        /** Their germination is further apart than replicates of one test may be. */
        GERMINATION,
        /** Small and large seed separate again when poured. */
        SEED_SIZE,
        /** Bring them to the same moisture first. */
        MOISTURE
    }

    /**
     * @param kilograms above 0
     * @param germination percent
     * @param purity percent by mass, above 0
     * @param thousandSeedWeight grams
     * @param moisture % wet basis, 0 to 60
     */
    public record Part(
            double kilograms, double germination, double purity, double thousandSeedWeight, double moisture) {
        double seeds() {
            return seedsIn(kilograms, purity, thousandSeedWeight);
        }
    }

    static double seedsIn(double kilograms, double purity, double thousandSeedWeight) {
        return kilograms * 1e6 * purity / 100 / thousandSeedWeight;
    }

    /** @param parts two lots or more */
    public static Blend of(List<Part> parts) {
        Range.of(2, 1000, "lots").check("lots", parts.size());
        double kilograms = 0;
        double seeds = 0;
        double sprouting = 0;
        double byMass = 0;
        double pure = 0;
        double water = 0;
        for (int i = 0; i < parts.size(); i++) {
            Part part = checked(i, parts.get(i));
            kilograms += part.kilograms();
            seeds += part.seeds();
            sprouting += part.seeds() * part.germination();
            byMass += part.kilograms() * part.germination();
            pure += part.kilograms() * part.purity();
            water += part.kilograms() * part.moisture();
        }
        double germination = sprouting / seeds;
        Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        if (apart(parts, Part::germination) > ReplicateTolerance.points(germination, 4, 100)) {
            cautions.add(Caution.GERMINATION);
        }
        if (most(parts, Part::thousandSeedWeight) / least(parts, Part::thousandSeedWeight) > MOST_SIZE_RATIO) {
            cautions.add(Caution.SEED_SIZE);
        }
        if (apart(parts, Part::moisture) > MOST_MOISTURE_APART) {
            cautions.add(Caution.MOISTURE);
        }
        return new Blend(
                kilograms,
                seeds,
                germination,
                byMass / kilograms,
                pure / kilograms,
                pure / 100 * 1e6 / seeds,
                water / kilograms,
                cautions);
    }

    /**
     * Share of the seeds, 0 to 1, that must come from the first of two equally pure lots to reach a germination.
     *
     * @param target percent, between the two
     */
    public static double countShare(double germination, double otherGermination, double target) {
        double low = Math.min(germination, otherGermination);
        double high = Math.max(germination, otherGermination);
        Range.of(0, 100, "%").check("germination", germination);
        Range.of(0, 100, "%").check("otherGermination", otherGermination);
        Range.above(0, 100, "%").check("difference", high - low);
        Range.of(low, high, "%").check("target", target);
        return (target - otherGermination) / (germination - otherGermination);
    }

    /** The same share by mass. */
    public static double massShare(double countShare, double thousandSeedWeight, double otherThousandSeedWeight) {
        Range.above(0, 5000, "g").check("tsw", thousandSeedWeight);
        Range.above(0, 5000, "g").check("otherTsw", otherThousandSeedWeight);
        double mass = Range.of(0, 1, "").check("x", countShare) * thousandSeedWeight;
        return mass / (mass + (1 - countShare) * otherThousandSeedWeight);
    }

    private static Part checked(int i, Part part) {
        String at = "lots[" + i + "].";
        Range.above(0, 1e6, "kg").check(at + "kg", part.kilograms());
        Range.of(0, 100, "%").check(at + "germ", part.germination());
        Range.above(0, 100, "%").check(at + "purity", part.purity());
        Range.above(0, 5000, "g").check(at + "tsw", part.thousandSeedWeight());
        Range.of(0, 60, "%").check(at + "m", part.moisture());
        return part;
    }

    private static double most(List<Part> parts, ToDoubleFunction<Part> figure) {
        return parts.stream().mapToDouble(figure).max().orElseThrow();
    }

    private static double least(List<Part> parts, ToDoubleFunction<Part> figure) {
        return parts.stream().mapToDouble(figure).min().orElseThrow();
    }

    private static double apart(List<Part> parts, ToDoubleFunction<Part> figure) {
        return most(parts, figure) - least(parts, figure);
    }
}
