package theriseed.core.harvest;

import java.math.BigDecimal;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;

/**
 * Whether a picked mass makes sense for so many plants. The usual figures of the crop table are wide, so only what is
 * several times beyond them is refused: most often grams typed for kilograms.
 */
public final class PickedMass {
    private static final double BEYOND_USUAL = 8;
    private static final double WHEN_UNKNOWN_KG = 50;

    private PickedMass() {}

    /** The most that is taken without doubt, grams. */
    public static double most(Crop crop, int plants) {
        double perPlant = crop.seedShare()
                .map(share -> crop.seedPerPlant().high() / share.low() * BEYOND_USUAL)
                .orElse(WHEN_UNKNOWN_KG * 1000);
        return Math.ceil(plants * perPlant);
    }

    /**
     * @param plants picked, 1 to standing
     * @param standing plants of the planting
     * @param mass grams, above 0 up to {@link #most}
     */
    public static void check(Crop crop, int plants, int standing, BigDecimal mass) {
        Range.of(1, standing, "plants").check("plants", plants);
        Range.above(0, most(crop, plants), "g").check("mass", mass);
    }
}
