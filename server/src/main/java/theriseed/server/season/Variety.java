package theriseed.server.season;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A variety the farm holds. */
@Entity
class Variety extends Recorded {
    private String cropKey;
    private String name;
    private String source;
    private int yearReceived;
    private boolean treated;
    private boolean hybrid;
    private boolean breedingOut;
    private String bredFrom;

    @Embedded
    private TrueToType trueToType;

    protected Variety() {}

    Variety(String cropKey, VarietyFacts facts, int thisYear, Stamp stamp) {
        super(stamp);
        this.cropKey = cropKey;
        change(facts, thisYear);
    }

    final void change(VarietyFacts facts, int thisYear) {
        if (facts.breedingOut() && !facts.hybrid()) {
            throw new Refused("breedingOut", true, "variety.onlyHybrid");
        }
        String bred = facts.bredFrom().strip();
        if (facts.breedingOut() != !bred.isEmpty()) {
            throw new Refused("bredFrom", bred, facts.breedingOut() ? "variety.bredFrom" : "variety.notBred");
        }
        if (bred.equalsIgnoreCase(facts.name().strip())) {
            throw new Refused("name", facts.name(), "variety.ownName", "hybrid", bred);
        }
        this.name = facts.name().strip();
        this.source = facts.source().strip();
        this.yearReceived = Range.of(1950, thisYear, "year").check("yearReceived", facts.yearReceived());
        this.treated = facts.treated();
        this.hybrid = facts.hybrid();
        this.breedingOut = facts.breedingOut();
        this.bredFrom = bred;
        this.trueToType = facts.trueToType();
    }

    /** Refuses seed from a hybrid unless its breeding-out was declared. */
    void checkComesTrue() {
        if (hybrid && !breedingOut) {
            throw new Refused("varietyId", name, "variety.hybrid", "variety", name);
        }
    }

    String cropKey() {
        return cropKey;
    }

    boolean breedingOut() {
        return breedingOut;
    }

    String name() {
        return name;
    }

    Map<String, Object> facts() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("name", name);
        facts.put("source", source);
        facts.put("yearReceived", yearReceived);
        facts.put("treated", treated);
        facts.put("hybrid", hybrid);
        facts.put("breedingOut", breedingOut);
        facts.put("bredFrom", bredFrom);
        facts.put("leaf", trueToType.leaf());
        facts.put("habit", trueToType.habit());
        facts.put("colour", trueToType.colour());
        facts.put("maturity", trueToType.maturity());
        facts.put("root", trueToType.root());
        facts.put("fruit", trueToType.fruit());
        return facts;
    }

    VarietyView view(Crop crop) {
        return new VarietyView(
                id(),
                version(),
                cropKey,
                crop.name(),
                crop.lifeCycle(),
                name,
                source,
                yearReceived,
                treated,
                hybrid,
                breedingOut,
                bredFrom.isEmpty() ? null : bredFrom,
                trueToType);
    }
}
