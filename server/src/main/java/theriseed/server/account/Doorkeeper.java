package theriseed.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down guessing, however many guess at once: a try is noted before its password is looked at, and after some that
 * were wrong each next must wait longer. Counted by name and where it comes from, in the database, so that nobody can keep
 * anybody else out.
 */
@Service
class Doorkeeper {
    /** So many times anybody may mistype. */
    static final int FREE_TRIES = 5;

    static final Duration FIRST_PAUSE = Duration.ofSeconds(10);
    static final Duration LONGEST_PAUSE = Duration.ofMinutes(15);

    /** From one address, of whatever names. */
    static final int TRIES_PER_ADDRESS = 30;

    private static final Duration WINDOW_OF_ADDRESS = Duration.ofMinutes(10);
    private static final Duration REMEMBERED = Duration.ofHours(1);

    private final DoorTryRepository tries;
    private final Clock clock;

    Doorkeeper(DoorTryRepository tries, Clock clock) {
        this.tries = tries;
        this.clock = clock;
    }

    /**
     * Where a try comes from: an address, or a device on which somebody has signed in before, which waits for nobody else.
     */
    record Source(String name, boolean known) {
        static Source of(String address, Optional<KnownDevice> device) {
            return device.map(it -> new Source("device " + it.id(), true)).orElse(new Source(address, false));
        }
    }

    /** Notes a try, or says how long it must wait; then it is not noted. */
    @Transactional
    Optional<Duration> comes(String name, Source source) {
        String folded = Names.folded(name);
        tries.oneAfterTheOther(source.name());
        // Only now: who came before and was let through later would not see the tries noted meanwhile.
        Instant now = clock.instant();
        tries.forgetOutside(now.minus(REMEMBERED), now);
        Optional<Duration> wait = mustWait(folded, source, now);
        if (wait.isEmpty()) {
            tries.save(new DoorTry(folded, source.name(), now));
        }
        return wait;
    }

    private Optional<Duration> mustWait(String name, Source source, Instant now) {
        List<DoorTry> same = tries.findByNameAndSourceAndTriedAtBetweenOrderByTriedAt(
                name, source.name(), now.minus(REMEMBERED), now);
        Instant free = same.size() < FREE_TRIES
                ? now
                : same.get(same.size() - 1).triedAt().plus(pause(same.size()));
        if (!source.known()) {
            List<DoorTry> all =
                    tries.findBySourceAndTriedAtBetweenOrderByTriedAt(source.name(), now.minus(WINDOW_OF_ADDRESS), now);
            if (all.size() >= TRIES_PER_ADDRESS) {
                Instant over = all.get(all.size() - TRIES_PER_ADDRESS).triedAt().plus(WINDOW_OF_ADDRESS);
                free = over.isAfter(free) ? over : free;
            }
        }
        return free.isAfter(now) ? Optional.of(Duration.between(now, free)) : Optional.empty();
    }

    /** Doubles with every try. */
    private static Duration pause(int tries) {
        Duration pause = FIRST_PAUSE.multipliedBy(1L << Math.min(20, tries - FREE_TRIES));
        return pause.compareTo(LONGEST_PAUSE) > 0 ? LONGEST_PAUSE : pause;
    }

    /** The password was right: what was tried before was mistyped. */
    @Transactional
    void entered(String name, Source source) {
        tries.forget(Names.folded(name), source.name());
    }
}
