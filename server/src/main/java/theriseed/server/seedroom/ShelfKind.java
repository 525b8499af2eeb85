package theriseed.server.seedroom;

/** Kinds of places seed stands in, with the &deg;C and relative humidity, percent, that are usual there. */
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

    double celsius() {
        return celsius;
    }

    double humidity() {
        return humidity;
    }
}
