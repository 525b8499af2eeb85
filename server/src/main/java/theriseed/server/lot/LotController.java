package theriseed.server.lot;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Grade;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReasonRequest;
import theriseed.server.base.Refused;

/** Making, holding and releasing lots over HTTP. */
@RestController
class LotController {
    private final NewLots newLots;
    private final NumbersAside aside;
    private final Arrivals arrivals;
    private final LotDecisions decisions;

    LotController(NewLots newLots, NumbersAside aside, Arrivals arrivals, LotDecisions decisions) {
        this.newLots = newLots;
        this.aside = aside;
        this.arrivals = arrivals;
        this.decisions = decisions;
    }

    /**
     * @param untagged whether it is fruit that nobody tagged
     * @param number that was set aside for a phone, where seed was picked without a signal; absent for the next
     */
    record LotRequest(
            @NotNull UUID plantingId,
            @Maybe UUID ringId,
            @Maybe Boolean untagged,
            @Maybe @Size(max = 30) String number) {}

    @PostMapping("/api/lots")
    LotView make(@Valid @RequestBody LotRequest request) {
        boolean untagged = Boolean.TRUE.equals(request.untagged());
        return request.number() == null
                ? newLots.make(request.plantingId(), request.ringId(), untagged)
                : newLots.make(request.plantingId(), request.ringId(), untagged, request.number());
    }

    /** Numbers that a phone may give to lots of a planting's crop and season while it has no signal. */
    @PutMapping("/api/plantings/{id}/numbers-aside/{phone}")
    List<String> setAside(@PathVariable UUID id, @PathVariable UUID phone) {
        return aside.on(phone, id);
    }

    /** @param version and {@code reason} of a correction */
    record ArrivalRequest(
            @NotNull Came way,
            @NotNull LocalDate cameOn,
            @NotNull BigDecimal mass,
            @NotNull @Size(max = 120) String fromWhom,
            @NotNull @Size(max = 60) String oldNumber,
            @NotNull Integer grownIn,
            @Maybe Integer plants,
            @NotNull @Size(max = 120) String treatment,
            @Maybe Integer theirGermination,
            @Maybe LocalDate theirTestOn,
            @NotNull @Size(max = 300) String note,
            @Maybe UUID varietyId,
            @Maybe Grade grade,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        ArrivalFacts facts() {
            return new ArrivalFacts(
                    way,
                    cameOn,
                    mass,
                    fromWhom,
                    oldNumber,
                    grownIn,
                    plants,
                    treatment,
                    theirGermination,
                    theirTestOn,
                    note);
        }
    }

    /** Gives seed a number that came from elsewhere, or was here before there were records. */
    @PostMapping("/api/lots/arrivals")
    LotView arrived(@Valid @RequestBody ArrivalRequest request) {
        if (request.varietyId() == null) {
            throw Refused.missing("varietyId");
        }
        if (request.grade() == null) {
            throw Refused.missing("grade");
        }
        return arrivals.take(request.varietyId(), request.grade(), request.facts());
    }

    @PutMapping("/api/lots/arrivals/{id}")
    LotView correct(@PathVariable UUID id, @Valid @RequestBody ArrivalRequest request) {
        return arrivals.correct(id, new Changed(request.version(), request.reason()), request.facts());
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
