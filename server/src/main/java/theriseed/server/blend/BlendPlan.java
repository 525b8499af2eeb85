package theriseed.server.blend;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Grade;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.quality.PurityResult;
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
        /** Moisture of one of them is not known. */
        MOISTURE_NOT_KNOWN
    }

    /**
     * A lot that may go into it.
     *
     * @param available grams there are for it
     * @param kept grams for the farm's own sowing, which are not
     * @param mass grams that would go in
     * @param germination percent, as last reported
     * @param thousandSeedWeight grams
     * @param purity percent pure seed, tested or taken
     * @param moisture of its seed now
     */
    public record Ingredient(
            String number,
            int season,
            Grade grade,
            BigDecimal available,
            BigDecimal kept,
            BigDecimal mass,
            @Maybe Double germination,
            @Maybe Double thousandSeedWeight,
            double purity,
            @Maybe SeedMoisture moisture) {}

    /** What comes of these together. */
    static BlendPlan of(List<There.Taken> taken) {
        List<Ingredient> parts = taken.stream().map(There.Taken::ingredient).toList();
        List<StepKind> left = taken.get(0).from().known().bench().beforeClean();
        Blend expected = expected(parts);
        return new BlendPlan(
                parts,
                parts.stream().map(Ingredient::mass).reduce(BigDecimal.ZERO, BigDecimal::add),
                parts.stream()
                        .map(Ingredient::grade)
                        .min(Comparator.<Grade>naturalOrder())
                        .orElseThrow(),
                parts.stream().mapToInt(Ingredient::season).min().orElseThrow(),
                left,
                expected,
                taken.stream().allMatch(one -> one.from().known().tests().purity() != null) ? null : PurityResult.TAKEN,
                cautions(parts, left, expected));
    }

    private static Set<Caution> cautions(List<Ingredient> parts, List<StepKind> left, Blend expected) {
        Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        if (parts.stream().map(Ingredient::grade).distinct().count() > 1) {
            cautions.add(Caution.GRADES_DIFFER);
        }
        if (parts.stream().map(Ingredient::season).distinct().count() > 1) {
            cautions.add(Caution.SEASONS_DIFFER);
        }
        if (left.isEmpty() && expected == null) {
            cautions.add(Caution.NOT_TESTED);
        }
        if (left.isEmpty() && parts.stream().map(Ingredient::moisture).anyMatch(Objects::isNull)) {
            cautions.add(Caution.MOISTURE_NOT_KNOWN);
        }
        return cautions;
    }

    /** Where a moisture is not known nothing is said of moistures: one is taken for all. */
    private static Blend expected(List<Ingredient> parts) {
        if (parts.stream().anyMatch(part -> part.germination() == null || part.thousandSeedWeight() == null)) {
            return null;
        }
        boolean measured = parts.stream().noneMatch(part -> part.moisture() == null);
        return Blend.of(parts.stream()
                .map(part -> new Blend.Part(
                        part.mass().doubleValue() / 1000,
                        part.germination(),
                        part.purity(),
                        part.thousandSeedWeight(),
                        measured ? part.moisture().percent() : Blend.MOISTURE_TAKEN))
                .toList());
    }
}
