package theriseed.core.harvest;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.bench.MixedUnits;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;

/**
 * Whether a picked mass makes sense for so many plants. The usual figures of the crop table are wide, so only what is
 * several times beyond them is refused: most often grams typed for kilograms. What is far below is asked about: one of
 * several pickings may be little.
 */
public final class PickedMass {
    private static final double BEYOND_USUAL = 8;
    private static final double WHEN_UNKNOWN_KG = 50;

    /** A picking of less than this share of the least usual is asked about, for some pickings are small. */
    private static final double FAR_BELOW = 0.05;

    /** A mass that is asked about. @param usual grams of so many plants, {@code meant} grams in the other unit */
    public record Doubt(Usual usual, OptionalDouble meant) {}

    private PickedMass() {}

    /** The most that is taken without doubt, grams. */
    public static double most(Crop crop, int plants) {
        double perPlant = crop.seedShare()
                .map(share -> crop.seedPerPlant().high() / share.low() * BEYOND_USUAL)
                .orElse(WHEN_UNKNOWN_KG * 1000);
        return Math.ceil(plants * perPlant);
    }

    /** What so many plants usually give at harvest, grams; none where the crop's share of seed is not known. */
    private static Optional<Usual> usual(Crop crop, int plants) {
        return crop.seedShare()
                .map(share -> new Usual(
                        plants * crop.seedPerPlant().low() / share.high(),
                        plants * crop.seedPerPlant().high() / share.low()));
    }

    /** Whether a mass is asked about before it is taken. @param mass grams */
    public static Optional<Doubt> doubted(Crop crop, int plants, double mass) {
        Range.of(1, 1e6, "plants").check("plants", plants);
        Range.above(0, 1e9, "g").check("mass", mass);
        return usual(crop, plants).flatMap(usual -> {
            OptionalDouble meant = MixedUnits.meant(mass, usual);
            return meant.isPresent() || mass < FAR_BELOW * usual.low()
                    ? Optional.of(new Doubt(usual, meant))
                    : Optional.empty();
        });
    }

    /**
     * @param plants picked, 1 to standing
     * @param standing plants of the planting
     * @param mass grams, above 0 up to {@link #most}
     */
    public static void check(Crop crop, int plants, int standing, BigDecimal mass) {
        Range.of(1, standing, "plants").check("plants", plants);
        MixedUnits.checkAtMost("mass", mass, most(crop, plants));
    }
}
