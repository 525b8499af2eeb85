package theriseed.server.season;

import jakarta.persistence.Embeddable;
import theriseed.core.measure.Range;

/**
 * How many plants, how far apart, from what seed.
 *
 * @param inRow metres between plants; null for what is usual for the crop
 * @param betweenRows metres between rows; null for what is usual
 * @param germination of the seed sown, percent
 * @param selected share of the plants kept on purpose when the best are chosen, above 0 to 1
 */
@Embeddable
public record Sowing(int plants, Double inRow, Double betweenRows, double germination, double selected) {
    private static final Range SPACING = Range.above(0, 10, "m");
    private static final Range PLANTS = Range.of(1, 1_000_000, "plants");
    private static final Range GERMINATION = Range.above(0, 100, "%");
    private static final Range SELECTED = Range.above(0, 1, "");

    /** All plants kept, at the crop's usual spacing. */
    public static Sowing usual(int plants, double germination) {
        return new Sowing(plants, null, null, germination, 1);
    }

    void check() {
        PLANTS.check("plants", plants);
        GERMINATION.check("germination", germination);
        SELECTED.check("selected", selected);
        if (inRow != null) {
            SPACING.check("inRow", inRow);
        }
        if (betweenRows != null) {
            SPACING.check("betweenRows", betweenRows);
        }
    }
}
