package theriseed.server.calendar;

import jakarta.persistence.Entity;
import java.time.Duration;
import java.util.Optional;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A secret address under which the calendar can be read without signing in, until it is revoked; known by its digest. */
@Entity
class CalendarFeed extends Recorded {
    private static final Range DAY_BEFORE_OR_ON = Range.of(-1440, 1439, "minutes");

    private byte[] digest;
    private boolean revoked;
    private Integer reminds;

    protected CalendarFeed() {}

    CalendarFeed(byte[] digest, Integer reminds, Stamp stamp) {
        super(stamp);
        this.digest = digest;
        this.reminds = reminds == null ? null : (int) DAY_BEFORE_OR_ON.check("reminds", reminds);
    }

    /** Minutes from the beginning of an act's first day at which its readers are reminded, if they are. */
    Optional<Duration> reminds() {
        return Optional.ofNullable(reminds).map(Duration::ofMinutes);
    }

    void revoke() {
        this.revoked = true;
    }

    FeedView view() {
        return new FeedView(id(), version(), recordedAt(), recordedBy(), reminds);
    }
}
