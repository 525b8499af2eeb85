package theriseed.server.lot;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Grade;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReasonRequest;

/** Making, holding and releasing lots over HTTP. */
@RestController
class LotController {
    private final NewLots newLots;
    private final LotDecisions decisions;

    LotController(NewLots newLots, LotDecisions decisions) {
        this.newLots = newLots;
        this.decisions = decisions;
    }

    /** @param untagged whether it is fruit that nobody tagged */
    record LotRequest(
            @NotNull UUID plantingId,
            @Maybe UUID ringId,
            @Maybe Boolean untagged) {}

    @PostMapping("/api/lots")
    LotView make(@Valid @RequestBody LotRequest request) {
        return newLots.make(request.plantingId(), request.ringId(), Boolean.TRUE.equals(request.untagged()));
    }

    @PostMapping("/api/lots/{number}/hold")
    LotView hold(@PathVariable String number, @Valid @RequestBody ReasonRequest request) {
        return decisions.hold(number, request.reason());
    }

    record GradeRequest(
            @NotNull Integer version,
            @NotNull Grade grade,
            @NotBlank String reason) {}

    @PutMapping("/api/lots/{number}/grade")
    LotView regrade(@PathVariable String number, @Valid @RequestBody GradeRequest request) {
        return decisions.regrade(number, request.version(), request.grade(), request.reason());
    }

    @PostMapping("/api/lots/{number}/release")
    LotView release(@PathVariable String number, @Valid @RequestBody ReasonRequest request) {
        return decisions.release(number, request.reason());
    }
}
