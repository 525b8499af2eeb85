package theriseed.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;

/**
 * What a ferment under way has come to, from what was read of its mash, and what lies ahead at its last temperature.
 *
 * @param clock so far
 * @param window hours at 22 &deg;C from which it is ready, and until which it is not over
 * @param celsius as last read; as it began, or the usual room, where nobody read it
 * @param readyAt when it is or was ready, and {@code overAt} when over
 * @param soonOver whether it is ready and over within {@link #SOON_HOURS}, at its last temperature
 * @param tomorrow &deg;C expected of the mash tomorrow; none where nobody can tell
 * @param hoursAtTomorrow hours until it is ready, or when it is ready until it is over, at that
 * @param beyondExperience whether it was colder or warmer than the clock is known for
 */
public record FermentWatch(
        FermentClock clock,
        Usual window,
        double celsius,
        Instant readyAt,
        Instant overAt,
        boolean soonOver,
        OptionalDouble tomorrow,
        OptionalDouble hoursAtTomorrow,
        boolean beyondExperience) {
    /** Taken where nobody read the mash. */
    private static final double USUAL_ROOM_C = 20;

    /** Hours at 22 &deg;C taken for a crop of which the table knows none. */
    private static final Usual USUAL_FERMENT = new Usual(12, 48);

    /** Hours before it is over in which it is to be rinsed without waiting: a night. Experience. */
    public static final double SOON_HOURS = 8;

    /** What the clock's rule of thumb is known for, &deg;C. */
    private static final double COLDEST_KNOWN_C = 15;

    private static final double WARMEST_KNOWN_C = 32;

    /** What the clock takes at all, &deg;C. */
    private static final double COLDEST_C = 5;

    private static final double WARMEST_C = 40;

    /** The mash was so warm at a moment, &deg;C. */
    public record Read(Instant at, double celsius) {}

    /**
     * @param began &deg;C of the mash when it began, where that was told
     * @param mash as it was read since, in order
     * @param tomorrow &deg;C expected of the mash tomorrow; none where nobody can tell
     */
    public static FermentWatch of(
            Crop crop, Instant begunAt, OptionalDouble began, List<Read> mash, Instant now, OptionalDouble tomorrow) {
        Usual window = crop.fermentHours().orElse(USUAL_FERMENT);
        double first = began.orElse(mash.isEmpty() ? USUAL_ROOM_C : mash.get(0).celsius());
        List<FermentClock.Reading> log = new ArrayList<>(List.of(new FermentClock.Reading(0, first)));
        mash.forEach(read -> log.add(new FermentClock.Reading(hours(begunAt, read.at()), read.celsius())));
        double last = log.get(log.size() - 1).temperature();
        log.add(new FermentClock.Reading(hours(begunAt, now), last));
        FermentClock clock = clock(log, window, last);
        OptionalDouble then = tomorrow.isEmpty()
                ? tomorrow
                : OptionalDouble.of(Math.max(COLDEST_C, Math.min(WARMEST_C, tomorrow.getAsDouble())));
        Instant over = when(now, clock.equivalentHours(), window.high(), last);
        return new FermentWatch(
                clock,
                window,
                last,
                when(now, clock.equivalentHours(), window.low(), last),
                over,
                clock.state() == FermentClock.State.READY
                        && over.isBefore(now.plusSeconds(Math.round(SOON_HOURS * 3600))),
                then,
                then.isEmpty() ? then : OptionalDouble.of(hoursLeft(clock(log, window, then.getAsDouble()))),
                log.stream()
                        .anyMatch(one -> one.temperature() < COLDEST_KNOWN_C || one.temperature() > WARMEST_KNOWN_C));
    }

    private static double hoursLeft(FermentClock clock) {
        return clock.state() == FermentClock.State.NOT_READY ? clock.hoursToReady() : clock.hoursToOverRun();
    }

    private static FermentClock clock(List<FermentClock.Reading> log, Usual window, double next) {
        return FermentClock.of(log, FermentClock.USUAL_Q10, window.low(), window.high(), next);
    }

    /** When so many hours at 22 &deg;C are or were reached, at the last temperature. */
    private static Instant when(Instant now, double equivalent, double wanted, double celsius) {
        double hour = FermentClock.hoursAt(celsius, FermentClock.USUAL_Q10, 1);
        return now.plusSeconds(Math.round((wanted - equivalent) * hour * 3600));
    }

    private static double hours(Instant begunAt, Instant moment) {
        return Math.max(0, Duration.between(begunAt, moment).toSeconds() / 3600.0);
    }
}
