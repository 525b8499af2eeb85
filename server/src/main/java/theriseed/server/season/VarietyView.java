package theriseed.server.season;

import java.util.UUID;
import theriseed.core.crop.LifeCycle;

/** A variety as others see it. */
public record VarietyView(
        UUID id,
        int version,
        String cropKey,
        String cropName,
        LifeCycle lifeCycle,
        String name,
        String source,
        int yearReceived,
        boolean treated,
        boolean hybrid,
        boolean breedingOut,
        TrueToType trueToType) {}
