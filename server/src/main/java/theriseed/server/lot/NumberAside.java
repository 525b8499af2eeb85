package theriseed.server.lot;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.Stamp;

/** A lot number that lies on a phone and on no lot yet. */
@Entity
class NumberAside {
    @Id
    private String folded;

    private String number;
    private int season;
    private String cropCode;
    private UUID phone;
    private Instant asideAt;
    private String asideFor;

    protected NumberAside() {}

    NumberAside(LotNumber number, int season, String cropCode, UUID phone, Stamp stamp) {
        this.folded = LotNumber.folded(number.text());
        this.number = number.text();
        this.season = season;
        this.cropCode = cropCode;
        this.phone = phone;
        this.asideAt = stamp.at();
        this.asideFor = stamp.by();
    }

    /** Whether a lot of this crop and season may have it. */
    boolean fits(int year, String code) {
        return season == year && cropCode.equals(code);
    }

    String number() {
        return number;
    }
}
