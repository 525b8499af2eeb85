package theriseed.server.done;

import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * What one person did to one thing on a day.
 *
 * @param kind of the records, as they are kept
 * @param count how many records
 * @param from when the first was written down, on the farm's clock, {@code to} the last
 * @param corrected the fields that were corrected; none where it was recorded
 * @param why it was corrected
 * @param lot the number of the lot it is about
 * @param variety of the planting it is about, which is {@code plantingId} of {@code season}
 * @param named what else it is about
 */
public record DoneLine(
        String by,
        String kind,
        long count,
        LocalTime from,
        LocalTime to,
        List<String> corrected,
        @Maybe String why,
        @Maybe String lot,
        @Maybe UUID plantingId,
        @Maybe String variety,
        @Maybe Integer season,
        @Maybe String named) {}
