package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import theriseed.core.bench.DryMatter;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;
import theriseed.core.drying.Overheated;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.quality.BoredSeed;
import theriseed.server.base.Maybe;
import theriseed.server.base.Wrong;

/**
 * A step as it is shown, with what the rules say of it. Masses in grams.
 *
 * @param read whether such a step is read while it is under way, and {@code set} whether it can be set wrong
 * @param share of what went in that came out, 0 to 1
 * @param unaccounted percent of dry matter gone unseen, where it can be told
 * @param alarm whether that is worth asking about
 * @param wrong why nothing can be calculated of its weights; absent where something can
 * @param dry where its dry matter went; absent while it is under way
 * @param settled moisture to which the air over its tray had dried it, where it dried no further
 * @param heated that air was warmer than it bears
 */
public record StepView(
        UUID id,
        int version,
        int place,
        StepKind kind,
        boolean read,
        boolean set,
        Instant begunAt,
        @Maybe Instant endedAt,
        BigDecimal massIn,
        BigDecimal waterAdded,
        @Maybe BigDecimal massOut,
        List<StepFacts.ByProduct> byProducts,
        @Maybe Double moistureIn,
        @Maybe Double moistureOut,
        @Maybe Double temperature,
        @Maybe Double target,
        @Maybe Integer minutes,
        int people,
        String vessels,
        String way,
        @Maybe Double hole,
        @Maybe Integer rounds,
        @Maybe MissingReason missingReason,
        String missingBecause,
        String dampBecause,
        String note,
        String recordedBy,
        @Maybe Double share,
        @Maybe Double unaccounted,
        boolean alarm,
        @Maybe Wrong wrong,
        @Maybe DryMatter dry,
        @Maybe SeedMoisture settled,
        @Maybe Overheated heated,
        @Maybe Ferment ferment,
        @Maybe Drying drying,
        @Maybe Freezing freezing) {

    private static final double MINUTES_OF_A_DAY = 1440;

    /**
     * The ferment's clock: hours at 22 C so far, and when it will be ready and over at its last temperature.
     *
     * @param soonOver whether it is ready and must be rinsed without waiting
     * @param tomorrow &deg;C expected of the mash tomorrow; absent where nobody can tell
     * @param hoursAtTomorrow hours until it is ready, or when it is ready until it is over, at that
     * @param readings of its temperature after the first
     * @param stirred how often so far
     * @param beyondExperience whether it was colder or warmer than the clock is known for
     */
    public record Ferment(
            FermentClock.State state,
            double equivalentHours,
            double readyFrom,
            double readyTo,
            double temperature,
            Instant readyAt,
            Instant overAt,
            boolean soonOver,
            @Maybe Double tomorrow,
            @Maybe Double hoursAtTomorrow,
            int readings,
            int stirred,
            @Maybe Instant lastStirred,
            boolean beyondExperience) {}

    /**
     * Seed in the freezer.
     *
     * @param days so far, and {@code needed} until weevils and what they laid are dead
     * @param until when that is
     */
    public record Freezing(double days, int needed, Instant until) {
        static Freezing since(Instant begun, Instant now) {
            return new Freezing(
                    Duration.between(begun, now).toMinutes() / MINUTES_OF_A_DAY,
                    BoredSeed.DAYS_FROZEN,
                    begun.plus(Duration.ofDays(BoredSeed.DAYS_FROZEN)));
        }
    }

    /**
     * A drying tray. Masses in grams, moistures in percent wet basis.
     *
     * @param moistureIn going in, {@code estimated} when nobody measured it
     * @param toThresh whether that is what it threshes well at; it is dried again once it is clean
     * @param floor moisture below which the room's air does not dry it; absent while the air was not read
     * @param dry whether it has reached its target
     * @param dryAt when it reaches its target, absent while that cannot be told
     * @param far whether that lies further ahead than what was weighed can tell well
     * @param rewetted whether it took up water since it was spread
     * @param belowFloor whether it weighs less than the air can have made it, so that it began drier than was taken
     * @param warmest air it bears now, &deg;C; {@code dehydrator} what to set one to at most
     * @param gel grams of silica gel that would finish it in a jar; absent when it is dry
     * @param sinceWeighed hours since it was weighed last, {@code forgotten} whether that is so long that it may be forgotten
     */
    public record Drying(
            double moistureIn,
            boolean estimated,
            double target,
            boolean toThresh,
            double targetMass,
            double mass,
            double moisture,
            @Maybe Double floor,
            boolean reachable,
            boolean dry,
            @Maybe Instant dryAt,
            boolean far,
            boolean rewetted,
            boolean belowFloor,
            double warmest,
            int dehydrator,
            @Maybe Double air,
            @Maybe Double humidity,
            boolean tooWarm,
            @Maybe Double gel,
            int weighings,
            double sinceWeighed,
            boolean forgotten) {}
}
