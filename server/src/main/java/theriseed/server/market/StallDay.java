package theriseed.server.market;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A day at the stall of one market, with its cash box. Who did not count the cash says nothing of it. */
@Entity
class StallDay extends Recorded {
    private UUID customerId;
    private LocalDate heldOn;
    private String note;
    private boolean counted;
    private BigDecimal floatCash;
    private BigDecimal cashCounted;
    private BigDecimal paidOtherwise;

    protected StallDay() {}

    StallDay(UUID customerId, LocalDate heldOn, String note, BigDecimal floatCash, Stamp stamp) {
        super(stamp);
        this.customerId = customerId;
        this.heldOn = heldOn;
        this.note = note.strip();
        this.floatCash = floatCash;
        this.paidOtherwise = BigDecimal.ZERO;
    }

    void checkOpen() {
        if (counted) {
            throw new Refused("heldOn", heldOn, "market.countedAlready");
        }
    }

    /** @param cash in the box; null where nobody counted it */
    void count(BigDecimal floated, BigDecimal cash, BigDecimal otherwise) {
        counted = true;
        floatCash = floated;
        cashCounted = cash;
        paidOtherwise = otherwise;
    }

    void countAnew() {
        counted = false;
        cashCounted = null;
    }

    BigDecimal floatCash() {
        return floatCash;
    }

    BigDecimal cashCounted() {
        return cashCounted;
    }

    BigDecimal paidOtherwise() {
        return paidOtherwise;
    }

    UUID customerId() {
        return customerId;
    }

    LocalDate heldOn() {
        return heldOn;
    }

    String note() {
        return note;
    }

    boolean counted() {
        return counted;
    }
}
