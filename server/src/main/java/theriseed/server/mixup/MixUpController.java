package theriseed.server.mixup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
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
import theriseed.server.base.Maybe;

/** Lots that may have been mixed up, over HTTP. */
@RestController
class MixUpController {
    private final MixUps mixUps;

    MixUpController(MixUps mixUps) {
        this.mixUps = mixUps;
    }

    @GetMapping("/api/lots/{number}/mix-ups")
    List<MixUpView> of(@PathVariable String number) {
        return mixUps.of(number);
    }

    /** @param other number of the other lot */
    record MixUpRequest(
            @NotBlank String other,
            @NotNull LocalDate foundOn,
            @NotNull @Size(max = 200) String what) {}

    @PostMapping("/api/lots/{number}/mix-ups")
    MixUpView find(@PathVariable String number, @Valid @RequestBody MixUpRequest request) {
        return mixUps.find(number, request.other(), request.foundOn(), request.what());
    }

    record MixUpEnding(
            @NotNull MixUp.Ending ending,
            @NotNull LocalDate endedOn,
            @NotNull @Size(max = 300) String how,
            @Maybe Integer version) {}

    @PutMapping("/api/mix-ups/{id}/ended")
    MixUpView end(@PathVariable UUID id, @Valid @RequestBody MixUpEnding request) {
        return mixUps.end(id, new Changed(request.version(), null), request.ending(), request.endedOn(), request.how());
    }
}
