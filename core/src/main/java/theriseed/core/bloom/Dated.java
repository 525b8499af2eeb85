package theriseed.core.bloom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import theriseed.core.measure.Chance;

/**
 * A day that is not known for sure, and how far off it may be.
 *
 * @param day most likely
 * @param spread sd, days
 */
record Dated(LocalDate day, double spread) {
    /** Below this a look goes so much against what was forecast that only the look counts. */
    private static final double HARDLY = 1e-6;

    /** Of what lies between two looks. */
    private static final double LEAST_SPREAD = 0.5;

    /**
     * The same, known to lie after one day and on or before another: the mean and sd of what is left of the bell.
     *
     * @param after nothing where it may be as early as it likes
     * @param by nothing where it may be as late as it likes
     */
    Dated between(Optional<LocalDate> after, Optional<LocalDate> by) {
        if (after.isEmpty() && by.isEmpty()) {
            return this;
        }
        double sd = Math.max(LEAST_SPREAD, spread);
        double low =
                after.map(one -> (ChronoUnit.DAYS.between(day, one) + 0.5) / sd).orElse(-40.0);
        double high =
                by.map(one -> (ChronoUnit.DAYS.between(day, one) + 0.5) / sd).orElse(40.0);
        double mass = Chance.normalAtMost(high) - Chance.normalAtMost(low);
        if (mass < HARDLY) {
            return beside(after, by, sd);
        }
        double below = Chance.normalDensity(low);
        double above = Chance.normalDensity(high);
        double shift = (below - above) / mass;
        double variance = 1 + (low * below - high * above) / mass - shift * shift;
        return new Dated(
                day.plusDays(Math.round(shift * sd)), Math.max(LEAST_SPREAD, sd * Math.sqrt(Math.max(0, variance))));
    }

    /** Just inside the look that the forecast went against. */
    private Dated beside(Optional<LocalDate> after, Optional<LocalDate> by, double sd) {
        if (after.isPresent() && by.isPresent()) {
            long days = ChronoUnit.DAYS.between(after.get(), by.get());
            return new Dated(after.get().plusDays((days + 1) / 2), Math.max(LEAST_SPREAD, days / Math.sqrt(12)));
        }
        double beyond = Math.max(1, sd / 2);
        return after.map(one -> new Dated(one.plusDays(Math.round(beyond)), beyond))
                .orElseGet(() -> new Dated(by.get().minusDays(Math.round(beyond) - 1), beyond));
    }
}
