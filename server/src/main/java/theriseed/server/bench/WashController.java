package theriseed.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** Washes in an alkaline cleaner over HTTP. */
@RestController
class WashController {
    private final Washes washes;

    WashController(Washes washes) {
        this.washes = washes;
    }

    @GetMapping("/api/steps/{id}/wash")
    WashView wash(@PathVariable UUID id) {
        return washes.of(id);
    }

    record WashRequest(
            @NotNull @Size(max = 80) String product,
            @NotNull @Size(max = 60) String dose,
            @NotNull Integer minutes,
            @NotNull @Size(max = 40) String batch,
            @Maybe Integer rinses,
            @NotNull @Size(max = 200) String disposal,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        WashFacts facts() {
            return new WashFacts(product, dose, minutes, batch, rinses, disposal);
        }
    }

    @PutMapping("/api/steps/{id}/wash")
    WashView say(@PathVariable UUID id, @Valid @RequestBody WashRequest request) {
        return washes.say(id, new Changed(request.version(), request.reason()), request.facts());
    }
}
