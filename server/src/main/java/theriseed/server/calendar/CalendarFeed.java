package theriseed.server.calendar;

import jakarta.persistence.Entity;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A secret address under which the calendar can be read without signing in, until it is revoked. */
@Entity
class CalendarFeed extends Recorded {
    private String secret;
    private boolean revoked;

    protected CalendarFeed() {}

    CalendarFeed(String secret, Stamp stamp) {
        super(stamp);
        this.secret = secret;
    }

    void revoke() {
        this.revoked = true;
    }

    FeedView view() {
        return new FeedView(id(), version(), "/calendar/" + secret + ".ics", recordedAt(), recordedBy());
    }
}
