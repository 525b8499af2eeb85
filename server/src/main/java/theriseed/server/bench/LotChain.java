package theriseed.server.bench;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import java.util.List;
import java.util.UUID;
import theriseed.core.bench.Chain;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** The order of steps of one lot, where it is not its crop's usual one. */
@Entity
class LotChain extends Recorded {
    private UUID lotId;

    @Convert(converter = ChainConverter.class)
    private List<StepKind> steps;

    protected LotChain() {}

    LotChain(UUID lotId, Chain chain, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        become(chain);
    }

    final void become(Chain chain) {
        this.steps = chain.steps();
    }

    UUID lotId() {
        return lotId;
    }

    Chain chain() {
        return new Chain(steps);
    }
}
