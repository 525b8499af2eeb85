package theriseed.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Chance;

/**
 * Whether the seed of a planting ripens where it grows, before frost or cold ends it. Half of the seed ripe counts: the
 * middle of the crop's ripening spread.
 *
 * <p>From usual warmth and usual frosts; a wet or windy autumn ends it sooner, a wall or a roof later. Fruit that is picked
 * whole may ripen on under cover.
 *
 * @param ripe day on which half of the seed is ripe; none where it does not flower before the frost
 * @param ends day on which frost or cold usually ends it; none where neither does within the year
 * @param cause what ends it; none where nothing does
 * @param chance that half of it is ripe by then, 0 to 1
 */
public record RipensHere(
        Mark mark, Optional<LocalDate> ripe, Optional<LocalDate> ends, Optional<Cause> cause, double chance) {
    /** It ripens, may not, or will not. */
    public enum Mark {
        RIPENS,
        AT_RISK,
        WILL_NOT
    }

    /** What ends it. */
    public enum Cause {
        FROST,
        COLD,
        SPRING_FROST
    }

    private static final double SURE = 0.9;
    private static final double HARDLY = 0.2;

    /** Sd of the first frost and of the first cold from year to year, days. Experience. */
    private static final double YEARS_APART_DAYS = 10;

    /** What stands so long before the usual last frost of spring is lost as often as not. */
    private static final int SPRING_FROST_DAYS = 10;

    /**
     * @param outdoors first day it stands in the open
     * @param today after which no frost of spring is to be feared
     * @return nothing where nobody knows when it flowers, as the frost is not what keeps it from it
     */
    public static Optional<RipensHere> of(
            FarmYear year, Crop crop, LocalDate outdoors, BloomForecast.Bloom bloom, LocalDate today) {
        if (bloom.window().isEmpty()) {
            Optional<LocalDate> cold = year.tooCold(crop, outdoors);
            return bloom.killed()
                    .map(day -> new RipensHere(
                            Mark.WILL_NOT, Optional.empty(), Optional.of(day), Optional.of(cause(day, cold)), 0));
        }
        BloomWindow window = bloom.window().get();
        LocalDate ripe = BloomForecast.firstRipe(crop, window).plusDays(crop.ripeningSpreadDays() / 2);
        Optional<LocalDate> frost = crop.lifeCycle().flowersAfterWinter()
                ? Optional.empty()
                : year.killed(crop, outdoors.isAfter(window.first()) ? outdoors : window.first());
        Optional<LocalDate> cold = year.tooCold(crop, window.first());
        Optional<LocalDate> ends =
                Stream.of(frost, cold).flatMap(Optional::stream).min(Comparator.naturalOrder());
        Optional<Cause> cause = ends.map(day -> cause(day, cold));
        double chance = ends.map(day -> Chance.normalAtMost(ChronoUnit.DAYS.between(ripe, day)
                        / Math.hypot(YEARS_APART_DAYS, bloom.spread().first())))
                .orElse(1.0);
        boolean early = tenderInSpring(year, crop, outdoors, today);
        Mark mark = chance < HARDLY ? Mark.WILL_NOT : chance < SURE || early ? Mark.AT_RISK : Mark.RIPENS;
        return Optional.of(
                early && mark == Mark.AT_RISK && chance >= SURE
                        ? new RipensHere(
                                mark,
                                Optional.of(ripe),
                                year.lastFrostAfter(outdoors),
                                Optional.of(Cause.SPRING_FROST),
                                chance)
                        : new RipensHere(mark, Optional.of(ripe), ends, cause, chance));
    }

    private static Cause cause(LocalDate ends, Optional<LocalDate> cold) {
        return cold.filter(ends::equals).isPresent() ? Cause.COLD : Cause.FROST;
    }

    /** Whether frosts of spring are likely to kill it before it grows on. */
    private static boolean tenderInSpring(FarmYear year, Crop crop, LocalDate outdoors, LocalDate today) {
        return crop.handling().diesOfFrost()
                && year.lastFrostAfter(outdoors)
                        .filter(last -> !today.isAfter(last))
                        .map(last -> ChronoUnit.DAYS.between(outdoors, last))
                        .filter(days -> days > SPRING_FROST_DAYS && days < 182)
                        .isPresent();
    }
}
