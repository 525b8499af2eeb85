package theriseed.core.crop;

/** The usual range of a figure, low to high. */
public record Usual(double low, double high) {
    public boolean holds(double value) {
        return value >= low && value <= high;
    }
}
