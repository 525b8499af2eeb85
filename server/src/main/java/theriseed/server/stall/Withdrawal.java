package theriseed.server.stall;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Seed that left a lot without being sold, or turned out to be more: grams of its bulk, or packets of a run. */
@Entity
class Withdrawal extends Recorded {
    private UUID lotId;
    private UUID packingRunId;

    @Enumerated(EnumType.STRING)
    private TakenFor why;

    private LocalDate takenOn;
    private BigDecimal mass;
    private Integer packets;
    private String note;
    private UUID plantingId;
    private UUID mixId;

    protected Withdrawal() {}

    Withdrawal(
            UUID lotId,
            UUID packingRunId,
            TakenFor why,
            LocalDate takenOn,
            BigDecimal mass,
            Integer packets,
            String note,
            UUID plantingId,
            Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        change(why, takenOn, mass, packets, note, plantingId);
    }

    /** What went into a mix, whose number is noted. */
    Withdrawal(UUID lotId, UUID mixId, String mix, LocalDate mixedOn, BigDecimal mass, Stamp stamp) {
        this(lotId, null, TakenFor.MIXED, mixedOn, mass, null, mix, null, stamp);
        this.mixId = mixId;
    }

    /** It turns out to have been more or less. */
    void weigh(BigDecimal other) {
        mass = other;
    }

    final void change(TakenFor why, LocalDate takenOn, BigDecimal mass, Integer packets, String note, UUID plantingId) {
        this.why = why;
        this.takenOn = takenOn;
        this.mass = mass;
        this.packets = packets;
        this.note = note.strip();
        this.plantingId = plantingId;
    }

    UUID lotId() {
        return lotId;
    }

    UUID packingRunId() {
        return packingRunId;
    }

    BigDecimal mass() {
        return mass == null ? BigDecimal.ZERO : mass;
    }

    int packets() {
        return packets == null ? 0 : packets;
    }

    TakenFor why() {
        return why;
    }

    UUID mixId() {
        return mixId;
    }

    UUID plantingId() {
        return plantingId;
    }

    /** @param sownIn the planting it was sown in, in words; empty for none */
    Map<String, Object> correctable(String sownIn) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("why", why);
        facts.put("takenOn", takenOn);
        facts.put("mass", mass);
        facts.put("packets", packets);
        facts.put("note", note);
        facts.put("sownIn", sownIn);
        return facts;
    }

    WithdrawalView view() {
        return new WithdrawalView(
                id(),
                version(),
                lotId,
                packingRunId,
                why,
                takenOn,
                mass,
                packets,
                note,
                plantingId,
                mixId,
                recordedBy());
    }
}
