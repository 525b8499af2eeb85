package theriseed.core.roguing;

import java.util.Optional;
import theriseed.core.measure.Range;

/**
 * What two passes over the same plants tell, in each of which what was found was pulled: Seber and Le Cren (1967). Nothing
 * new may have become visible between them.
 *
 * @param recognised chance to recognise an off-type in a pass
 * @param left off-types that still stand
 */
public record SecondPass(double recognised, double left) {
    /**
     * @param first off-types pulled in the first pass, at least 1
     * @param second pulled in the second, 0 or more
     * @return nothing where the second found no fewer
     */
    public static Optional<SecondPass> of(int first, int second) {
        Range.of(1, 1e6, "off-types").check("c1", first);
        Range.of(0, 1e6, "off-types").check("c2", second);
        if (second >= first) {
            return Optional.empty();
        }
        double recognised = 1 - second / (double) first;
        return Optional.of(new SecondPass(recognised, first / recognised - first - second));
    }
}
