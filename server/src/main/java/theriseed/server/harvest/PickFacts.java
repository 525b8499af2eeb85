package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * What is told of a pick. Mass in grams.
 *
 * @param plants picked from
 * @param pieces fruits or heads; null where nobody counted
 * @param containers it fills, each under the lot's number
 * @param which stretch, tags or plant; nothing where it is the whole planting
 * @param indoors whether it finished ripening under cover and not on the plant
 */
public record PickFacts(
        LocalDate pickedOn,
        BigDecimal mass,
        int plants,
        Integer pieces,
        int containers,
        Dampness dampness,
        PickedFrom pickedFrom,
        String which,
        boolean indoors,
        String pickedBy,
        String note) {

    /** A dry pick over the whole planting, ripe on the plants, into one container. */
    public static PickFacts over(LocalDate pickedOn, BigDecimal mass, int plants) {
        return new PickFacts(pickedOn, mass, plants, null, 1, Dampness.DRY, PickedFrom.PLANTING, "", false, "", "");
    }
}
