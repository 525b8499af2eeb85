package theriseed.server.money;

import java.util.UUID;
import theriseed.server.base.Refused;

/** What hours or money were spent on: all of a planting, or one lot of it. One of both is null. */
public record Bears(UUID plantingId, UUID lotId) {
    public Bears {
        if ((plantingId == null) == (lotId == null)) {
            throw new Refused("plantingId", plantingId, "money.whose");
        }
    }
}
