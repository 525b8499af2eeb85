package theriseed.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.ground.LonLat;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.words.Units;

/** Signing in and out, and the first run of an empty farm. */
@RestController
class SessionController {
    /** A hash is dear on purpose: one at a time for whoever comes, and one for devices that are known. */
    private static final Semaphore HASH_OF_OTHERS = new Semaphore(1, true);

    private static final Semaphore HASH_OF_KNOWN = new Semaphore(1, true);
    private static final Duration LONGEST_AT_THE_DOOR = Duration.ofSeconds(20);

    private final AuthenticationManager authentication;
    private final SecurityContextRepository signedIn;
    private final Accounts accounts;
    private final Doorkeeper doorkeeper;
    private final Devices devices;
    private final CsrfTokenRepository tokens;
    private final FirstRun firstRun;
    private final Farms farms;
    private final FarmTime time;
    private final String version;

    SessionController(
            AuthenticationManager authentication,
            SecurityContextRepository signedIn,
            Accounts accounts,
            Doorkeeper doorkeeper,
            Devices devices,
            CsrfTokenRepository tokens,
            FirstRun firstRun,
            Farms farms,
            FarmTime time,
            @Value("${theriseed.version}") String version) {
        this.authentication = authentication;
        this.signedIn = signedIn;
        this.accounts = accounts;
        this.doorkeeper = doorkeeper;
        this.devices = devices;
        this.tokens = tokens;
        this.firstRun = firstRun;
        this.farms = farms;
        this.time = time;
        this.version = version;
    }

    /**
     * What the screens need before anything else; without an account nobody is signed in.
     *
     * @param season that grows now, for those who are signed in
     * @param version of the program, for those who are signed in
     */
    record Session(
            boolean firstRun,
            @Maybe AccountView account,
            @Maybe FarmView farm,
            LocalDate today,
            LocalDateTime now,
            @Maybe Integer season,
            @Maybe String version) {}

    record SignInRequest(@NotBlank String name, @NotBlank String password) {}

    record PreferencesRequest(
            @NotNull Units units,
            @NotNull Theme theme,
            @NotNull String locale) {}

    record FirstRunRequest(
            @NotBlank @Size(max = 80) String farm,
            @NotNull Double lat,
            @NotNull Double lon,
            @NotBlank String timeZone,
            @NotBlank String currency,
            @NotNull Double coldestMonth,
            @NotNull Double warmestMonth,
            @NotBlank @Size(max = 60) String name,
            @NotNull String password) {}

    @GetMapping("/api/session")
    Session session() {
        Optional<AccountView> account = accounts.signedIn();
        return new Session(
                accounts.none(),
                account.orElse(null),
                account.isPresent() ? farms.get() : null,
                time.today(),
                LocalDateTime.ofInstant(time.now(), time.zone()),
                account.isPresent() ? farms.year().seasonOn(time.today()) : null,
                account.isPresent() ? version : null);
    }

    @PostMapping("/api/session")
    ResponseEntity<?> signIn(
            @Valid @RequestBody SignInRequest request, HttpServletRequest http, HttpServletResponse response) {
        Doorkeeper.Source source = Doorkeeper.Source.of(http.getRemoteAddr(), devices.known(http, request.name()));
        Optional<Duration> wait = doorkeeper.comes(request.name(), source);
        if (wait.isPresent()) {
            return later(wait.get());
        }
        Semaphore hash = source.known() ? HASH_OF_KNOWN : HASH_OF_OTHERS;
        try {
            if (!hash.tryAcquire(LONGEST_AT_THE_DOOR.toSeconds(), TimeUnit.SECONDS)) {
                return later(LONGEST_AT_THE_DOOR);
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return later(LONGEST_AT_THE_DOOR);
        }
        try {
            enter(request.name(), request.password(), http, response);
        } finally {
            hash.release();
        }
        doorkeeper.entered(request.name(), source);
        devices.remember(http, response, request.name());
        return ResponseEntity.ok(session());
    }

    private static ResponseEntity<ProblemDetail> later(Duration wait) {
        long seconds = wait.toSeconds() + 1;
        String words = seconds < 90 ? seconds + " seconds" : (seconds + 59) / 60 + " minutes";
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .body(ProblemDetail.forStatusAndDetail(
                        HttpStatus.TOO_MANY_REQUESTS, "Too many tries. Wait " + words + ", then try again."));
    }

    @DeleteMapping("/api/session")
    ResponseEntity<Void> signOut(HttpServletRequest http) {
        http.getSession().invalidate();
        SecurityContextHolder.clearContext();
        return ResponseEntity.noContent().build();
    }

    @PutMapping("/api/session/preferences")
    AccountView prefer(@Valid @RequestBody PreferencesRequest request, Authentication who) {
        return accounts.prefer(who.getName(), request.units(), request.theme(), request.locale());
    }

    @PostMapping("/api/first-run")
    Session firstRun(
            @Valid @RequestBody FirstRunRequest request, HttpServletRequest http, HttpServletResponse response) {
        firstRun.make(
                request.farm(),
                new LonLat(request.lon(), request.lat()),
                request.timeZone(),
                request.currency(),
                request.coldestMonth(),
                request.warmestMonth(),
                request.name(),
                request.password());
        enter(request.name(), request.password(), http, response);
        devices.remember(http, response, request.name());
        return session();
    }

    @ExceptionHandler(AuthenticationException.class)
    ProblemDetail notKnown(AuthenticationException refused) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.UNAUTHORIZED, "This name and password do not belong together.");
    }

    private void enter(String name, String password, HttpServletRequest http, HttpServletResponse response) {
        Authentication who =
                authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password));
        if (http.getSession(false) != null) {
            http.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
        signedIn.saveContext(context, http, response);
        // What somebody may have planted in the browser before is worth nothing now.
        tokens.saveToken(tokens.generateToken(http), http, response);
    }
}
