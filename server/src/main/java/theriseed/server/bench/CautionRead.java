package theriseed.server.bench;

import jakarta.persistence.Entity;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Somebody has read a caution this season; it need not stand in their way again until the next. */
@Entity
class CautionRead extends Recorded {
    private int season;
    private String caution;

    protected CautionRead() {}

    CautionRead(int season, String caution, Stamp stamp) {
        super(stamp);
        this.season = season;
        this.caution = caution;
    }

    String caution() {
        return caution;
    }
}
