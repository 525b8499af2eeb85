package theriseed.server.mixup;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** That two bowls, jars or labels may have been mixed up. */
@Entity
class MixUp extends Recorded {
    private UUID firstLotId;
    private UUID secondLotId;
    private LocalDate foundOn;
    private String what;

    @Enumerated(EnumType.STRING)
    private Ending ending;

    private LocalDate endedOn;
    private String how = "";
    private String endedBy;

    /** What it turned out to be. */
    public enum Ending {
        /** Both hold the same seed. */
        SAME,
        /** It is known which is which. */
        TOLD_APART,
        /** It stays unknown: neither is sold as true any more. */
        GRADED_DOWN
    }

    protected MixUp() {}

    MixUp(UUID firstLotId, UUID secondLotId, LocalDate foundOn, String what, Stamp stamp) {
        super(stamp);
        Range.of(3, 200, "characters").check("what", what.strip().length());
        this.firstLotId = firstLotId;
        this.secondLotId = secondLotId;
        this.foundOn = foundOn;
        this.what = what.strip();
    }

    void end(Ending as, LocalDate on, String because, Stamp stamp) {
        if (ending != null) {
            throw new Refused("ending", as, "mixUp.ended");
        }
        Range.of(3, 300, "characters").check("how", because.strip().length());
        ending = as;
        endedOn = on;
        how = because.strip();
        endedBy = stamp.by();
    }

    UUID firstLotId() {
        return firstLotId;
    }

    UUID secondLotId() {
        return secondLotId;
    }

    LocalDate foundOn() {
        return foundOn;
    }

    Ending ending() {
        return ending;
    }

    String how() {
        return how;
    }

    String what() {
        return what;
    }

    /** @param first number of the one lot, and {@code second} of the other */
    MixUpView view(String first, String second) {
        return new MixUpView(
                id(), version(), first, second, foundOn, what, ending, endedOn, how, endedBy, recordedBy());
    }
}
