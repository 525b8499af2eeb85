package theriseed.core.season;

import java.util.List;
import theriseed.core.measure.Range;

/**
 * Ground that a planting takes: a plot as it lies, or stretches of its beds.
 *
 * @param plot by what the plot is known
 * @param stretches none where it takes the plot as it lies, which is all of its beds
 */
public record Bedding(Object plot, List<Stretch> stretches) {
    /** A bed from so many metres along to so many. */
    public record Stretch(Object bed, double from, double to) {
        public Stretch {
            Range.of(0, 1e5, "m").check("from", from);
            Range.of(0, 1e5, "m").check("to", to);
        }

        /** Whether two lie on one another; those that only touch do not. */
        public boolean shares(Stretch other) {
            return bed.equals(other.bed) && from < other.to && other.from < to;
        }
    }

    /** Whether two take the same ground, or some of it. */
    public boolean shares(Bedding other) {
        return plot.equals(other.plot)
                && (stretches.isEmpty()
                        || other.stretches.isEmpty()
                        || stretches.stream()
                                .anyMatch(mine -> other.stretches.stream().anyMatch(mine::shares)));
    }

    /** Whether it takes some of a bed twice. */
    public boolean overlapsItself() {
        for (int i = 0; i < stretches.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (stretches.get(i).shares(stretches.get(j))) {
                    return true;
                }
            }
        }
        return false;
    }
}
