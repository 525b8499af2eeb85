package theriseed.server.walk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;
import theriseed.core.roguing.Recognition;
import theriseed.core.roguing.SecondPass;

/**
 * One check of how well somebody recognises off-types.
 *
 * @param kind of off-type that was marked or found
 * @param walker whose eyes were checked
 * @param other who put out the marks, or walked the same rows; empty for a second pass
 * @param first marks put out; off-types the walker found; off-types pulled on the first pass
 * @param second marks found; off-types the other found; off-types pulled on the second pass
 * @param both off-types that both people found; 0 for marks and a second pass
 */
record EyeCheckFacts(
        LocalDate checkedOn,
        How how,
        String kind,
        String walker,
        String other,
        int first,
        int second,
        int both,
        String note) {
    /** How it was checked. */
    enum How {
        /** Marks that somebody put out without showing where. */
        MARKS,
        /** Two people over the same rows, neither knowing the other's finds. */
        TOGETHER,
        /** The same rows walked again, when what was found first was pulled. */
        AGAIN
    }

    /** What it says of one person. */
    record Measured(String walker, Recognition.Of of) {}

    void check() {
        Range.of(how == How.TOGETHER ? 0 : 1, 10_000, how == How.MARKS ? "marks" : "off-types")
                .check("first", first);
        Range.of(0, how == How.MARKS ? first : 10_000, how == How.MARKS ? "marks" : "off-types")
                .check("second", second);
        Range.of(0, how == How.TOGETHER ? Math.min(first, second) : 0, "off-types")
                .check("both", both);
    }

    List<Measured> measured() {
        List<Measured> measured = new ArrayList<>();
        switch (how) {
            case MARKS -> measured.add(of(walker, first, second));
            case TOGETHER -> {
                if (second > 0) {
                    measured.add(of(walker, second, both));
                }
                if (first > 0) {
                    measured.add(of(other, first, both));
                }
            }
            case AGAIN ->
                SecondPass.of(first, second)
                        .ifPresent(told ->
                                measured.add(of(walker, (int) Math.ceil(first / told.recognised() - 1e-9), first)));
        }
        return measured;
    }

    private Measured of(String who, int known, int found) {
        return new Measured(who.strip(), new Recognition.Of(kind.strip(), new Recognition(known, found)));
    }
}
