package theriseed.server.stall;

import jakarta.persistence.Entity;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Someone seed is sold to. */
@Entity
class Customer extends Recorded {
    private String name;
    private String note;

    protected Customer() {}

    Customer(String name, String note, Stamp stamp) {
        super(stamp);
        this.name = name.strip();
        this.note = note;
    }

    String name() {
        return name;
    }
}
