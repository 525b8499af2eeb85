package theriseed.server.pollination;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;

/** Pollinating over HTTP. */
@RestController
class PollinationController {
    private final HandPollination hand;
    private final Covers covers;
    private final PollinationPages pages;
    private final FarmTime time;

    PollinationController(HandPollination hand, Covers covers, PollinationPages pages, FarmTime time) {
        this.hand = hand;
        this.covers = covers;
        this.pages = pages;
        this.time = time;
    }

    record BudsRequest(
            @NotNull Integer plant,
            @NotNull Integer females,
            @NotNull Integer males) {}

    record EveningRequest(
            @NotNull UUID id,
            @NotNull LocalDate closedOn,
            @NotEmpty @Size(max = 1000) List<@Valid BudsRequest> closed,
            @Maybe Made made) {}

    /** @param made when, by the phone's clock; now where it is not told */
    record FlowerRequest(
            @NotNull UUID id,
            @NotNull Integer mother,
            @NotNull @Size(max = 20) List<@Valid Father> fathers,
            @NotBlank @Size(max = 20) String tag,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    record TookRequest(
            @NotNull Boolean took,
            @NotNull LocalDate lookedOn,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    record AimRequest(
            @NotNull Integer version,
            @NotNull Integer seeds,
            @NotNull Double perFruit,
            @NotNull Double variation,
            @Maybe @Size(max = 300) String reason) {}

    record CoverRequest(
            @NotNull UUID id,
            @NotNull CoverKind kind,
            @NotBlank @Size(max = 20) String tag,
            @NotNull LocalDate putOn,
            @NotNull Boolean openFlowers,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        CoverFacts on(LocalDate day) {
            return new CoverFacts(kind, tag, day, openFlowers, note);
        }
    }

    record TakeBackRequest(
            @NotNull Integer version,
            @NotNull @Size(max = 300) String reason) {}

    record CoverEventRequest(
            @NotNull UUID id,
            @NotNull CoverEventKind kind,
            @NotNull LocalDate firstDay,
            @NotNull LocalDate lastDay,
            @Maybe Integer insects,
            @Maybe Made made) {}

    record OffRequest(
            @NotNull LocalDate takenOff,
            @NotNull Boolean fruitSet,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @GetMapping("/api/plantings/{id}/pollination")
    PollinationPages.PollinationPage page(@PathVariable UUID id) {
        return pages.of(id);
    }

    @PutMapping("/api/plantings/{id}/pollination-aim")
    AimView want(@PathVariable UUID id, @Valid @RequestBody AimRequest request) {
        return hand.want(
                id,
                request.version(),
                new AimFacts(request.seeds(), request.perFruit(), request.variation()),
                request.reason() == null ? "" : request.reason());
    }

    @PostMapping("/api/plantings/{id}/buds")
    EveningView close(@PathVariable UUID id, @Valid @RequestBody EveningRequest request) {
        List<Buds> closed = request.closed().stream()
                .map(buds -> new Buds(buds.plant(), buds.females(), buds.males()))
                .toList();
        return hand.close(request.id(), id, Made.day(request.made(), request.closedOn(), time), closed);
    }

    @PostMapping("/api/plantings/{id}/flowers")
    FlowerView pollinate(@PathVariable UUID id, @Valid @RequestBody FlowerRequest request) {
        return hand.pollinate(request.id(), id, facts(request, moment(request.made())));
    }

    @PutMapping("/api/flowers/{id}")
    FlowerView correct(@PathVariable UUID id, @Valid @RequestBody FlowerRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return hand.correct(id, made.from(), made.because(), facts(request, null));
    }

    private static FlowerFacts facts(FlowerRequest request, Instant moment) {
        return new FlowerFacts(request.mother(), request.fathers(), request.tag(), moment, request.note());
    }

    /** As long ago as the phone says, or now. */
    private Instant moment(Made made) {
        return made == null ? time.now() : made.moment(time);
    }

    @PutMapping("/api/flowers/{id}/took")
    FlowerView took(@PathVariable UUID id, @Valid @RequestBody TookRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        LocalDate day = Made.day(request.made(), request.lookedOn(), time);
        return hand.looked(id, request.took(), day, made.from(), made.because());
    }

    @PostMapping("/api/plantings/{id}/covers")
    CoverView cover(@PathVariable UUID id, @Valid @RequestBody CoverRequest request) {
        LocalDate day = Made.day(request.made(), request.putOn(), time);
        return covers.putOn(request.id(), id, request.on(day));
    }

    @PutMapping("/api/covers/{id}")
    CoverView correct(@PathVariable UUID id, @Valid @RequestBody CoverRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return covers.correct(id, made.from(), made.because(), request.on(request.putOn()));
    }

    /** What was written down of a cover did not happen. */
    @PutMapping("/api/cover-events/{id}/taken-back")
    CoverView takeBack(@PathVariable UUID id, @Valid @RequestBody TakeBackRequest request) {
        return covers.takeBack(id, request.version(), request.reason());
    }

    @PostMapping("/api/covers/{id}/events")
    CoverView did(@PathVariable UUID id, @Valid @RequestBody CoverEventRequest request) {
        return covers.did(request.id(), id, request.kind(), request.firstDay(), request.lastDay(), request.insects());
    }

    @PutMapping("/api/covers/{id}/off")
    CoverView takeOff(@PathVariable UUID id, @Valid @RequestBody OffRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return covers.takeOff(id, request.takenOff(), request.fruitSet(), made.from(), made.because());
    }
}
