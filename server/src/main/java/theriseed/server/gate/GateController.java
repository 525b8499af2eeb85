package theriseed.server.gate;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.lot.SaleGate;

/** Overruling the gate over HTTP. */
@RestController
class GateController {
    private final Overrulings overrulings;

    GateController(Overrulings overrulings) {
        this.overrulings = overrulings;
    }

    /** @param lawful the grower's word that the local law lets such seed be sold */
    record OverruleRequest(
            @NotNull SaleGate.Reason reason,
            @NotBlank String why,
            @NotNull Boolean lawful) {}

    record WithdrawRequest(@NotBlank String why) {}

    @PostMapping("/api/lots/{number}/overrulings")
    List<OverrulingView> overrule(@PathVariable String number, @Valid @RequestBody OverruleRequest request) {
        return overrulings.overrule(number, request.reason(), request.why(), request.lawful());
    }

    @PostMapping("/api/overrulings/{id}/withdraw")
    OverrulingView withdraw(@PathVariable UUID id, @Valid @RequestBody WithdrawRequest request) {
        return overrulings.withdraw(id, request.why());
    }
}
