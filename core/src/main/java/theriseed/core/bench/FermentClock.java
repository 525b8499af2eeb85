package theriseed.core.bench;

import java.util.List;
import theriseed.core.measure.Range;

/**
 * How far a ferment has gone, in hours it would have taken at 22 &deg;C. Sugar, dilution and stirring change the speed
 * twofold: the clock warns, eyes decide (gel gone, seed sinks, nothing sprouts). Outside 15 to 32 &deg;C it is beyond
 * experience. No disease control is promised.
 *
 * @param equivalentHours at 22 &deg;C
 * @param hoursToReady at the next temperature, 0 when ready
 * @param hoursToOverRun at the next temperature, 0 when over
 */
public record FermentClock(double equivalentHours, State state, double hoursToReady, double hoursToOverRun) {
    /** Where in its window a ferment stands. */
    public enum State {
        NOT_READY,
        READY,
        OVER_RUN
    }

    /** Factor by which a ferment speeds up for each 10 &deg;C, when the farm knows no better. */
    public static final double USUAL_Q10 = 2.2;

    private static final double REFERENCE_C = 22;
    private static final Range TEMPERATURE = Range.of(5, 40, "C");

    /** A thermometer reading: hours since the start, &deg;C 5 to 40. */
    public record Reading(double hour, double temperature) {}

    /**
     * @param log readings in order, at least one
     * @param q10 2 to 2.5
     * @param readyFrom hours at 22 &deg;C, 0 to 240; {@code readyTo} at least as much
     * @param next temperature from the last reading on, &deg;C
     */
    public static FermentClock of(List<Reading> log, double q10, double readyFrom, double readyTo, double next) {
        Range.of(1, 1e5, "readings").check("log", log.size());
        Range.of(2, 2.5, "").check("Q", q10);
        Range.of(0, 240, "h").check("emin", readyFrom);
        Range.of(readyFrom, 240, "h").check("emax", readyTo);
        for (int i = 0; i < log.size(); i++) {
            TEMPERATURE.check("log[" + i + "].T", log.get(i).temperature());
            if (i > 0) {
                Range.from(log.get(i - 1).hour(), "h")
                        .check("log[" + i + "].hour", log.get(i).hour());
            }
        }
        double hours = 0;
        for (int i = 1; i < log.size(); i++) {
            double passed = log.get(i).hour() - log.get(i - 1).hour();
            double from = rate(log.get(i - 1).temperature(), q10);
            double to = rate(log.get(i).temperature(), q10);
            hours += from == to ? passed * from : passed * (to - from) / Math.log(to / from);
        }
        double rate = rate(TEMPERATURE.check("T_next", next), q10);
        State state = hours < readyFrom ? State.NOT_READY : hours <= readyTo ? State.READY : State.OVER_RUN;
        return new FermentClock(
                hours, state, Math.max(0, (readyFrom - hours) / rate), Math.max(0, (readyTo - hours) / rate));
    }

    /** Real hours that {@code hours} at 22 &deg;C take at a constant temperature. */
    public static double hoursAt(double temperature, double q10, double hours) {
        Range.above(0, 20, "").check("q10", q10);
        return Range.of(0, 1e5, "h").check("hours", hours) / rate(TEMPERATURE.check("T", temperature), q10);
    }

    private static double rate(double temperature, double q10) {
        return Math.pow(q10, (temperature - REFERENCE_C) / 10);
    }
}
