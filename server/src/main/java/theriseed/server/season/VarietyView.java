package theriseed.server.season;

import java.util.UUID;
import theriseed.core.crop.LifeCycle;
import theriseed.server.base.Maybe;

/** A variety as others see it. @param bredFrom hybrid it is bred out of; absent where it is none */
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
        @Maybe String bredFrom,
        TrueToType trueToType) {}
