package theriseed.core.roguing;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How well a person recognises off-types: of those known to be there, how many were found. Known are hidden marks that
 * somebody else put out, and off-types that somebody else found in the same rows, neither knowing the other's finds.
 *
 * <p>Off-types differ in how well they show: two people overlook the same hard ones, so that eyes look better than they are.
 * Marks must look like the real thing.
 *
 * <p>Clopper and Pearson (1934); section 21 of the computations.
 *
 * @param known off-types or marks that were there
 * @param found of them, 0 to known
 */
public record Recognition(int known, int found) {
    /** Fewer than this tell next to nothing: the usual chance is kept. */
    public static final int ENOUGH = 10;

    /** Nobody who walks rows finds fewer. */
    private static final double LEAST = 0.05;

    public Recognition {
        Range.of(1, 1e6, "marks").check("m", known);
        Range.of(0, known, "marks").check("r", found);
    }

    /** Share found, 0 to 1. */
    public double share() {
        return found / (double) known;
    }

    /** 95 % lower limit, of one side. */
    public double lower() {
        return Chance.lowerLimit(found, known, OffTypesStanding.CONFIDENCE);
    }

    /** 95 % upper limit, of one side. */
    public double upper() {
        return Chance.upperLimit(found, known, OffTypesStanding.CONFIDENCE);
    }

    /** Whether it is enough to go by. */
    public boolean enough() {
        return known >= ENOUGH;
    }

    private Recognition and(Recognition other) {
        return new Recognition(known + other.known, found + other.found);
    }

    /** One measurement of one person. @param kind of off-type that was known to be there */
    public record Of(String kind, Recognition recognition) {}

    /** All that was measured of one person, by kind of off-type, in the order of the alphabet. */
    public static Map<String, Recognition> byKind(List<Of> measured) {
        Map<String, Recognition> kinds = new TreeMap<>();
        measured.forEach(one -> kinds.merge(one.kind(), one.recognition(), Recognition::and));
        return kinds;
    }

    /**
     * The chance to recognise an off-type that plans and verdicts go by: the lower limit of the kind that is recognised
     * worst, or of all kinds together where none has enough; none where they have not either.
     */
    public static OptionalDouble toGoBy(List<Of> measured) {
        OptionalDouble worst = byKind(measured).values().stream()
                .filter(Recognition::enough)
                .mapToDouble(Recognition::lower)
                .min();
        OptionalDouble all =
                measured.stream().map(Of::recognition).reduce(Recognition::and).filter(Recognition::enough).stream()
                        .mapToDouble(Recognition::lower)
                        .findFirst();
        OptionalDouble least = worst.isEmpty() || all.isEmpty()
                ? (worst.isEmpty() ? all : worst)
                : OptionalDouble.of(Math.min(worst.getAsDouble(), all.getAsDouble()));
        return least.isEmpty() ? least : OptionalDouble.of(Math.max(LEAST, least.getAsDouble()));
    }
}
