package theriseed.server.recall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import theriseed.core.crop.Grade;
import theriseed.server.base.Maybe;
import theriseed.server.lot.Origin;

/**
 * Where seed of a lot came from and where it went.
 *
 * @param above the lot, and all it came of
 * @param below the lot, and all that came of it: every one that may carry its seed
 * @param holders who has some, by customer and day
 */
public record Recall(List<Source> above, List<Carrier> below, List<Holder> holders) {

    /**
     * A lot that seed came of.
     *
     * @param plot it grew on, and {@code pickedOn} the first day; absent for lots that came of others, or are empty
     * @param picks what was picked into it, where plants were told apart
     */
    public record Source(
            String number,
            Origin origin,
            String variety,
            int season,
            @Maybe String plot,
            @Maybe LocalDate pickedOn,
            int plants,
            List<String> picks) {}

    /** A lot that may carry the seed, with what is still here. Bulk in grams. */
    public record Carrier(String number, Origin origin, Grade grade, boolean held, BigDecimal bulk, int packets) {}

    /** Who has some. */
    public record Holder(
            String customer,
            String number,
            LocalDate soldOn,
            @Maybe Integer packets,
            @Maybe BigDecimal bulk) {}
}
