package theriseed.server.bench;

import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.season.Varieties;

/** What was done with the newest lots of a crop, other than one; not with all there ever were. */
@Component
class OtherLots {
    private static final int LOOKED_AT = 100;

    private final StepRepository steps;
    private final Lots lots;
    private final Varieties varieties;

    OtherLots(StepRepository steps, Lots lots, Varieties varieties) {
        this.steps = steps;
        this.lots = lots;
        this.varieties = varieties;
    }

    /** What each kind of step let through in those that were picked. */
    OwnSteps steps(LotView lot) {
        return OwnSteps.of(steps.shares(others(lot, other -> other.origin() == Origin.PICKED)));
    }

    /** The latest step of each kind with a way or a screen told. */
    List<Step> ways(LotView lot) {
        return steps.lastWays(others(lot, other -> true));
    }

    private UUID[] others(LotView lot, Predicate<LotView> which) {
        List<UUID> ofCrop = varieties.idsOfCrop(varieties.cropKey(lot.varietyId()));
        return lots.newest(ofCrop, LOOKED_AT + 1).stream()
                .filter(other -> !other.id().equals(lot.id()))
                .limit(LOOKED_AT)
                .filter(which)
                .map(LotView::id)
                .toArray(UUID[]::new);
    }
}
