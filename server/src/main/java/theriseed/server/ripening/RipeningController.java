package theriseed.server.ripening;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;

/** Watching ripening over HTTP. */
@RestController
class RipeningController {
    private final Ripening ripening;
    private final FarmTime time;

    RipeningController(Ripening ripening, FarmTime time) {
        this.ripening = ripening;
        this.time = time;
    }

    record RipeningVisitRequest(
            @NotNull UUID id,
            @NotNull LocalDate visitedOn,
            @NotNull Integer ripe,
            @NotNull Integer lookedAt,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        VisitFacts on(LocalDate day) {
            return new VisitFacts(day, ripe, lookedAt, note);
        }
    }

    @GetMapping("/api/plantings/{id}/ripening")
    Ripening.RipeningPage page(@PathVariable UUID id) {
        return ripening.of(id);
    }

    @PostMapping("/api/plantings/{id}/ripening-visits")
    RipeningVisitView visit(@PathVariable UUID id, @Valid @RequestBody RipeningVisitRequest request) {
        return ripening.visit(request.id(), id, request.on(Made.day(request.made(), request.visitedOn(), time)));
    }

    @PutMapping("/api/ripening-visits/{id}")
    RipeningVisitView correct(@PathVariable UUID id, @Valid @RequestBody RipeningVisitRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return ripening.correct(id, made.from(), made.because(), request.on(request.visitedOn()));
    }
}
