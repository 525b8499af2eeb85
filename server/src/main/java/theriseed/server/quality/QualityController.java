package theriseed.server.quality;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** Tests over HTTP. */
@RestController
class QualityController {
    private final Quality quality;

    QualityController(Quality quality) {
        this.quality = quality;
    }

    record GerminationRequest(
            @NotNull LocalDate setOn,
            @NotNull LocalDate countedOn,
            @NotNull Integer perReplicate,
            @NotNull List<@NotNull Integer> counts,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    record SeedWeightRequest(
            @NotNull LocalDate weighedOn, @NotNull List<@NotNull Double> grams) {}

    @PostMapping("/api/lots/{number}/germination")
    GerminationView germination(@PathVariable String number, @Valid @RequestBody GerminationRequest request) {
        return quality.germination(
                number, request.setOn(), request.countedOn(), request.perReplicate(), request.counts());
    }

    @PutMapping("/api/germination/{id}")
    GerminationView correct(@PathVariable UUID id, @Valid @RequestBody GerminationRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return quality.correct(
                id,
                made.from(),
                made.because(),
                request.setOn(),
                request.countedOn(),
                request.perReplicate(),
                request.counts());
    }

    record WeevilRequest(
            @NotNull LocalDate lookedOn,
            @NotNull Integer seeds,
            @NotNull Integer bored,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PostMapping("/api/lots/{number}/weevils")
    WeevilLookView weevils(@PathVariable String number, @Valid @RequestBody WeevilRequest request) {
        return quality.weevils(number, request.lookedOn(), request.seeds(), request.bored());
    }

    @PutMapping("/api/weevil-looks/{id}")
    WeevilLookView weevils(@PathVariable UUID id, @Valid @RequestBody WeevilRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return quality.correctWeevils(
                id, made.from(), made.because(), request.lookedOn(), request.seeds(), request.bored());
    }

    @PostMapping("/api/lots/{number}/seed-weight")
    SeedWeightView seedWeight(@PathVariable String number, @Valid @RequestBody SeedWeightRequest request) {
        return quality.seedWeight(number, request.weighedOn(), request.grams());
    }
}
