package theriseed.server.instrument;

import org.springframework.stereotype.Component;
import theriseed.server.base.Refused;
import theriseed.server.farm.Farms;

/** Simulated instruments are on the demo farm only: beside true records made-up figures have no place. */
@Component
class StandIns {
    private final Farms farms;

    StandIns(Farms farms) {
        this.farms = farms;
    }

    boolean here() {
        return farms.find().filter(farm -> farm.demo()).isPresent();
    }

    /** @throws Refused on a farm of one's own, where nothing is heard that is not there */
    void check(InstrumentKind kind) {
        if (!here()) {
            throw new Refused("source", kind, "instrument.notHeard", "instrument", kind);
        }
    }
}
