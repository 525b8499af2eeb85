package theriseed.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Lets in whoever knows a name's password, and slows down whoever guesses. */
@Component
class Entrance {
    /** A hash is dear on purpose: one at a time for whoever comes, and one for devices that are known. */
    private static final Semaphore HASH_OF_OTHERS = new Semaphore(1, true);

    private static final Semaphore HASH_OF_KNOWN = new Semaphore(1, true);
    private static final Duration LONGEST_AT_THE_DOOR = Duration.ofSeconds(20);

    private final AuthenticationManager authentication;
    private final SecurityContextRepository signedIn;
    private final Doorkeeper doorkeeper;
    private final Devices devices;
    private final Whereabouts whereabouts;
    private final CsrfTokenRepository tokens;

    Entrance(
            AuthenticationManager authentication,
            SecurityContextRepository signedIn,
            Doorkeeper doorkeeper,
            Devices devices,
            Whereabouts whereabouts,
            CsrfTokenRepository tokens) {
        this.authentication = authentication;
        this.signedIn = signedIn;
        this.doorkeeper = doorkeeper;
        this.devices = devices;
        this.whereabouts = whereabouts;
        this.tokens = tokens;
    }

    /** Somebody tried too often. */
    static final class TooManyTries extends RuntimeException {
        private final transient Duration wait;

        private TooManyTries(Duration wait) {
            super("too many tries");
            this.wait = wait;
        }

        Duration pause() {
            return wait;
        }
    }

    /** Tries a password that may be wrong; then what it is tried for throws. @throws TooManyTries when it must wait */
    void tryPassword(String name, HttpServletRequest http, Runnable what) {
        Doorkeeper.Source source = Doorkeeper.Source.of(http.getRemoteAddr(), devices.known(http, name));
        Optional<Duration> wait = doorkeeper.comes(name, source);
        if (wait.isPresent()) {
            throw new TooManyTries(wait.get());
        }
        Semaphore hash = source.known() ? HASH_OF_KNOWN : HASH_OF_OTHERS;
        try {
            if (!hash.tryAcquire(LONGEST_AT_THE_DOOR.toSeconds(), TimeUnit.SECONDS)) {
                throw new TooManyTries(LONGEST_AT_THE_DOOR);
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new TooManyTries(LONGEST_AT_THE_DOOR);
        }
        try {
            what.run();
        } finally {
            hash.release();
        }
        doorkeeper.entered(name, source);
    }

    /** Signs somebody in who may have been tried before, and knows the device from now on. */
    void enter(String name, String password, HttpServletRequest http, HttpServletResponse response) {
        Authentication who =
                authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password));
        if (http.getSession(false) != null) {
            http.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
        signedIn.saveContext(context, http, response);
        whereabouts.note(http);
        devices.remember(http, response, name);
        // What somebody may have planted in the browser before is worth nothing now.
        tokens.saveToken(tokens.generateToken(http), http, response);
    }
}
