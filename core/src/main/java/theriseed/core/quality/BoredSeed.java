package theriseed.core.quality;

import java.time.LocalDate;
import java.util.Optional;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Bored seed in a lot of peas or beans, and what is to be done about the weevils. They hatch in store: a look finds only
 * those that have come out, so a second one some weeks later is part of it. Holes stay when the weevils are dead: after a
 * freezing only what lives counts.
 *
 * @param share of the seed looked at that was bored
 * @param upper 95 % limit of the share in the lot
 * @param alive living weevils that were found
 * @param next what is to be done
 * @param due day on which; that of the look itself where nothing is
 * @param days in a freezer, at {@code freezer} &deg;C or colder, that kill them
 */
public record BoredSeed(double share, double upper, int alive, Next next, LocalDate due, int days, double freezer) {
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

    private static final Range ALIVE = Range.of(0, 100_000, "weevils");

    /** Whether weevils live in seed of this family. */
    public static boolean ofFamily(String family) {
        return family.equals("Fabaceae");
    }

    /**
     * @param seeds looked at, 1 to 100,000
     * @param bored of them
     * @param alive living weevils or grubs among them, or fresh dust of some
     * @param lookedOn day of the last look
     * @param frozen last day in the freezer, after at least {@link #DAYS_FROZEN}; none when it was not
     */
    public static BoredSeed of(int seeds, int bored, int alive, LocalDate lookedOn, Optional<LocalDate> frozen) {
        Range.of(1, 100_000, "seeds").check("seeds", seeds);
        Range.of(0, seeds, "seeds").check("bored", bored);
        ALIVE.check("alive", alive);
        Next next = next(bored, alive, lookedOn, frozen);
        return new BoredSeed(
                bored / (double) seeds,
                Chance.upperLimit(bored, seeds, 0.95),
                alive,
                next,
                next == Next.LOOK_AGAIN ? frozen.orElseThrow().plusDays(LOOK_AGAIN_AFTER) : lookedOn,
                DAYS_FROZEN,
                FREEZER_C);
    }

    private static Next next(int bored, int alive, LocalDate lookedOn, Optional<LocalDate> frozen) {
        if (frozen.isEmpty()) {
            return bored > 0 || alive > 0 ? Next.FREEZE : Next.NOTHING;
        }
        boolean lookedSince = lookedOn.isAfter(frozen.get());
        if (lookedSince && alive > 0) {
            return Next.FREEZE;
        }
        return lookedOn.isBefore(frozen.get().plusDays(LOOK_AGAIN_AFTER)) ? Next.LOOK_AGAIN : Next.NOTHING;
    }
}
