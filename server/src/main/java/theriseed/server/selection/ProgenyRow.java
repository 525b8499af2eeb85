package theriseed.server.selection;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** One row of a trial: the progeny of one plant, or a check that the others are compared with. */
@Entity
@Table(name = "progeny_row")
class ProgenyRow extends Recorded {
    private UUID trialId;
    private int number;
    private UUID motherId;
    private boolean compared;
    private String subLot;

    @Enumerated(EnumType.STRING)
    private RowDecision decision;

    private String reason;

    protected ProgenyRow() {}

    ProgenyRow(UUID trialId, int number, UUID motherId, boolean compared, String subLot, Stamp stamp) {
        super(stamp);
        this.trialId = trialId;
        this.number = number;
        this.motherId = motherId;
        this.compared = compared;
        this.subLot = subLot;
        this.reason = "";
    }

    void decide(RowDecision decided, String because) {
        this.decision = decided;
        this.reason = because.strip();
    }

    UUID trialId() {
        return trialId;
    }

    int number() {
        return number;
    }

    UUID motherId() {
        return motherId;
    }

    boolean compared() {
        return compared;
    }

    String subLot() {
        return subLot;
    }

    RowDecision decision() {
        return decision;
    }

    String reason() {
        return reason;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("decision", decision);
        facts.put("reason", reason);
        return facts;
    }
}
