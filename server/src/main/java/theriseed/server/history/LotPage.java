package theriseed.server.history;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.core.lot.SeedGeneration;
import theriseed.core.pollination.Parentage;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Maybe;
import theriseed.server.bench.PickingView;
import theriseed.server.bench.SettingCheckView;
import theriseed.server.bench.StepKindView;
import theriseed.server.gate.LotKnown;
import theriseed.server.gate.OverrulingView;
import theriseed.server.photo.PhotoView;
import theriseed.server.sown.SownWith;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.StockView;
import theriseed.server.walk.WalkView;

/**
 * A lot's whole page: all that is known of it, what is left, its walks, its history, and every correction.
 *
 * @param species of the crop
 * @param sales the newest, newest first
 * @param checks whether its steps were set right, oldest first for each step
 * @param kinds of steps there are
 * @param testing how its germination is tested
 * @param overrulings that ever were, of this lot and of those it came of
 * @param gave what came of all that was picked into it, where some of it went into other lots
 * @param generation how often its seed was grown here
 * @param sown what the planting it was picked from was sown with
 * @param parents of its fruit, where every flower was pollinated by hand and tagged
 * @param photos of the lot and of its tests, oldest first, by what they show
 */
public record LotPage(
        LotKnown known,
        String species,
        StockView stock,
        List<SaleView> sales,
        List<WalkView> walks,
        List<SettingCheckView> checks,
        LotHistory history,
        @Maybe PickingView gave,
        List<StepKindView> kinds,
        SeedGeneration generation,
        @Maybe SownWith sown,
        @Maybe Parentage parents,
        Map<UUID, List<PhotoView>> photos,
        String ripenessCues,
        String hazards,
        String preSowingNote,
        TestAdvice testing,
        List<OverrulingView> overrulings,
        List<CorrectionView> corrections) {

    /** How the crop's germination is tested: degrees Celsius, days from setting to each count, and against sleep. @param weevils whether such seed is looked at for them */
    public record TestAdvice(
            String temperature, int firstCountDay, int finalCountDay, String dormancyTreatment, boolean weevils) {}
}
