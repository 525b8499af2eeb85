package theriseed.server.bench;

import theriseed.core.measure.Range;
import theriseed.server.instrument.InstrumentKind;

/** What is read while a step is under way. */
public enum Quantity {
    MASS("g", Range.above(0, 1e9, "g"), InstrumentKind.SCALE),
    MASH("°C", Range.of(5, 40, "C"), InstrumentKind.MASH),
    AIR("°C", Range.of(0, 50, "C"), InstrumentKind.AIR),
    HUMIDITY("%", Range.of(0, 100, "%"), InstrumentKind.HUMIDITY),
    /** That a ferment was stirred, once. */
    STIRRED("", Range.of(1, 1, ""), null);

    private final String unit;
    private final Range valid;
    private final InstrumentKind instrument;

    Quantity(String unit, Range valid, InstrumentKind instrument) {
        this.unit = unit;
        this.valid = valid;
        this.instrument = instrument;
    }

    String unit() {
        return unit;
    }

    /** @throws theriseed.core.measure.OutOfRange for what cannot be, as degrees of the wrong scale are */
    double check(double value) {
        return valid.check("value", value);
    }

    InstrumentKind instrument() {
        return instrument;
    }
}
