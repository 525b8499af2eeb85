package theriseed.core.crop;

import theriseed.core.measure.Range;

/** The usual range of a figure, low to high. */
public record Usual(double low, double high) {
    public Usual {
        Range.of(-1e9, 1e9, "").check("low", low);
        Range.of(low, 1e9, "").check("high", high);
    }

    public boolean holds(double value) {
        return value >= low && value <= high;
    }
}
