package theriseed.core.season;

import java.util.Map;
import java.util.Optional;
import theriseed.core.crop.Crop;

/**
 * How many years ground rests from a plant family before the family stands there again, against soil-borne disease and
 * pests. Customary figures; schools differ by a year or two, and a sick crop asks for more.
 */
public final class FamilyRest {
    private static final int USUAL = 2;
    private static final Map<String, Integer> YEARS = Map.of(
            "Brassicaceae", 4,
            "Solanaceae", 4,
            "Amaryllidaceae", 4,
            "Fabaceae", 3,
            "Apiaceae", 3,
            "Cucurbitaceae", 3,
            "Amaranthaceae", 3);

    /** The most seasons any family asks for. */
    public static final int LONGEST = 4;

    private FamilyRest() {}

    /** Seasons from one of the family to the next on the same ground: 4 means that three others stand between. */
    public static int years(String family) {
        return YEARS.getOrDefault(family, USUAL);
    }

    /**
     * First season in which a crop may stand again where its family stood.
     *
     * @param stood season of the earlier crop
     * @return nothing when the families differ
     */
    public static Optional<Integer> freeAgain(Crop crop, Crop earlier, int stood) {
        return crop.family().equals(earlier.family()) ? Optional.of(stood + years(crop.family())) : Optional.empty();
    }
}
