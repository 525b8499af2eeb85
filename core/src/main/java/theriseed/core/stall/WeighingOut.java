package theriseed.core.stall;

import theriseed.core.measure.Range;

/**
 * How packets are filled that are too light to be weighed one by one: several on the scale at once, or with a spoon whose
 * level measure was weighed.
 */
public final class WeighingOut {
    /** What a kitchen or bench scale for seed usually shows, g. */
    public static final double USUAL_SCALE = 0.01;

    /** Reading the scale may leave so much of what is weighed in doubt. Convention. */
    private static final double IN_DOUBT = 0.01;

    private static final int[] AT_ONCE = {1, 10, 20, 50, 100};
    private static final int MOST_SPOONS = 20;

    private WeighingOut() {}

    /**
     * So many packets on the scale at once that reading it, half a step out at worst, leaves no more than a hundredth in
     * doubt; a hundred where even that does not do.
     *
     * @param packets to be weighed together; {@code grams} they must weigh, without their bags
     */
    public record Together(int packets, double grams) {}

    /**
     * @param fill grams in each packet, above 0
     * @param scale smallest step the scale shows, g, above 0 to 10
     */
    public static Together together(double fill, double scale) {
        Range.above(0, 1e6, "g").check("fill_g", fill);
        Range.above(0, 10, "g").check("scaleStep", scale);
        int packets = AT_ONCE[AT_ONCE.length - 1];
        for (int some : AT_ONCE) {
            if (scale / 2 <= IN_DOUBT * some * fill) {
                packets = some;
                break;
            }
        }
        return new Together(packets, packets * fill);
    }

    /**
     * Level spoonfuls that hold at least what a packet must.
     *
     * @param each spoonfuls into a packet, which holds {@code grams} then
     * @param over percent above what it must hold
     */
    public record Spoons(int each, double grams, double over) {}

    /**
     * @param fill grams a packet must hold, above 0
     * @param tenSpoons grams of ten level spoonfuls; a spoon that would go in more than twenty times is no help
     */
    public static Spoons spoons(double fill, double tenSpoons) {
        Range.above(0, 1e6, "g").check("fill_g", fill);
        double one = Range.of(fill / MOST_SPOONS * 10, 1e6, "g").check("tenSpoons", tenSpoons) / 10;
        int each = (int) Math.ceil(fill / one - 1e-9);
        return new Spoons(each, each * one, 100 * (each * one / fill - 1));
    }
}
