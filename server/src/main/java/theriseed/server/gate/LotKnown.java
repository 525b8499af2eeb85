package theriseed.server.gate;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.lot.SaleGate;
import theriseed.core.quality.BoredSeed;
import theriseed.server.base.Maybe;
import theriseed.server.bench.BenchView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.LotView;
import theriseed.server.quality.TestsView;
import theriseed.server.season.PlantingView;
import theriseed.server.walk.StageVerdict;

/**
 * Everything known of a lot, from every part of the work, with what the gate says of it.
 *
 * @param weevils what the last look for them says; absent where nobody looked
 * @param harvest absent while the lot is empty; then so is the bench
 */
public record LotKnown(
        LotView lot,
        PlantingView planting,
        @Maybe HarvestView harvest,
        @Maybe BenchView bench,
        @Maybe StageVerdict walks,
        TestsView tests,
        @Maybe BoredSeed weevils,
        GateView gate) {

    /**
     * Whether it may be sold.
     *
     * @param standard germination its grade asks, percent
     * @param testRunsOut last day the germination test counts
     * @param chance that the lot's true germination reaches the standard, 0 to 1
     */
    public record GateView(
            boolean mayBeSold,
            List<SaleGate.Reason> reasons,
            List<SaleGate.Caution> cautions,
            double standard,
            @Maybe LocalDate testRunsOut,
            @Maybe Double chance) {}
}
