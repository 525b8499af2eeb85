package theriseed.server.market;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A day at the stall of one market. */
@Entity
class StallDay extends Recorded {
    private UUID customerId;
    private LocalDate heldOn;
    private String note;
    private boolean counted;

    protected StallDay() {}

    StallDay(UUID customerId, LocalDate heldOn, String note, Stamp stamp) {
        super(stamp);
        this.customerId = customerId;
        this.heldOn = heldOn;
        this.note = note.strip();
    }

    void checkOpen() {
        if (counted) {
            throw new Refused("heldOn", heldOn, "market.countedAlready");
        }
    }

    void count() {
        counted = true;
    }

    void countAnew() {
        counted = false;
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
