package theriseed.core.crop;

import java.util.Locale;

/**
 * How pure the seed must be; chosen for each planting and carried by its lots.
 *
 * <p>The limits are the defaults every farm starts with: crossing estimated at the recipient, off-types shown with 95 %
 * confidence, germination against the crop's standard, bloom apart in time.
 */
public enum Grade {
    OWN_USE(0.01, 0.03, 3),
    MARKET(0.001, 0.01, 7),
    STOCK(0.0002, 0.002, 14);

    private final double crossingAllowed;
    private final double offTypesAllowed;
    private final int daysApart;

    Grade(double crossingAllowed, double offTypesAllowed, int daysApart) {
        this.crossingAllowed = crossingAllowed;
        this.offTypesAllowed = offTypesAllowed;
        this.daysApart = daysApart;
    }

    /** What a grower calls it. */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Estimated crossing that is still allowed, fraction. */
    public double crossingAllowed() {
        return crossingAllowed;
    }

    /** Share of off-types that is still allowed, fraction. */
    public double offTypesAllowed() {
        return offTypesAllowed;
    }

    /** Clear days wanted between two blooms whose dates are sure. */
    public int daysApart() {
        return daysApart;
    }

    /** Germination asked before a sale, percent; own use has no limit. */
    public double germinationAsked(double cropStandard) {
        return switch (this) {
            case OWN_USE -> 0;
            case MARKET -> cropStandard;
            case STOCK -> Math.min(100, cropStandard + 5);
        };
    }
}
