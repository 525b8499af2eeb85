package theriseed.server.harvest;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** What was picked into a lot in one go. Mass in grams. */
@Entity
class Pick extends Recorded {
    private UUID lotId;
    private LocalDate pickedOn;
    private BigDecimal mass;
    private int plants;
    private Integer pieces;
    private int containers;

    @Enumerated(EnumType.STRING)
    private Dampness dampness;

    @Enumerated(EnumType.STRING)
    private PickedFrom pickedFrom;

    private String which;
    private boolean indoors;
    private String pickedBy;
    private String note;
    private Integer earlyBy;

    protected Pick() {}

    Pick(UUID lotId, PickFacts facts, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        change(facts);
    }

    final void change(PickFacts facts) {
        if (facts.pieces() != null) {
            Range.of(1, 1e6, "fruits or heads").check("pieces", facts.pieces());
        }
        Range.of(1, 1000, "containers").check("containers", facts.containers());
        boolean some = facts.pickedFrom() == PickedFrom.STRETCH || facts.pickedFrom() == PickedFrom.PLANT;
        if (some && facts.which().isBlank()) {
            throw new Refused("which", "nothing", "harvest.which");
        }
        this.pickedOn = facts.pickedOn();
        this.mass = facts.mass();
        this.plants = facts.plants();
        this.pieces = facts.pieces();
        this.containers = facts.containers();
        this.dampness = facts.dampness();
        this.pickedFrom = facts.pickedFrom();
        this.which = facts.which().strip();
        this.indoors = facts.indoors();
        this.pickedBy = facts.pickedBy().strip();
        this.note = facts.note();
    }

    /** @param days before its seed can have been ripe; 0 for none */
    void earlyBy(int days) {
        this.earlyBy = days == 0 ? null : days;
    }

    UUID lotId() {
        return lotId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("pickedOn", pickedOn);
        facts.put("mass", mass);
        facts.put("plants", plants);
        facts.put("pieces", pieces);
        facts.put("containers", containers);
        facts.put("dampness", dampness);
        facts.put("pickedFrom", pickedFrom);
        facts.put("which", which);
        facts.put("indoors", indoors);
        facts.put("pickedBy", pickedBy);
        facts.put("note", note);
        return facts;
    }

    PickView view() {
        return new PickView(
                id(),
                version(),
                pickedOn,
                mass,
                plants,
                pieces,
                containers,
                dampness,
                pickedFrom,
                which,
                indoors,
                pickedBy,
                note,
                earlyBy,
                recordedBy());
    }
}
