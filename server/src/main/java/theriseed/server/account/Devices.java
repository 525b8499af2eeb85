package theriseed.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Digest;
import theriseed.server.base.ReadsOnly;

/**
 * Devices on which people have signed in before. Each keeps a secret that opens nothing: whoever has it only waits for
 * nobody else's tries at the door.
 */
@Service
class Devices {
    private static final String COOKIE = "theriseed-device";
    private static final Duration KEPT_FOR = Duration.ofDays(400);
    private static final SecureRandom SECRETS = new SecureRandom();

    private final KnownDeviceRepository devices;
    private final AccountRepository accounts;
    private final Clock clock;

    Devices(KnownDeviceRepository devices, AccountRepository accounts, Clock clock) {
        this.devices = devices;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** The device a request comes from, if this person has signed in on it before. */
    @ReadsOnly
    Optional<KnownDevice> known(HttpServletRequest request, String name) {
        return secret(request).flatMap(secret -> devices.of(Digest.of(secret), Names.folded(name)));
    }

    /** Somebody signed in: the device is known from now on. */
    @Transactional
    void remember(HttpServletRequest request, HttpServletResponse response, String name) {
        String secret = secret(request).orElseGet(Devices::newSecret);
        if (devices.of(Digest.of(secret), Names.folded(name)).isEmpty()) {
            accounts.findByFoldedName(Names.folded(name))
                    .ifPresent(
                            account -> devices.save(new KnownDevice(Digest.of(secret), account.id(), clock.instant())));
        }
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, secret)
                        .path("/api/session")
                        .maxAge(KEPT_FOR)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .build()
                        .toString());
    }

    private static Optional<String> secret(HttpServletRequest request) {
        return Arrays.stream(request.getCookies() == null ? new Cookie[0] : request.getCookies())
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .findFirst();
    }

    private static String newSecret() {
        byte[] secret = new byte[32];
        SECRETS.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }
}
