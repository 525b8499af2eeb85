package theriseed.server.regeneration;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** What must be grown again, over HTTP. */
@RestController
class RegenerationController {
    private final Regenerations regenerations;

    RegenerationController(Regenerations regenerations) {
        this.regenerations = regenerations;
    }

    @GetMapping("/api/regeneration")
    List<RegenerationView> all() {
        return regenerations.all();
    }

    /** @param version of the figure that stood there; absent for the first */
    record DemandRequest(
            @NotNull BigDecimal grams,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/varieties/{id}/demand")
    void expect(@PathVariable UUID id, @Valid @RequestBody DemandRequest request) {
        regenerations.expect(id, request.grams(), request.note(), new Changed(request.version(), request.reason()));
    }
}
