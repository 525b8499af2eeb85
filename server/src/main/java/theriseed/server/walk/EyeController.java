package theriseed.server.walk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
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
import theriseed.server.base.Maybe;

/** How well off-types are recognised, over HTTP. */
@RestController
class EyeController {
    private final Eyes eyes;

    EyeController(Eyes eyes) {
        this.eyes = eyes;
    }

    record EyeCheckRequest(
            @NotNull UUID id,
            @NotNull LocalDate checkedOn,
            @NotNull EyeCheckFacts.How how,
            @NotBlank @Size(max = 120) String kind,
            @NotBlank @Size(max = 60) String walker,
            @NotNull @Size(max = 60) String other,
            @NotNull Integer first,
            @NotNull Integer second,
            @NotNull Integer both,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        EyeCheckFacts facts() {
            return new EyeCheckFacts(checkedOn, how, kind, walker, other, first, second, both, note);
        }
    }

    @GetMapping("/api/eyes")
    Eyes.EyesPage eyes() {
        return eyes.page();
    }

    @PostMapping("/api/eyes")
    Eyes.EyeCheckView record(@Valid @RequestBody EyeCheckRequest request) {
        return eyes.record(request.id(), request.facts());
    }

    @PutMapping("/api/eyes/{id}")
    Eyes.EyeCheckView correct(@PathVariable UUID id, @Valid @RequestBody EyeCheckRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return eyes.correct(id, made.from(), made.because(), request.facts());
    }
}
