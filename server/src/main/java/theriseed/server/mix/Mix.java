package theriseed.server.mix;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.Range;
import theriseed.core.seedroom.SeedMix;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** Seed of several crops or varieties put together on one day, under a number that is never used again. */
@Entity
class Mix extends Recorded {
    private String number;
    private String folded;
    private String name;
    private LocalDate mixedOn;
    private Integer seedsPerSquareMetre;
    private String note;
    private String holdReason;

    protected Mix() {}

    Mix(LotNumber number, MixFacts facts, LocalDate mixedOn, Stamp stamp) {
        super(stamp);
        this.number = number.text();
        this.folded = LotNumber.folded(number.text());
        this.mixedOn = mixedOn;
        change(facts);
    }

    final void change(MixFacts facts) {
        Range.of(2, 80, "characters").check("name", facts.name().strip().length());
        if (facts.seedsPerSquareMetre() != null) {
            Range.of(1, 100_000, "seeds").check("seedsPerSquareMetre", facts.seedsPerSquareMetre());
        }
        name = facts.name().strip();
        seedsPerSquareMetre = facts.seedsPerSquareMetre();
        note = facts.note().strip();
    }

    void hold(String reason) {
        if (holdReason != null) {
            throw new Refused("reason", reason, "lot.onHoldAlready", "lot", number, "why", holdReason);
        }
        holdReason = reason.strip();
    }

    void release() {
        if (holdReason == null) {
            throw new Refused("reason", "", "lot.notOnHold", "lot", number);
        }
        holdReason = null;
    }

    String number() {
        return number;
    }

    String name() {
        return name;
    }

    LocalDate mixedOn() {
        return mixedOn;
    }

    String note() {
        return note;
    }

    String holdReason() {
        return holdReason;
    }

    Integer seedsPerSquareMetre() {
        return seedsPerSquareMetre;
    }

    /** Grams a square metre; null where nobody said how thick it is to be sown. */
    Double gramsPerSquareMetre(SeedMix of) {
        return seedsPerSquareMetre == null || of == null ? null : of.gramsPerSquareMetre(seedsPerSquareMetre);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("name", name);
        facts.put("seedsPerSquareMetre", seedsPerSquareMetre);
        facts.put("note", note);
        facts.put("holdReason", holdReason);
        return facts;
    }
}
