package theriseed.server.account;

import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Slows down guessing: after a few failed tries, a name or an address must wait. Counted in the database. */
@Service
class Doorkeeper {
    static final int TRIES_PER_NAME = 5;
    static final int TRIES_PER_ADDRESS = 30;
    static final Duration WAIT = Duration.ofMinutes(10);

    private final LoginAttemptRepository attempts;

    Doorkeeper(LoginAttemptRepository attempts) {
        this.attempts = attempts;
    }

    @Transactional(readOnly = true)
    boolean mustWait(String name, String address) {
        Instant since = Instant.now().minus(WAIT);
        return attempts.countByNameIgnoreCaseAndTriedAtAfter(name, since) >= TRIES_PER_NAME
                || attempts.countByAddressAndTriedAtAfter(address, since) >= TRIES_PER_ADDRESS;
    }

    @Transactional
    void failed(String name, String address) {
        attempts.deleteByTriedAtBefore(Instant.now().minus(WAIT.multipliedBy(10)));
        attempts.save(new LoginAttempt(shortened(name), address, Instant.now()));
    }

    @Transactional
    void entered(String name, String address) {
        attempts.deleteByNameIgnoreCaseAndAddress(name, address);
    }

    private static String shortened(String name) {
        return name.length() <= 60 ? name : name.substring(0, 60);
    }
}
