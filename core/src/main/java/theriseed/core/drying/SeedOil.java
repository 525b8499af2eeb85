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

    private static final Map<String, Double> BY_FAMILY = Map.ofEntries(
            Map.entry("Brassicaceae", 0.38),
            Map.entry("Asteraceae", 0.35),
            Map.entry("Cucurbitaceae", 0.38),
            Map.entry("Linaceae", 0.4),
            Map.entry("Boraginaceae", 0.32),
            Map.entry("Lamiaceae", 0.3),
            Map.entry("Solanaceae", 0.22),
            Map.entry("Apiaceae", 0.18),
            Map.entry("Amaryllidaceae", 0.22),
            Map.entry("Fabaceae", 0.03),
            Map.entry("Poaceae", 0.04),
            Map.entry("Polygonaceae", 0.03),
            Map.entry("Amaranthaceae", 0.06));

    private SeedOil() {}

    public static double of(Crop crop) {
        return BY_FAMILY.getOrDefault(crop.family(), MIDDLING);
    }
}
