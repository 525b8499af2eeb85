package theriseed.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.Threat;
import theriseed.core.isolation.Verdict;
import theriseed.core.population.PopulationPlan;
import theriseed.server.base.Maybe;

/**
 * A planting with what the rules say of it. Isolation and population are there for seed crops only; bloom is absent when
 * it will not flower or the year's warmth never suffices.
 *
 * @param spacing ground the plants take, square metres
 */
public record PlantingView(
        @Maybe UUID id,
        int version,
        int season,
        VarietyView variety,
        UUID plotId,
        String plotName,
        Purpose purpose,
        Grade grade,
        boolean flowers,
        LocalDate sownOn,
        @Maybe LocalDate setOutOn,
        int plants,
        double germination,
        double spacing,
        @Maybe Bloom bloom,
        @Maybe Isolation isolation,
        @Maybe Population population) {

    /** Planned bloom and the first day its seed may be ripe. */
    public record Bloom(LocalDate first, LocalDate last, LocalDate ripeFrom, double spreadDays) {}

    /**
     * Everything that could cross it, worst first.
     *
     * @param crossing share of seed, estimated; read it times and divided by {@code band}
     */
    public record Isolation(Verdict verdict, double crossing, double allowed, double band, List<ThreatView> threats) {}

    /**
     * One threat.
     *
     * @param neighbour whether it is a neighbour's
     * @param area flowering ground, square metres
     */
    public record ThreatView(
            UUID sourceId,
            String name,
            String crop,
            String place,
            boolean neighbour,
            double metres,
            double asked,
            int daysTogether,
            int daysApart,
            int margin,
            double crossing,
            double compatibility,
            Verdict verdict,
            Threat.Why why) {}

    /** Plants against what the grade asks, and the seed that would give them. */
    public record Population(
            int asked,
            PopulationPlan.Mark mark,
            double effectiveSize,
            double diversityKept,
            int seedToSow,
            double seedToSowGrams,
            double chance) {
        static Population of(PopulationPlan plan, double thousandSeedWeight) {
            return new Population(
                    plan.asked(),
                    plan.mark(),
                    plan.effectiveSize(),
                    plan.diversityKept(),
                    plan.seedToSow().seeds(),
                    plan.seedToSow().seeds() * thousandSeedWeight / 1000,
                    plan.seedToSow().chance());
        }
    }
}
