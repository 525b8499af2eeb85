package theriseed.server.harvest;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;

/** Picking over HTTP. */
@RestController
class HarvestController {
    private final Harvests harvests;

    HarvestController(Harvests harvests) {
        this.harvests = harvests;
    }

    /** A pick; what is not told is a dry pick over the whole planting, ripe on the plants, into one container. */
    record PickRequest(
            @NotNull LocalDate pickedOn,
            @NotNull BigDecimal mass,
            @NotNull Integer plants,
            @Maybe Integer pieces,
            @Maybe Integer containers,
            @Maybe Dampness dampness,
            @Maybe PickedFrom pickedFrom,
            @Maybe @Size(max = 120) String which,
            @Maybe Boolean indoors,
            @Maybe @Size(max = 60) String pickedBy,
            @NotNull @Size(max = 500) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        PickFacts facts() {
            return new PickFacts(
                    pickedOn,
                    mass,
                    plants,
                    pieces,
                    containers == null ? 1 : containers,
                    dampness == null ? Dampness.DRY : dampness,
                    pickedFrom == null ? PickedFrom.PLANTING : pickedFrom,
                    which == null ? "" : which,
                    Boolean.TRUE.equals(indoors),
                    pickedBy == null ? "" : pickedBy,
                    note);
        }
    }

    @PostMapping("/api/lots/{number}/picks")
    PickView pick(@PathVariable String number, @Valid @RequestBody PickRequest request) {
        return harvests.pick(number, request.facts());
    }

    /** What is asked about a picking before it is kept. */
    @HandsWork
    @GetMapping("/api/plantings/{id}/picks/tried")
    Harvests.PickTried tried(
            @PathVariable UUID id,
            @RequestParam LocalDate pickedOn,
            @RequestParam(required = false) Integer plants,
            @RequestParam(required = false) Double mass) {
        return harvests.tried(id, pickedOn, plants, mass);
    }

    @PutMapping("/api/picks/{id}")
    PickView correct(@PathVariable UUID id, @Valid @RequestBody PickRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return harvests.correct(id, made.from(), made.because(), request.facts());
    }
}
