package theriseed.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
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

/** Looks at bloom over HTTP. */
@RestController
class BloomLookController {
    private final BloomLooks looks;
    private final FarmTime time;

    BloomLookController(BloomLooks looks, FarmTime time) {
        this.looks = looks;
        this.time = time;
    }

    record BloomLookRequest(
            @NotNull UUID id,
            @NotNull LocalDate seenOn,
            @NotNull BloomLook.Seen seen,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        BloomLook.Facts facts(LocalDate day) {
            return new BloomLook.Facts(day, seen, note);
        }
    }

    @GetMapping("/api/plantings/{id}/bloom-looks")
    List<BloomLookView> looks(@PathVariable UUID id) {
        return looks.of(id);
    }

    @PostMapping("/api/plantings/{id}/bloom-looks")
    BloomLookView look(@PathVariable UUID id, @Valid @RequestBody BloomLookRequest request) {
        LocalDate day = Made.day(request.made(), request.seenOn(), time);
        return looks.record(request.id(), id, request.facts(day));
    }

    @PutMapping("/api/bloom-looks/{id}")
    BloomLookView correct(@PathVariable UUID id, @Valid @RequestBody BloomLookRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return looks.correct(id, made.from(), made.because(), request.facts(request.seenOn()));
    }
}
