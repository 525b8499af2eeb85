package theriseed.server.stand;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.core.store.StoreForecast;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A look through what is stored: how many pieces, how many thrown out, and how large the sound ones are. */
@Entity
class StoreLook extends Recorded {
    private UUID plantingId;
    private LocalDate seenOn;
    private int pieces;
    private int thrownOut;
    private Integer small;
    private Integer medium;
    private Integer large;
    private String note;

    protected StoreLook() {}

    StoreLook(UUID id, UUID plantingId, LookFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(LookFacts facts) {
        Range.of(1, 1_000_000, "pieces").check("pieces", facts.pieces());
        Range.below(0, facts.pieces(), "pieces").check("thrownOut", facts.thrownOut());
        int sized = sum(facts.small(), facts.medium(), facts.large());
        int sound = facts.pieces() - facts.thrownOut();
        if (sized > sound) {
            throw new Refused("small", sized + " in three sizes", "stand.sizes", "sized", sized, "sound", sound);
        }
        this.seenOn = facts.seenOn();
        this.pieces = facts.pieces();
        this.thrownOut = facts.thrownOut();
        this.small = facts.small();
        this.medium = facts.medium();
        this.large = facts.large();
        this.note = facts.note().strip();
    }

    private static int sum(Integer... sizes) {
        int sum = 0;
        for (Integer size : sizes) {
            sum += size == null ? 0 : Range.of(0, 1_000_000, "pieces").check("small", size);
        }
        return sum;
    }

    UUID plantingId() {
        return plantingId;
    }

    StoreForecast.Look look() {
        return new StoreForecast.Look(seenOn, pieces, thrownOut);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("seenOn", seenOn);
        facts.put("pieces", pieces);
        facts.put("thrownOut", thrownOut);
        facts.put("small", small);
        facts.put("medium", medium);
        facts.put("large", large);
        facts.put("note", note);
        return facts;
    }

    LookView view() {
        return new LookView(id(), version(), seenOn, pieces, thrownOut, small, medium, large, note, recordedBy());
    }
}
