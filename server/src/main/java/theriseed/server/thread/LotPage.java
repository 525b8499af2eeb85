package theriseed.server.thread;

import java.util.List;
import theriseed.core.pollination.Parentage;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Maybe;
import theriseed.server.bench.SettingCheckView;
import theriseed.server.gate.LotKnown;
import theriseed.server.stall.StockView;
import theriseed.server.walk.WalkView;

/**
 * A lot's whole page: all that is known of it, what is left, its walks, its thread, and every correction.
 *
 * @param checks whether its steps were set right, oldest first for each step
 * @param parents of its fruit, where every flower was pollinated by hand and tagged
 */
public record LotPage(
        LotKnown known,
        StockView stock,
        List<WalkView> walks,
        List<SettingCheckView> checks,
        MassThread thread,
        @Maybe Parentage parents,
        String ripenessCues,
        String hazards,
        String preSowingNote,
        List<CorrectionView> corrections) {}
