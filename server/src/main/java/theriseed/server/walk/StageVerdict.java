package theriseed.server.walk;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import theriseed.core.crop.Grade;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.WalkVerdict;

/**
 * What all walks of one stage together have shown.
 *
 * @param lookedAt plants walked past in all; those of the same rows again count again
 * @param plants standing before the first of them
 * @param walked in their order
 */
public record StageVerdict(
        String stage,
        int lookedAt,
        int offTypes,
        int pulled,
        WalkVerdict verdict,
        @JsonIgnore int plants,
        @JsonIgnore List<Pass> walked) {

    static StageVerdict of(String stage, int plants, List<Pass> walked, WalkVerdict verdict) {
        return new StageVerdict(
                stage,
                walked.stream().mapToInt(Pass::lookedAt).sum(),
                walked.stream().mapToInt(Pass::offTypes).sum(),
                walked.stream().mapToInt(Pass::gone).sum(),
                verdict,
                plants,
                walked);
    }

    /** The same for seed of another grade. */
    public WalkVerdict at(Grade grade) {
        return grade.offTypesAllowed() == verdict.tolerance() ? verdict : WalkVerdict.of(grade, plants, walked);
    }
}
