package theriseed.core.seedroom;

import java.time.Duration;

/** Kinds of places seed stands in, with the air that is usual there: taken until somebody reads it. */
public enum ShelfKind {
    COOL_ROOM(12, 55),
    FRIDGE(5, 60),
    FREEZER(-18, 60),
    ROOM(20, 50);

    private static final Duration WARM_AFTER = Duration.ofHours(24);

    private final double celsius;
    private final double humidity;

    ShelfKind(double celsius, double humidity) {
        this.celsius = celsius;
        this.humidity = humidity;
    }

    /** &deg;C. */
    public double celsius() {
        return celsius;
    }

    /** Percent relative humidity. */
    public double humidity() {
        return humidity;
    }

    /**
     * How long a container that was moved to a place of this kind stays closed, where it stood in another before: opened before it is warm, water settles on
     * the seed. A jar is at room warmth overnight, by a rule of thumb; a sack takes longer.
     */
    public Duration closedAfter(ShelfKind before) {
        return before == FREEZER && this != FREEZER ? WARM_AFTER : Duration.ZERO;
    }
}
