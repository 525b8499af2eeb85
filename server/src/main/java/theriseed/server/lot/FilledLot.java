package theriseed.server.lot;

import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A lot that something was picked or transferred into at some time, of all the years; little enough to read them all.
 *
 * @param picked from a planting, not come of other lots
 * @param state another whenever anything of it was written
 * @param clean whether it is clean; null while nobody has told since its last step
 */
public record FilledLot(
        UUID id,
        @Maybe UUID plantingId,
        UUID varietyId,
        int season,
        boolean picked,
        UUID state,
        @Maybe Boolean clean) {}
