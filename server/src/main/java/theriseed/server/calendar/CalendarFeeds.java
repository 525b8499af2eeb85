package theriseed.server.calendar;

import java.security.SecureRandom;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Clash;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Stamps;

/** Opens and revokes the secret addresses of the calendar. */
@Service
public class CalendarFeeds {
    private static final int SECRET_BYTES = 24;

    private final CalendarFeedRepository feeds;
    private final Stamps stamps;
    private final SecureRandom random = new SecureRandom();

    CalendarFeeds(CalendarFeedRepository feeds, Stamps stamps) {
        this.feeds = feeds;
        this.stamps = stamps;
    }

    @GrowersWork
    @Transactional(readOnly = true)
    public List<FeedView> open() {
        return feeds.findByRevokedFalseOrderByRecordedAt().stream()
                .map(CalendarFeed::view)
                .toList();
    }

    @GrowersWork
    @Transactional
    public FeedView make() {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String text = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        return feeds.saveAndFlush(new CalendarFeed(text, stamps.now())).view();
    }

    @GrowersWork
    @Transactional
    public void revoke(UUID id, int version) {
        CalendarFeed feed = feeds.findById(id).orElseThrow(NotFound.of("feed"));
        Clash.check(feed, version, feed.view());
        feed.revoke();
        feeds.saveAndFlush(feed);
    }

    @Transactional(readOnly = true)
    public boolean isOpen(String secret) {
        return feeds.findBySecretAndRevokedFalse(secret).isPresent();
    }
}
