package theriseed.server.sown;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Seed that was not grown here, or is of no lot, and was sown in a planting. */
@Entity
class SeedFromElsewhere extends Recorded {
    private UUID plantingId;
    private LocalDate sownOn;
    private String supplier;
    private String theirNumber;
    private Integer grownIn;
    private String treatment;
    private BigDecimal mass;
    private String note;
    private boolean neverSown;

    protected SeedFromElsewhere() {}

    SeedFromElsewhere(UUID plantingId, ElsewhereFacts facts, Stamp stamp) {
        super(stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(ElsewhereFacts facts) {
        this.sownOn = facts.sownOn();
        this.supplier = facts.supplier().strip();
        this.theirNumber = facts.theirNumber().strip();
        this.grownIn = facts.grownIn();
        this.treatment = facts.treatment().strip();
        this.mass = facts.mass();
        this.note = facts.note().strip();
    }

    /** It was written down of the wrong planting, or never happened. */
    void neverSown() {
        this.neverSown = true;
    }

    UUID plantingId() {
        return plantingId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("sownOn", sownOn);
        facts.put("supplier", supplier);
        facts.put("theirNumber", theirNumber);
        facts.put("grownIn", grownIn);
        facts.put("treatment", treatment);
        facts.put("mass", mass);
        facts.put("note", note);
        facts.put("neverSown", neverSown);
        return facts;
    }

    ElsewhereView view() {
        return new ElsewhereView(
                id(),
                version(),
                plantingId,
                sownOn,
                supplier,
                theirNumber,
                grownIn,
                treatment,
                mass,
                note,
                recordedBy());
    }
}
