package theriseed.server.seedroom;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A container with seed of one lot. */
@Entity
public class Container extends Recorded {
    private UUID lotId;
    private int number;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private boolean sealed;
    private LocalDate emptiedOn;
    private String dampBecause;

    /** What it is. */
    public enum Kind {
        JAR,
        TIN,
        FOIL,
        PAPER,
        SACK
    }

    protected Container() {}

    /** @param dampBecause why seed that is not known to be dry is closed in or frozen; empty where it need not be told */
    Container(UUID lotId, int number, Kind kind, boolean sealed, String dampBecause, Stamp stamp) {
        super(stamp);
        if (sealed && (kind == Kind.PAPER || kind == Kind.SACK)) {
            throw new Refused("sealed", true, "container.breathes");
        }
        this.lotId = lotId;
        this.number = number;
        this.kind = kind;
        this.sealed = sealed;
        this.dampBecause = dampBecause;
    }

    UUID lotId() {
        return lotId;
    }

    int number() {
        return number;
    }

    Kind kind() {
        return kind;
    }

    boolean sealed() {
        return sealed;
    }

    String dampBecause() {
        return dampBecause;
    }

    void frozenDampBecause(String why) {
        dampBecause = dampBecause.isEmpty() ? why : dampBecause + "; " + why;
    }

    LocalDate emptiedOn() {
        return emptiedOn;
    }

    void empty(LocalDate on) {
        checkHolds();
        emptiedOn = on;
    }

    void checkHolds() {
        if (emptiedOn != null) {
            throw new Refused("container", number, "container.emptied", "on", emptiedOn);
        }
    }
}
