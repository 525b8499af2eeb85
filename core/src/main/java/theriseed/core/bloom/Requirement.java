package theriseed.core.bloom;

import theriseed.core.measure.Range;

/**
 * The warmth a variety asks for, &deg;C d, and how sure that is. Seen first flowers move it toward what this farm finds
 * (normal-normal update).
 */
public record Requirement(double mean, double spread) {
    public Requirement {
        Range.of(0, 1e5, "C d").check("mean", mean);
        Range.of(0, 1e5, "C d").check("spread", spread);
    }

    /**
     * @param seen sums at which first flower was seen, at least one
     * @param seenSpread sd of such a sighting, above 0
     */
    public Requirement learnedFrom(double seenSpread, double... seen) {
        Range.of(1, 1000, "sightings").check("observed", seen.length);
        Range.above(0, 6000, "C d").check("sd_obs", seenSpread);
        double sum = 0;
        for (double s : seen) {
            sum += Range.above(0, 6000, "C d").check("observed", s);
        }
        double before = 1 / (spread * spread);
        double each = 1 / (seenSpread * seenSpread);
        double weight = before + seen.length * each;
        return new Requirement((mean * before + sum * each) / weight, 1 / Math.sqrt(weight));
    }
}
