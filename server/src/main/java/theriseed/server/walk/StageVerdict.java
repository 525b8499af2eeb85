package theriseed.server.walk;

import theriseed.core.crop.Grade;
import theriseed.core.roguing.Remaining;
import theriseed.core.roguing.WalkVerdict;

/**
 * What all walks of one stage together have shown. Plants walked past twice are the same plants: no more count than stand.
 *
 * @param passes times over the whole stand
 * @param remaining what probably still stands
 */
public record StageVerdict(
        String stage, int lookedAt, int offTypes, int pulled, double passes, WalkVerdict verdict, Remaining remaining) {

    /** @param lookedAt plants walked past, at least 1 */
    static StageVerdict of(Grade grade, String stage, int lookedAt, int offTypes, int pulled, int stand) {
        int plants = Math.min(lookedAt, stand);
        int off = Math.min(offTypes, plants);
        int gone = Math.min(pulled, off);
        return new StageVerdict(
                stage,
                plants,
                off,
                gone,
                lookedAt / (double) stand,
                WalkVerdict.of(grade, off, plants, stand),
                Remaining.of(off, gone, plants, stand, WalkVerdict.DETECTION, grade.offTypesAllowed()));
    }

    /** The same for seed of another grade. @param stand plants in all */
    public WalkVerdict at(Grade grade, int stand) {
        return WalkVerdict.of(grade, offTypes, lookedAt, stand);
    }
}
