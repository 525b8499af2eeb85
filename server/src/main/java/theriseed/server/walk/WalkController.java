package theriseed.server.walk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;

/** Walking a planting over HTTP. */
@RestController
class WalkController {
    private final Walks walks;
    private final Rings rings;
    private final WalkPages pages;
    private final FarmTime time;

    WalkController(Walks walks, Rings rings, WalkPages pages, FarmTime time) {
        this.walks = walks;
        this.rings = rings;
        this.pages = pages;
        this.time = time;
    }

    record OffTypeRequest(
            @NotBlank @Size(max = 120) String kind,
            @NotNull Integer plants,
            @NotNull Fate fate,
            @NotNull @Size(max = 200) String reason) {}

    /** @param made when, by the phone's clock; the day typed counts when it is not told */
    record WalkRequest(
            @NotNull UUID id,
            @NotBlank @Size(max = 80) String stage,
            @NotNull LocalDate walkedOn,
            @NotNull Integer lookedAt,
            @NotNull @Size(max = 400) List<@NotNull Integer> rows,
            @Maybe Integer rowsInAll,
            @Maybe Boolean others,
            @NotNull @Size(max = 50) List<@Valid OffTypeRequest> offTypes,
            @NotNull Integer sick,
            @NotNull Integer stressed,
            @NotNull Integer bolted,
            @Maybe LocalDate sheddingSince,
            @Maybe Boolean notFlowered,
            @NotNull @Size(max = 500) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        WalkFacts facts() {
            return new WalkFacts(
                    stage,
                    walkedOn,
                    lookedAt,
                    rows,
                    rowsInAll,
                    Boolean.TRUE.equals(others),
                    offTypes.stream()
                            .map(kind -> new WalkFacts.OffType(kind.kind(), kind.plants(), kind.fate(), kind.reason()))
                            .toList(),
                    sick,
                    stressed,
                    bolted,
                    sheddingSince,
                    Boolean.TRUE.equals(notFlowered),
                    note);
        }
    }

    record RingRequest(
            @NotNull UUID id,
            @NotNull Integer row,
            @NotNull Double along,
            @NotNull Double radius,
            @NotNull Decision decision,
            @Maybe Grade grade,
            @NotBlank @Size(max = 300) String reason,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String because) {
        RingFacts facts() {
            return new RingFacts(row, along, radius, decision, grade, reason);
        }
    }

    record SoFar(@Maybe StageVerdict verdict) {}

    @GetMapping("/api/plantings/{id}/walks")
    WalkPages.WalkPage walks(@PathVariable UUID id) {
        return pages.of(id);
    }

    @GetMapping("/api/plantings/{id}/walks/so-far")
    SoFar soFar(
            @PathVariable UUID id,
            @RequestParam String stage,
            @RequestParam int lookedAt,
            @RequestParam int offTypes,
            @RequestParam(defaultValue = "0") int pulled,
            @RequestParam(defaultValue = "") List<Integer> rows,
            @RequestParam(defaultValue = "1") int rowsInAll,
            @RequestParam(defaultValue = "false") boolean others) {
        List<WalkFacts.OffType> off = new ArrayList<>();
        Range.of(0, offTypes, "plants").check("pulled", pulled);
        if (pulled > 0) {
            off.add(new WalkFacts.OffType("", pulled, Fate.PULLED, ""));
        }
        if (offTypes > pulled) {
            off.add(new WalkFacts.OffType("", offTypes - pulled, Fate.MARKED, ""));
        }
        WalkFacts now =
                new WalkFacts(stage, time.today(), lookedAt, rows, rowsInAll, others, off, 0, 0, 0, null, false, "");
        return new SoFar(walks.soFar(id, now).orElse(null));
    }

    @PostMapping("/api/plantings/{id}/walks")
    WalkView record(@PathVariable UUID id, @Valid @RequestBody WalkRequest request) {
        LocalDate day = Made.day(request.made(), request.walkedOn(), time);
        return walks.record(request.id(), id, request.facts().on(day));
    }

    @PutMapping("/api/walks/{id}")
    WalkView correct(@PathVariable UUID id, @Valid @RequestBody WalkRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return walks.correct(id, made.from(), made.because(), request.facts());
    }

    @PostMapping("/api/walks/{id}/rings")
    RingView decide(@PathVariable UUID id, @Valid @RequestBody RingRequest request) {
        return rings.decide(request.id(), id, request.facts());
    }

    @PutMapping("/api/rings/{id}")
    RingView decideAgain(@PathVariable UUID id, @Valid @RequestBody RingRequest request) {
        Changed made = new Changed(request.version(), request.because());
        return rings.correct(id, made.from(), made.because(), request.facts());
    }

    /** Rings of suspect seed of a season, for the map. */
    @GetMapping("/api/seasons/{season}/rings")
    List<WalkPages.RingOnMap> ringsOf(@PathVariable int season) {
        return pages.rings(season);
    }

    @GetMapping("/api/varieties/{id}/walks")
    StockHistory history(@PathVariable UUID id) {
        return walks.history(id);
    }
}
