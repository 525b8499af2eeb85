package theriseed.server.instrument;

/** What is measured: grams on the scale, &deg;C of the mash, &deg;C and relative humidity of the shed's air. */
public enum InstrumentKind {
    SCALE("g"),
    MASH("°C"),
    AIR("°C"),
    HUMIDITY("%");

    private final String unit;

    InstrumentKind(String unit) {
        this.unit = unit;
    }

    public String unit() {
        return unit;
    }
}
