package theriseed.server.lot;

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

/** How seed of a lot came here that no planting of these records gave. Mass in grams. */
@Entity
class Arrival extends Recorded {
    private UUID lotId;

    @Enumerated(EnumType.STRING)
    private Came way;

    private LocalDate cameOn;
    private BigDecimal mass;
    private String fromWhom;
    private int grownIn;
    private Integer plants;
    private String treatment;
    private Integer theirGermination;
    private LocalDate theirTestOn;
    private String note;

    protected Arrival() {}

    Arrival(UUID lotId, ArrivalFacts facts, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        change(facts);
    }

    final void change(ArrivalFacts facts) {
        this.way = facts.way();
        this.cameOn = facts.cameOn();
        this.mass = facts.mass();
        this.fromWhom = facts.fromWhom();
        this.grownIn = facts.grownIn();
        this.plants = facts.plants();
        this.treatment = facts.treatment();
        this.theirGermination = facts.theirGermination();
        this.theirTestOn = facts.theirTestOn();
        this.note = facts.note();
    }

    UUID lotId() {
        return lotId;
    }

    BigDecimal mass() {
        return mass;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("way", way);
        facts.put("cameOn", cameOn);
        facts.put("mass", mass);
        facts.put("fromWhom", fromWhom);
        facts.put("grownIn", grownIn);
        facts.put("plants", plants);
        facts.put("treatment", treatment);
        facts.put("theirGermination", theirGermination);
        facts.put("theirTestOn", theirTestOn);
        facts.put("note", note);
        return facts;
    }

    ArrivalView view() {
        return new ArrivalView(
                id(),
                version(),
                lotId,
                way,
                cameOn,
                mass,
                fromWhom,
                grownIn,
                plants,
                treatment,
                theirGermination,
                theirTestOn,
                note,
                recordedBy());
    }
}
