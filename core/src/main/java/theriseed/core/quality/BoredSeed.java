package theriseed.core.quality;

import java.time.LocalDate;
import java.util.Optional;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Bored seed in a lot of peas or beans, and what is to be done about the weevils. They hatch in store: a look finds only
 * those that have come out, so a second one some weeks later is part of it.
 *
 * @param share of the seed looked at that was bored
 * @param upper 95 % limit of the share in the lot
 * @param next what is to be done
 * @param due day on which; that of the look itself where nothing is
 * @param days in a freezer, at {@code freezer} &deg;C or colder, that kill them
 */
public record BoredSeed(double share, double upper, Next next, LocalDate due, int days, double freezer) {
    /** What is to be done. */
    public enum Next {
        FREEZE,
        LOOK_AGAIN,
        NOTHING
    }

    /** Days in a freezer that kill weevils in dry seed; usual advice, from a few days to two weeks. */
    public static final int DAYS_FROZEN = 7;

    /** The warmest freezer that does, &deg;C. */
    public static final double FREEZER_C = -18;

    /** Days after which those that lived on have hatched. */
    public static final int LOOK_AGAIN_AFTER = 42;

    /** Whether weevils live in seed of this family. */
    public static boolean ofFamily(String family) {
        return family.equals("Fabaceae");
    }

    /**
     * @param seeds looked at, 1 to 100,000
     * @param bored of them
     * @param lookedOn day of the last look
     * @param frozen last day in the freezer, after at least {@link #DAYS_FROZEN}; none when it was not
     */
    public static BoredSeed of(int seeds, int bored, LocalDate lookedOn, Optional<LocalDate> frozen) {
        Range.of(1, 100_000, "seeds").check("seeds", seeds);
        Range.of(0, seeds, "seeds").check("bored", bored);
        boolean since = frozen.filter(day -> !day.isBefore(lookedOn)).isPresent();
        boolean tooSoon = frozen.filter(day -> lookedOn.isBefore(day.plusDays(LOOK_AGAIN_AFTER)))
                .isPresent();
        Next next = since || tooSoon && bored == 0 ? Next.LOOK_AGAIN : bored > 0 ? Next.FREEZE : Next.NOTHING;
        LocalDate due = switch (next) {
            case FREEZE -> lookedOn;
            case LOOK_AGAIN -> frozen.orElseThrow().plusDays(LOOK_AGAIN_AFTER);
            case NOTHING -> lookedOn;
        };
        return new BoredSeed(
                bored / (double) seeds, Chance.upperLimit(bored, seeds, 0.95), next, due, DAYS_FROZEN, FREEZER_C);
    }
}
