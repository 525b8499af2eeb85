package theriseed.server.instrument;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;

/**
 * The shed's instruments, read together. On a made-up farm they are simulated, and say so; on a farm of one's own the server
 * hears none: they are read by the computers they are joined to.
 */
@Service
public class Instruments {
    private static final String SIMULATED = "simulated ";

    private final SimulatedScale scale;
    private final SimulatedShed shed;
    private final StandIns standIns;
    private final FarmTime time;

    Instruments(SimulatedScale scale, SimulatedShed shed, StandIns standIns, FarmTime time) {
        this.scale = scale;
        this.shed = shed;
        this.standIns = standIns;
        this.time = time;
    }

    /** What all of them show now. */
    public List<Shown> shown() {
        if (!standIns.here()) {
            return List.of();
        }
        List<Shown> shown = new ArrayList<>(List.of(scale.shown(Instant.now())));
        Instant now = time.now();
        shown.add(of(InstrumentKind.MASH, SIMULATED + "thermometer", shed.mash(time.today())));
        shown.add(of(InstrumentKind.AIR, SIMULATED + "shed", shed.air(now)));
        shown.add(of(InstrumentKind.HUMIDITY, SIMULATED + "shed", shed.humidity(now)));
        return List.copyOf(shown);
    }

    /**
     * What a figure is from. The instruments of a farm are on cables of the computers it is worked on, and named there; a
     * simulated one must be heard while it is taken.
     *
     * @throws Refused where it is simulated, and not heard, or not of this farm
     */
    public String source(InstrumentKind kind, String name) {
        boolean heard = shown().stream()
                .anyMatch(one -> one.kind() == kind && one.name().equals(name) && one.value() != null);
        if (!heard && name.startsWith(SIMULATED)) {
            throw new Refused("source", kind, "instrument.notHeard", "instrument", kind);
        }
        return name;
    }

    /** How warm a mash in the shed is expected to be on a day, &deg;C; nothing where no instrument tells. */
    public OptionalDouble mash(LocalDate day) {
        return standIns.here() ? OptionalDouble.of(shed.mash(day)) : OptionalDouble.empty();
    }

    private static Shown of(InstrumentKind kind, String name, double value) {
        return new Shown(kind, name, true, kind.unit(), Math.round(value * 10) / 10.0, true);
    }
}
