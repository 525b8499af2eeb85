package theriseed.server.instrument;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;

/** The shed's instruments, read together. On the demo farm they are simulated, and say so; a farm of one's own has none. */
@Service
public class Instruments {
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
        shown.add(of(InstrumentKind.MASH, "simulated thermometer", shed.mash(time.today())));
        shown.add(of(InstrumentKind.AIR, "simulated shed", shed.air(now)));
        shown.add(of(InstrumentKind.HUMIDITY, "simulated shed", shed.humidity(now)));
        return List.copyOf(shown);
    }

    /** What an instrument shows now; refused while nobody hears it. */
    public Shown heard(InstrumentKind kind) {
        return shown().stream()
                .filter(one -> one.kind() == kind && one.value() != null)
                .findFirst()
                .orElseThrow(() -> new Refused("source", kind, "instrument.notHeard", "instrument", kind));
    }

    /** How warm a mash in the shed is expected to be on a day, &deg;C; nothing where no instrument tells. */
    public OptionalDouble mash(LocalDate day) {
        return standIns.here() ? OptionalDouble.of(shed.mash(day)) : OptionalDouble.empty();
    }

    private static Shown of(InstrumentKind kind, String name, double value) {
        return new Shown(kind, name, true, kind.unit(), Math.round(value * 10) / 10.0, true);
    }
}
