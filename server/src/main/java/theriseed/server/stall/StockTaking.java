package theriseed.server.stall;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** That the seed room was counted on a day. */
@Entity
class StockTaking extends Recorded {
    private LocalDate countedOn;
    private String note;

    protected StockTaking() {}

    StockTaking(LocalDate countedOn, String note, Stamp stamp) {
        super(stamp);
        this.countedOn = countedOn;
        this.note = note.strip();
    }

    LocalDate countedOn() {
        return countedOn;
    }

    String note() {
        return note;
    }
}
