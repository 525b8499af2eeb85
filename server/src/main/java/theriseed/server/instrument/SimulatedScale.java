package theriseed.server.instrument;

import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;
import theriseed.core.measure.Range;

/**
 * A simulated bench scale: what is put on it settles in two seconds, creeps a little after a while, and stays as it was
 * told. It weighs nothing.
 */
@Component
class SimulatedScale {
    private static final double MOST_G = 30_000;
    private static final double SETTLES_S = 2;
    private static final double DRIFT_G_AN_HOUR = 0.4;
    private static final double MOST_DRIFT_G = 2;

    private double from;
    private double load;
    private double tare;
    private boolean plugged = true;
    private Instant put = Instant.EPOCH;
    private Instant tared = Instant.EPOCH;

    /** Puts something on the pan, in grams, in place of what lay there. */
    synchronized void put(double grams, Instant moment) {
        Range.of(0, MOST_G, "g").check("load", grams);
        from = load;
        load = grams;
        put = moment;
    }

    /** Takes what lies on it as nothing. */
    synchronized void tare(Instant moment) {
        tare = load;
        tared = moment;
    }

    synchronized void plug(boolean in) {
        plugged = in;
    }

    /** What it shows at a moment of the clock on the wall. */
    synchronized Shown shown(Instant moment) {
        if (!plugged) {
            return show(null, false);
        }
        double passed = Duration.between(put, moment).toMillis() / 1000.0;
        double settling = Math.max(0, 1 - passed / SETTLES_S);
        double swing = (from - load) * settling * settling * Math.cos(9 * passed);
        double hours =
                tared == Instant.EPOCH ? 0 : Duration.between(tared, moment).toSeconds() / 3600.0;
        double drift = Math.min(MOST_DRIFT_G, DRIFT_G_AN_HOUR * hours);
        double value = Math.round((load - tare + swing + drift) * 10) / 10.0;
        return show(value, settling == 0);
    }

    private static Shown show(Double value, boolean steady) {
        return new Shown(InstrumentKind.SCALE, "simulated scale", true, InstrumentKind.SCALE.unit(), value, steady);
    }
}
