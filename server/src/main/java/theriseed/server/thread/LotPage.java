package theriseed.server.thread;

import java.util.List;
import theriseed.server.base.CorrectionView;
import theriseed.server.gate.LotKnown;
import theriseed.server.stall.StockView;
import theriseed.server.walk.WalkView;

/** A lot's whole page: all that is known of it, what is left, its walks, its thread, and every correction. */
public record LotPage(
        LotKnown known,
        StockView stock,
        List<WalkView> walks,
        MassThread thread,
        String ripenessCues,
        String hazards,
        String preSowingNote,
        List<CorrectionView> corrections) {}
