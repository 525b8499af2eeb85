package theriseed.server.sown;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
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
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;
import theriseed.server.stall.TakenFor;
import theriseed.server.stall.Withdrawals;

/** What plantings were sown with, over HTTP. */
@RestController
class SownController {
    private final Sowings sowings;
    private final Withdrawals withdrawals;
    private final Elsewhere elsewhere;

    SownController(Sowings sowings, Withdrawals withdrawals, Elsewhere elsewhere) {
        this.sowings = sowings;
        this.withdrawals = withdrawals;
        this.elsewhere = elsewhere;
    }

    @GetMapping("/api/plantings/{id}/sown")
    SownView sown(@PathVariable UUID id) {
        return sowings.of(id);
    }

    /** Seed of a lot of the farm: grams of its bulk, or packets of a run. */
    record OwnSeedRequest(
            @NotBlank String number,
            @NotNull LocalDate sownOn,
            @Maybe BigDecimal mass,
            @Maybe UUID packingRunId,
            @Maybe Integer packets,
            @NotNull @Size(max = 300) String note) {}

    @PostMapping("/api/plantings/{id}/sown")
    SownView sow(@PathVariable UUID id, @Valid @RequestBody OwnSeedRequest request) {
        withdrawals.take(
                request.number(),
                new Withdrawals.WithdrawalFacts(
                        TakenFor.SOWN,
                        request.sownOn(),
                        request.mass(),
                        request.packingRunId(),
                        request.packets(),
                        request.note(),
                        id));
        return sowings.of(id);
    }

    record ElsewhereRequest(
            @NotNull LocalDate sownOn,
            @NotBlank @Size(max = 120) String supplier,
            @NotNull @Size(max = 60) String theirNumber,
            @Maybe Integer grownIn,
            @NotNull @Size(max = 120) String treatment,
            @Maybe BigDecimal mass,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        ElsewhereFacts facts() {
            return new ElsewhereFacts(sownOn, supplier, theirNumber, grownIn, treatment, mass, note);
        }
    }

    @PostMapping("/api/plantings/{id}/sown-from-elsewhere")
    SownView sow(@PathVariable UUID id, @Valid @RequestBody ElsewhereRequest request) {
        elsewhere.sow(id, request.facts());
        return sowings.of(id);
    }

    @PutMapping("/api/sown-from-elsewhere/{id}")
    ElsewhereView correct(@PathVariable UUID id, @Valid @RequestBody ElsewhereRequest request) {
        return elsewhere.correct(id, new Changed(request.version(), request.reason()), request.facts());
    }

    @PutMapping("/api/sown-from-elsewhere/{id}/undone")
    ElsewhereView undo(@PathVariable UUID id, @Valid @RequestBody Changed request) {
        return elsewhere.undo(id, request);
    }
}
