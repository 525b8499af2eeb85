package theriseed.server.instrument;

import java.time.Instant;
import java.time.ZonedDateTime;
import org.springframework.stereotype.Component;
import theriseed.server.base.FarmTime;

/**
 * A simulated hygrometer of a place seed stands in: what is cooled by a machine swings a little about its aim with
 * the machine's own hours; a cool room follows the shed's air, damped. It measures nothing.
 */
@Component
public class SimulatedStore {
    /** What its readings are signed with. */
    public static final String NAME = "simulated hygrometer";

    private static final double SWING_C = 0.6;
    private static final double FOLLOWS = 0.25;
    private static final double USUAL_HUMIDITY = 52;

    private final SimulatedShed shed;
    private final StandIns standIns;
    private final FarmTime time;

    SimulatedStore(SimulatedShed shed, StandIns standIns, FarmTime time) {
        this.shed = shed;
        this.standIns = standIns;
        this.time = time;
    }

    /** &deg;C, and percent relative humidity. */
    public record Air(double celsius, double humidity) {}

    /**
     * @param aim &deg;C usual in the place
     * @param followsShed whether nothing but its walls keep it cool
     * @throws theriseed.server.base.Refused on a farm of one's own
     */
    public Air air(double aim, boolean followsShed, Instant moment) {
        standIns.check(InstrumentKind.HUMIDITY);
        ZonedDateTime local = moment.atZone(time.zone());
        double swing = SWING_C * Math.sin(2 * Math.PI * local.toLocalTime().toSecondOfDay() / 5400.0);
        if (!followsShed) {
            return new Air(tenth(aim + swing), tenth(USUAL_HUMIDITY - 4 * swing));
        }
        double celsius = aim + FOLLOWS * (shed.air(moment) - aim);
        return new Air(tenth(celsius), tenth(USUAL_HUMIDITY + FOLLOWS * (shed.humidity(moment) - USUAL_HUMIDITY)));
    }

    private static double tenth(double value) {
        return Math.rint(value * 10) / 10;
    }
}
