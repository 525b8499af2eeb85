package theriseed.server.gate;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.Finding;
import theriseed.core.lot.SaleGate;
import theriseed.core.measure.Range;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** Growers may overrule the gate, in writing, where their law lets them. */
@Service
public class Overrulings {
    private final OverrulingRepository overrulings;
    private final Lots lots;
    private final Gate gate;
    private final Stamps stamps;

    Overrulings(OverrulingRepository overrulings, Lots lots, Gate gate, Stamps stamps) {
        this.overrulings = overrulings;
        this.lots = lots;
        this.gate = gate;
        this.stamps = stamps;
    }

    /** All that ever were of these lots, oldest first. */
    @ReadsOnly
    public List<OverrulingView> of(Collection<UUID> lotIds) {
        return overrulings.findByLotIdInOrderByRecordedAtAscIdAsc(lotIds).stream()
                .map(Overruling::view)
                .toList();
    }

    /**
     * @param lawful whether the grower looked that the local law lets such seed be sold
     * @return as many as there are findings with this reason
     */
    @GrowersWork
    @Transactional
    public List<OverrulingView> overrule(String lotNumber, SaleGate.Reason reason, String why, boolean lawful) {
        checkWords("why", why);
        if (!lawful) {
            throw new Refused("lawful", false, "gate.lawful");
        }
        LotView lot = lots.lock(lotNumber);
        if (!reason.mayBeOverruled()) {
            throw new Refused("reason", reason, "gate.notOverruled", "reason", reason);
        }
        List<Finding> against = gate.of(lot).gate().against().stream()
                .filter(one -> one.reason() == reason && one.overruled() == null)
                .map(LotKnown.Objection::finding)
                .toList();
        if (against.isEmpty()) {
            throw new Refused("reason", reason, "gate.notAgainst", "reason", reason, "lot", lot.number());
        }
        return against.stream()
                .map(one -> overrulings
                        .save(new Overruling(lot.id(), one, why, stamps.now()))
                        .view())
                .toList();
    }

    @GrowersWork
    @Transactional
    public OverrulingView withdraw(UUID id, String why) {
        checkWords("why", why);
        Overruling overruling = overrulings.findById(id).orElseThrow(NotFound.of("overruling"));
        overruling.withdraw(why, stamps.now());
        return overruling.view();
    }

    private static void checkWords(String field, String words) {
        Range.of(10, 500, "characters").check(field, words.strip().length());
    }
}
