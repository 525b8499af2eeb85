package theriseed.server.calendar;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.account.PersonEnded;
import theriseed.server.base.Clash;
import theriseed.server.base.Digest;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Opens and revokes the secret addresses of the calendar. */
@Service
public class CalendarFeeds {
    private final CalendarFeedRepository feeds;
    private final Stamps stamps;

    CalendarFeeds(CalendarFeedRepository feeds, Stamps stamps) {
        this.feeds = feeds;
        this.stamps = stamps;
    }

    @GrowersWork
    @ReadsOnly
    public List<FeedView> open() {
        return feeds.findByRevokedFalseOrderByRecordedAt().stream()
                .map(CalendarFeed::view)
                .toList();
    }

    /**
     * Opens a feed.
     *
     * @param secret the end of its address, made at random by whoever opens it; it is not kept
     * @param reminds minutes from the beginning of an act's first day, -1440 to 1439; null for no reminder
     */
    @GrowersWork
    @Transactional
    public FeedView make(UUID secret, Integer reminds) {
        byte[] digest = Digest.of(secret.toString());
        if (feeds.existsByDigest(digest)) {
            throw new Refused("secret", secret, "feed.secretTaken");
        }
        return feeds.saveAndFlush(new CalendarFeed(digest, reminds, stamps.now()))
                .view();
    }

    @GrowersWork
    @Transactional
    public void revoke(UUID id, int version) {
        CalendarFeed feed = feeds.findById(id).orElseThrow(NotFound.of("feed"));
        Clash.check(feed, version, feed.view());
        feed.revoke();
        feeds.saveAndFlush(feed);
    }

    /** Whoever is gone reads the farm's calendar no more. */
    @EventListener
    void personEnded(PersonEnded gone) {
        feeds.findByRevokedFalseAndRecordedBy(gone.name()).forEach(CalendarFeed::revoke);
    }

    /** The reminder of an open feed. @throws NotFound when none is open under this secret */
    @ReadsOnly
    Optional<Duration> reminds(String secret) {
        return feeds.findByDigestAndRevokedFalse(Digest.of(secret))
                .orElseThrow(NotFound.of("calendar"))
                .reminds();
    }
}
