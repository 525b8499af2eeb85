package theriseed.server.gate;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.crop.Grade;
import theriseed.core.drying.Dryness;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.lot.Finding;
import theriseed.core.lot.SaleGate;
import theriseed.core.quality.BoredSeed;
import theriseed.core.quality.PurityResult;
import theriseed.server.base.Maybe;
import theriseed.server.bench.BenchView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.LotView;
import theriseed.server.quality.TestsView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.VarietyView;
import theriseed.server.walk.StageVerdict;

/**
 * Everything known of a lot, from every part of the work, with what the gate says of it.
 *
 * @param planting it grew in; absent where it, or the largest part of it, came from elsewhere
 * @param weevils what the last look for them says; absent where nobody looked
 * @param moisture of its seed now; absent where it is not known
 * @param dryness whether it is dry enough to be sealed
 * @param toDry whether it is clean, too damp to be sealed and not yet put into the store
 * @param moistures what it was since it was picked, by day
 * @param purity percent pure seed by the last test, else {@link PurityResult#TAKEN}
 * @param harvest absent while the lot is empty; then so is the bench
 */
public record LotKnown(
        LotView lot,
        VarietyView variety,
        @Maybe PlantingView planting,
        @Maybe HarvestView harvest,
        @Maybe BenchView bench,
        @Maybe StageVerdict walks,
        TestsView tests,
        @Maybe BoredSeed weevils,
        @Maybe SeedMoisture moisture,
        Dryness dryness,
        boolean toDry,
        List<MoistureKnown> moistures,
        double purity,
        GateView gate) {
    /**
     * Whether it may be sold.
     *
     * @param reasons that hold it back
     * @param against everything that stands against it, also what was overruled
     * @param atGrades the same for each grade it could be sold at, its own first
     * @param standard germination its grade needs, percent
     * @param testRunsOut last day the germination test counts
     * @param chance that the lot's true germination reaches the standard, 0 to 1; none of a test whose replicates disagree
     */
    public record GateView(
            boolean mayBeSold,
            List<SaleGate.Reason> reasons,
            List<Objection> against,
            List<SaleGate.Caution> cautions,
            List<AtGrade> atGrades,
            double standard,
            @Maybe LocalDate testRunsOut,
            @Maybe Double chance) {
        /** What holds it back: all that stands against it and was not overruled. */
        public List<Finding> holding() {
            return against.stream()
                    .filter(one -> one.overruled() == null)
                    .map(Objection::finding)
                    .toList();
        }
    }

    /**
     * Something that stands against the lot.
     *
     * @param mayBeOverruled by a grower, in writing
     * @param overruled absent where it holds the lot back
     */
    public record Objection(
            SaleGate.Reason reason,
            Finding finding,
            boolean mayBeOverruled,
            @Maybe OverrulingView overruled) {}

    /** What would stand against it at a grade. */
    public record AtGrade(Grade grade, boolean mayBeSold, List<Finding> findings) {}
}
