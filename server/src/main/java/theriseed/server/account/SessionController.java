package theriseed.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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
    private final Accounts accounts;
    private final Entrance entrance;
    private final EntryLinks links;
    private final Whereabouts whereabouts;
    private final FirstRun firstRun;
    private final Farms farms;
    private final FarmTime time;
    private final String version;

    SessionController(
            Accounts accounts,
            Entrance entrance,
            EntryLinks links,
            Whereabouts whereabouts,
            FirstRun firstRun,
            Farms farms,
            FarmTime time,
            @Value("${theriseed.version}") String version) {
        this.accounts = accounts;
        this.entrance = entrance;
        this.links = links;
        this.whereabouts = whereabouts;
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

    record PasswordRequest(@NotNull String old, @NotNull String password) {}

    record EntryRequest(@NotNull UUID secret) {}

    record ChosenPassword(@NotNull UUID secret, @NotNull String password) {}

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
            @NotNull Units units,
            @NotNull String locale,
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
    Session signIn(@Valid @RequestBody SignInRequest request, HttpServletRequest http, HttpServletResponse response) {
        entrance.tryPassword(
                request.name(), http, () -> entrance.enter(request.name(), request.password(), http, response));
        return session();
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
                request.units(),
                request.locale(),
                request.name(),
                request.password());
        entrance.enter(request.name(), request.password(), http, response);
        return session();
    }

    /** Another password; wherever else this person was signed in, they are no longer. */
    @PutMapping("/api/session/password")
    void password(@Valid @RequestBody PasswordRequest request, Authentication who, HttpServletRequest http) {
        entrance.tryPassword(
                who.getName(),
                http,
                () -> accounts.change(
                        who.getName(),
                        request.old(),
                        request.password(),
                        farms.get().name()));
        whereabouts.leaveOthers(who.getName(), http);
    }

    @GetMapping("/api/session/places")
    List<Whereabouts.SignedInView> places(Authentication who, HttpServletRequest http) {
        return whereabouts.of(who.getName(), http);
    }

    @DeleteMapping("/api/session/places/{id}")
    void leave(@PathVariable String id, Authentication who) {
        whereabouts.leave(who.getName(), id);
    }

    @DeleteMapping("/api/session/places")
    void leaveOthers(Authentication who, HttpServletRequest http) {
        whereabouts.leaveOthers(who.getName(), http);
    }

    /** Whom a link lets in; the secret is the end of it. */
    @PostMapping("/api/session/entry")
    EntryLinks.EntryView entry(@Valid @RequestBody EntryRequest request) {
        return links.look(request.secret());
    }

    @PostMapping("/api/session/entry/password")
    Session choose(@Valid @RequestBody ChosenPassword request, HttpServletRequest http, HttpServletResponse response) {
        String name = links.choose(request.secret(), request.password());
        entrance.enter(name, request.password(), http, response);
        return session();
    }
}
