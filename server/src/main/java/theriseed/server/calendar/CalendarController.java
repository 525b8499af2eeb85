package theriseed.server.calendar;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import theriseed.core.measure.Range;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.farm.Farms;

/** The calendar over HTTP: to look at, as a file, and as a feed under a secret address. */
@RestController
class CalendarController {
    private static final MediaType ICALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final Calendar calendar;
    private final CalendarFeeds feeds;
    private final Farms farms;
    private final FarmTime time;

    CalendarController(Calendar calendar, CalendarFeeds feeds, Farms farms, FarmTime time) {
        this.calendar = calendar;
        this.feeds = feeds;
        this.farms = farms;
        this.time = time;
    }

    /** The secret becomes {@code /calendar/SECRET.ics}; it must be made at random. */
    record Opening(@NotNull UUID secret, @Maybe Integer reminds) {}

    record Revocation(@NotNull Integer version) {}

    @GetMapping("/api/calendar")
    List<Entry> calendar(@RequestParam int season) {
        Range.of(2000, 2099, "year").check("season", season);
        return calendar.of(season);
    }

    @GetMapping("/api/calendar/file")
    ResponseEntity<String> file(@RequestParam int season) {
        return ResponseEntity.ok()
                .contentType(ICALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"season-" + season + ".ics\"")
                .body(file(Optional.empty()).of(calendar(season)));
    }

    @GetMapping("/api/calendar/feeds")
    List<FeedView> open() {
        return feeds.open();
    }

    @PostMapping("/api/calendar/feeds")
    FeedView make(@Valid @RequestBody Opening opening) {
        return feeds.make(opening.secret(), opening.reminds());
    }

    @PostMapping("/api/calendar/feeds/{id}/revoked")
    void revoke(@PathVariable UUID id, @Valid @RequestBody Revocation revocation) {
        feeds.revoke(id, revocation.version());
    }

    /** What is still to come of this season and the next, for whoever knows the address. */
    @GetMapping("/calendar/{secret}.ics")
    ResponseEntity<String> feed(@PathVariable String secret) {
        Optional<Duration> reminds = feeds.reminds(secret);
        LocalDate today = time.today();
        List<Entry> entries = Stream.concat(
                        calendar.of(today.getYear()).stream(), calendar.of(today.getYear() + 1).stream())
                .filter(entry -> !entry.to().isBefore(today))
                .toList();
        return ResponseEntity.ok()
                .contentType(ICALENDAR)
                .cacheControl(CacheControl.noCache())
                .body(file(reminds).of(entries));
    }

    private CalendarFile file(Optional<Duration> reminds) {
        return new CalendarFile(
                farms.get().name(),
                ServletUriComponentsBuilder.fromCurrentContextPath().toUriString(),
                time.today(),
                reminds);
    }
}
