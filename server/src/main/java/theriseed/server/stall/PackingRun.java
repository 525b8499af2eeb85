package theriseed.server.stall;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Packets filled from a lot's bulk on one day. Masses in grams; price a packet. */
@Entity
class PackingRun extends Recorded {
    private UUID lotId;
    private LocalDate packedOn;
    private Integer seeds;
    private BigDecimal grams;
    private Integer metres;
    private int sowBy;
    private int people;
    private Integer minutes;
    private BigDecimal fill;
    private int packets;
    private BigDecimal bulkBefore;
    private BigDecimal bulkAfter;
    private BigDecimal price;

    protected PackingRun() {}

    PackingRun(
            UUID lotId,
            Packing asked,
            Integer seeds,
            BigDecimal fill,
            int packets,
            BigDecimal before,
            BigDecimal after,
            Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.packedOn = asked.packedOn();
        this.seeds = seeds;
        this.grams = asked.grams();
        this.metres = asked.metres();
        this.sowBy = asked.sowBy();
        this.people = asked.people();
        this.minutes = asked.minutes();
        this.fill = fill;
        this.packets = packets;
        this.bulkBefore = before;
        this.bulkAfter = after;
        this.price = asked.price();
    }

    /** What it promises: so many seeds, grams or metres; the same for all packets of one kind. */
    List<Object> kind() {
        return Arrays.asList(metres == null ? seeds : null, grams, metres);
    }

    /** Of packets by weight filled before it was kept, what they promise is not known. */
    boolean kindKnown() {
        return seeds != null || grams != null;
    }

    PackedBefore before(boolean sameVariety) {
        return new PackedBefore(metres == null ? seeds : null, grams, metres, price, packedOn, sameVariety);
    }

    UUID lotId() {
        return lotId;
    }

    int packets() {
        return packets;
    }

    /** @param taken grams that these packets took from the bulk */
    void change(PackingCorrection facts, BigDecimal taken) {
        packedOn = facts.packedOn();
        packets = facts.packets();
        bulkAfter = bulkBefore.subtract(taken);
        price = facts.price();
        sowBy = facts.sowBy();
        people = facts.people();
        minutes = facts.minutes();
    }

    BigDecimal fill() {
        return fill;
    }

    LocalDate packedOn() {
        return packedOn;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("packedOn", packedOn);
        facts.put("packets", packets);
        facts.put("price", price);
        facts.put("sowBy", sowBy);
        facts.put("people", people);
        facts.put("minutes", minutes);
        return facts;
    }

    BigDecimal taken() {
        return bulkBefore.subtract(bulkAfter);
    }

    /** @param gone packets sold or taken, and {@code promised} of the others */
    PackingRunView view(int gone, int promised) {
        return new PackingRunView(
                id(),
                version(),
                lotId,
                packedOn,
                seeds,
                grams,
                metres,
                sowBy,
                fill,
                packets,
                packets - gone,
                promised,
                packets - gone - promised,
                bulkAfter,
                price,
                people,
                minutes,
                recordedBy());
    }
}
