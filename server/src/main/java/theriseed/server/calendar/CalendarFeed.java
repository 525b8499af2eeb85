package theriseed.server.calendar;

import jakarta.persistence.Entity;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A secret address under which the calendar can be read without signing in, until it is revoked; known by its digest. */
@Entity
class CalendarFeed extends Recorded {
    private byte[] digest;
    private boolean revoked;

    protected CalendarFeed() {}

    CalendarFeed(byte[] digest, Stamp stamp) {
        super(stamp);
        this.digest = digest;
    }

    void revoke() {
        this.revoked = true;
    }

    FeedView view() {
        return new FeedView(id(), version(), recordedAt(), recordedBy());
    }
}
