package theriseed.server.harvest;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** Picking over HTTP. */
@RestController
class HarvestController {
    private final Harvests harvests;

    HarvestController(Harvests harvests) {
        this.harvests = harvests;
    }

    record HarvestRequest(
            @NotNull LocalDate pickedOn,
            @NotNull BigDecimal mass,
            @NotNull Integer plants,
            @NotNull @Size(max = 500) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        HarvestFacts facts() {
            return new HarvestFacts(pickedOn, mass, plants, note);
        }
    }

    @PostMapping("/api/lots/{number}/harvest")
    HarvestView record(@PathVariable String number, @Valid @RequestBody HarvestRequest request) {
        return harvests.record(number, request.facts());
    }

    @PutMapping("/api/lots/{number}/harvest")
    HarvestView correct(@PathVariable String number, @Valid @RequestBody HarvestRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return harvests.correct(number, made.from(), made.because(), request.facts());
    }
}
