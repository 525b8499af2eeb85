package theriseed.server.lot;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;
import theriseed.server.walk.Decision;
import theriseed.server.walk.RingView;

/** One variety under one number for ever: from one planting and one harvest, come of other lots, or from elsewhere. */
@Entity
class Lot extends Recorded {
    private String number;
    private String folded;
    private String oldNumber = "";
    private UUID plantingId;
    private UUID varietyId;
    private int season;

    @Enumerated(EnumType.STRING)
    private Grade grade;

    @Enumerated(EnumType.STRING)
    private Origin origin = Origin.PICKED;

    private UUID ringId;
    private boolean untagged;
    private Instant labelPrintedAt;
    private BigDecimal reserved = BigDecimal.ZERO;
    private String holdReason;
    private Instant heldAt;
    private String heldBy;

    protected Lot() {}

    Lot(LotNumber number, UUID plantingId, UUID varietyId, int season, Grade grade, UUID ringId, Stamp stamp) {
        super(stamp);
        this.number = number.text();
        this.folded = LotNumber.folded(number.text());
        this.plantingId = plantingId;
        this.varietyId = varietyId;
        this.season = season;
        this.grade = grade;
        this.ringId = ringId;
    }

    /** Seed that no planting of these records gave. */
    Lot(LotNumber number, UUID varietyId, int season, Grade grade, String oldNumber, Stamp stamp) {
        this(number, null, varietyId, season, grade, null, stamp);
        this.origin = Origin.ELSEWHERE;
        this.oldNumber = oldNumber;
    }

    /** @param main the lot that most of it comes of */
    Lot(LotNumber number, Origin origin, LotView main, int season, Grade grade, boolean untagged, Stamp stamp) {
        this(number, main.plantingId(), main.varietyId(), season, grade, null, stamp);
        this.origin = origin;
        this.untagged = untagged;
    }

    /** What was decided about the seed within a ring holds for this lot too. */
    void follow(RingView ring, Stamp stamp) {
        if (ring.decision() == Decision.HELD && holdReason == null) {
            hold(ring.reason(), stamp);
        } else if (ring.decision() == Decision.GRADED_DOWN) {
            gradeDown(ring.grade());
        }
    }

    /** Never up again: seed does not become truer. */
    void gradeDown(Grade lower) {
        if (lower.compareTo(grade) < 0) {
            grade = lower;
        }
    }

    void regrade(Grade other) {
        grade = other;
    }

    /** Fruit that nobody tagged may be anybody's. */
    void untagged() {
        this.untagged = true;
    }

    void oldNumber(String other) {
        oldNumber = other;
    }

    UUID ringId() {
        return ringId;
    }

    void hold(String reason, Stamp stamp) {
        if (holdReason != null) {
            throw new Refused("reason", reason, "lot.onHoldAlready", "lot", number, "why", holdReason);
        }
        holdReason = reason.strip();
        heldAt = stamp.at();
        heldBy = stamp.by();
    }

    void release() {
        if (holdReason == null) {
            throw new Refused("reason", "", "lot.notOnHold", "lot", number);
        }
        holdReason = null;
        heldAt = null;
        heldBy = null;
    }

    void reserve(BigDecimal grams) {
        reserved = grams;
    }

    void labelPrinted(Instant at) {
        labelPrintedAt = at;
    }

    String holdReason() {
        return holdReason;
    }

    LotView view() {
        return new LotView(
                id(),
                version(),
                number,
                oldNumber,
                plantingId,
                varietyId,
                season,
                grade,
                origin,
                ringId,
                untagged,
                labelPrintedAt,
                reserved,
                holdReason == null ? null : new LotView.Hold(holdReason, heldAt, heldBy));
    }
}
