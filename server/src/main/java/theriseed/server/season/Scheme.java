package theriseed.server.season;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A copy of a season's plan to change freely: what if. */
@Entity
class Scheme extends Recorded {
    private String name;
    private int season;

    @Enumerated(EnumType.STRING)
    private State state;

    /** Whether it can still be changed, became the plan, or was dropped. */
    enum State {
        OPEN,
        KEPT,
        DROPPED
    }

    protected Scheme() {}

    Scheme(String name, int season, Stamp stamp) {
        super(stamp);
        this.name = name.strip();
        this.season = season;
        this.state = State.OPEN;
    }

    int season() {
        return season;
    }

    String name() {
        return name;
    }

    void end(State how) {
        checkOpen();
        this.state = how;
    }

    void checkOpen() {
        if (state != State.OPEN) {
            throw new Refused("schemeId", name, state == State.KEPT ? "scheme.kept" : "scheme.dropped", "scheme", name);
        }
    }

    SchemeView view() {
        return new SchemeView(id(), version(), name, season);
    }
}
