package theriseed.core.seedroom;

/** Kinds of places seed stands in, with the air that is usual there: taken until somebody reads it. */
public enum ShelfKind {
    COOL_ROOM(12, 55),
    FRIDGE(5, 60),
    FREEZER(-18, 60),
    ROOM(20, 50);

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
}
