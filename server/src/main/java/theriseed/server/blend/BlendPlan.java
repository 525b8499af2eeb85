package theriseed.server.blend;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Grade;
import theriseed.core.seedroom.Blend;
import theriseed.server.base.Maybe;

/**
 * What would come of lots blended. Nothing of it is measured: a blend is tested anew before it is sold.
 *
 * @param mass grams in all
 * @param left steps it still goes through
 * @param expected seed and figures by perfect mixing; absent while a test or a seed weight of a lot is not known
 * @param purityTaken percent, for the lots nobody tested; absent where all are
 * @param cautions what else speaks against it
 */
public record BlendPlan(
        List<Ingredient> parts,
        BigDecimal mass,
        Grade grade,
        int season,
        List<StepKind> left,
        @Maybe Blend expected,
        @Maybe Double purityTaken,
        Set<Caution> cautions) {

    /** Beyond what their figures say. */
    public enum Caution {
        /** The blend is of the lowest grade among them. */
        GRADES_DIFFER,
        /** The blend carries the oldest season. */
        SEASONS_DIFFER,
        /** No germination test or seed weight of one of them. */
        NOT_TESTED,
        /** Moisture of one of them was never measured. */
        MOISTURE_NOT_KNOWN
    }

    /**
     * A lot that may go into it.
     *
     * @param available grams there are
     * @param mass grams that would go in
     * @param germination percent, as last reported
     * @param thousandSeedWeight grams
     * @param purity percent pure seed, tested or taken
     * @param moisture percent, as last measured
     */
    public record Ingredient(
            String number,
            int season,
            Grade grade,
            BigDecimal available,
            BigDecimal mass,
            @Maybe Double germination,
            @Maybe Double thousandSeedWeight,
            double purity,
            @Maybe Double moisture) {}
}
