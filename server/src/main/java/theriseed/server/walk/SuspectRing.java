package theriseed.server.walk;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LonLat;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** The plants round an off-type that shed pollen, and what was decided about their seed. */
@Entity
class SuspectRing extends Recorded {
    private UUID plantingId;
    private UUID walkId;
    private double lon;
    private double lat;

    @Column(name = "row_number")
    private Integer row;

    private Double along;
    private double radius;

    @Enumerated(EnumType.STRING)
    private Decision decision;

    @Enumerated(EnumType.STRING)
    private Grade grade;

    private String reason;

    protected SuspectRing() {}

    SuspectRing(UUID id, UUID plantingId, UUID walkId, LonLat at, RingFacts facts, Grade planned, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        this.walkId = walkId;
        decide(at, facts, planned);
    }

    final void decide(LonLat at, RingFacts facts, Grade planned) {
        boolean round = facts.decision() == Decision.DISCARDED || facts.decision() == Decision.KEPT_APART;
        (round ? Range.above(0, 200, "m") : Range.of(0, 200, "m")).check("radius", facts.radius());
        Range.of(3, 300, "characters").check("reason", facts.reason().strip().length());
        boolean lower = facts.grade() != null && facts.grade().ordinal() < planned.ordinal();
        if (facts.decision() == Decision.GRADED_DOWN && !lower) {
            throw new Refused("grade", facts.grade() == null ? "nothing" : facts.grade(), "walk.lowerGrade");
        }
        this.lon = at.lon();
        this.lat = at.lat();
        this.row = facts.row();
        this.along = facts.along();
        this.radius = facts.radius();
        this.decision = facts.decision();
        this.grade = facts.decision() == Decision.GRADED_DOWN ? facts.grade() : null;
        this.reason = facts.reason().strip();
    }

    void carry(LonLat to) {
        lon = to.lon();
        lat = to.lat();
    }

    LonLat at() {
        return new LonLat(lon, lat);
    }

    UUID plantingId() {
        return plantingId;
    }

    UUID walkId() {
        return walkId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("row", row);
        facts.put("along", along);
        facts.put("radius", radius);
        facts.put("decision", decision);
        facts.put("grade", grade);
        facts.put("reason", reason);
        return facts;
    }

    RingView view() {
        return new RingView(
                id(),
                version(),
                plantingId,
                walkId,
                new LonLat(lon, lat),
                row,
                along,
                radius,
                decision,
                grade,
                reason,
                recordedAt(),
                recordedBy());
    }
}
