package theriseed.core.drying;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Gel that dries a lot in a closed jar. What a gram takes up falls with warmth and with how dry the seed shall be: about
 * 0.08 to 0.12 of water at 20 % humidity, 0.2 to 0.25 at 50 %.
 *
 * @param water to take out, grams
 * @param gel grams, fresh
 * @param charges of the gel on hand, dried again in between
 */
public record SilicaGel(double water, double gel, int charges) {
    /**
     * @param mass of the seed, grams
     * @param moisture now, % wet basis; {@code target} at most that
     * @param capacity water a gram of gel takes up at the humidity it ends at, grams, 0.02 to 0.4
     * @param onHand gel, grams, above 0
     */
    public static SilicaGel of(double mass, double moisture, double target, double capacity, double onHand) {
        double water = mass - WaterContent.massAt(mass, moisture, target);
        double gel = water / Range.of(0.02, 0.4, "g/g").check("capacity", capacity);
        return new SilicaGel(
                water, gel, Chance.roundUp(gel / Range.above(0, 1e6, "g").check("gel_on_hand", onHand)));
    }
}
