package theriseed.core.drying;

import java.util.Map;
import theriseed.core.crop.Crop;

/**
 * Oil in seed, as a share of its dry matter: oily seed holds less water in the same air. Rough figures for whole families;
 * kinds within one differ by half as much again.
 */
public final class SeedOil {
    /** Share of dry matter, between beans and cabbage: of families not told, and where no crop is known. */
    public static final double MIDDLING = 0.2;

    private static final Map<String, Double> BY_FAMILY = Map.of(
            "Brassicaceae", 0.38,
            "Asteraceae", 0.35,
            "Cucurbitaceae", 0.38,
            "Lamiaceae", 0.3,
            "Solanaceae", 0.22,
            "Apiaceae", 0.18,
            "Amaryllidaceae", 0.22,
            "Fabaceae", 0.03,
            "Poaceae", 0.04,
            "Amaranthaceae", 0.06);

    private SeedOil() {}

    public static double of(Crop crop) {
        return BY_FAMILY.getOrDefault(crop.family(), MIDDLING);
    }
}
