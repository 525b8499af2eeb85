package theriseed.server.gate;

import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.drying.DryingWatch;
import theriseed.core.drying.Dryness;
import theriseed.core.drying.SeedMoisture;
import theriseed.server.base.Refused;
import theriseed.server.bench.SeedFrozen;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.Lots;

/** Refuses to close in or freeze seed that is not known to be dry, unless somebody writes why. */
@Service
public class DampSeed {
    private static final String WHY = "dampBecause";

    private final Lots lots;
    private final Gate gate;
    private final Crops crops;

    DampSeed(Lots lots, Gate gate, Crops crops) {
        this.lots = lots;
        this.gate = gate;
        this.crops = crops;
    }

    @EventListener
    void on(SeedFrozen frozen) {
        checkFreezing(gate.of(lots.byId(frozen.lotId())), frozen.dampBecause());
    }

    /** @param because why all the same; empty where nobody said */
    public void checkSealing(LotKnown known, String because) {
        Crop crop = crop(known);
        Optional<SeedMoisture> moisture = Optional.ofNullable(known.moisture());
        double most = DryingWatch.sealed(crop);
        if (because.isBlank()) {
            switch (Dryness.toSeal(crop, moisture)) {
                case DRY_ENOUGH -> {}
                case UNKNOWN -> throw new Refused(WHY, because, "damp.sealUnknown", "most", most);
                case TOO_DAMP ->
                    throw new Refused(
                            WHY,
                            because,
                            "damp.seal",
                            "moisture",
                            moisture.orElseThrow().percent(),
                            "most",
                            most);
            }
        }
    }

    /** Nothing that is written saves seed that frost kills. @param because why all the same; empty where nobody said */
    public void checkFreezing(LotKnown known, String because) {
        Optional<SeedMoisture> moisture = Optional.ofNullable(known.moisture());
        double most = Dryness.FREEZES_UP_TO;
        if (moisture.isPresent() && moisture.get().percent() > Dryness.FROST_KILLS) {
            throw new Refused(
                    WHY, because, "damp.frostKills", "moisture", moisture.get().percent(), "most", most);
        }
        if (because.isBlank()) {
            switch (Dryness.toFreeze(moisture)) {
                case DRY_ENOUGH -> {}
                case UNKNOWN -> throw new Refused(WHY, because, "damp.freezeUnknown", "most", most);
                case TOO_DAMP ->
                    throw new Refused(
                            WHY,
                            because,
                            "damp.freeze",
                            "moisture",
                            moisture.orElseThrow().percent(),
                            "most",
                            most);
            }
        }
    }

    private Crop crop(LotKnown known) {
        return crops.get(known.variety().cropKey());
    }
}
