package theriseed.server.bench;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import java.util.List;
import theriseed.core.bench.Chain;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** The farm's own order of steps for a crop, under a name. */
@Entity
class FarmChain extends Recorded {
    private String cropKey;
    private String name;

    @Convert(converter = ChainConverter.class)
    private List<StepKind> steps;

    protected FarmChain() {}

    FarmChain(String cropKey, String name, Chain chain, Stamp stamp) {
        super(stamp);
        this.cropKey = cropKey;
        this.name = name.strip();
        this.steps = chain.steps();
    }

    Chains.NamedChain view() {
        return new Chains.NamedChain(name, steps);
    }
}
