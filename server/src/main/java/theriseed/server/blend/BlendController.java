package theriseed.server.blend;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;
import theriseed.server.lot.LotView;
import theriseed.server.lot.TransferView;

/** Blending and splitting lots over HTTP. */
@RestController
class BlendController {
    private final Blends blends;

    BlendController(Blends blends) {
        this.blends = blends;
    }

    record PortionRequest(@NotBlank String number, @Maybe BigDecimal mass) {}

    record BlendRequest(
            @NotEmpty List<@NotNull @Valid PortionRequest> parts,
            @NotNull LocalDate transferredOn) {
        List<Blends.Portion> portions() {
            return parts.stream()
                    .map(part -> new Blends.Portion(part.number(), part.mass()))
                    .toList();
        }
    }

    /** @param masses grams of each part, or else {@code parts}: so many alike */
    record PartRequest(
            @Maybe List<@NotNull BigDecimal> masses,
            @Maybe Integer parts,
            @NotNull LocalDate transferredOn) {}

    @GetMapping("/api/lots/{number}/together")
    List<BlendPlan.Ingredient> together(@PathVariable String number) {
        return blends.together(number);
    }

    @PostMapping("/api/blends/preview")
    BlendPlan preview(@Valid @RequestBody BlendRequest request) {
        return blends.plan(request.portions());
    }

    @PostMapping("/api/blends")
    LotView blend(@Valid @RequestBody BlendRequest request) {
        return blends.blend(request.portions(), request.transferredOn());
    }

    @PostMapping("/api/lots/{number}/parts")
    List<LotView> part(@PathVariable String number, @Valid @RequestBody PartRequest request) {
        return request.masses() == null
                ? blends.partAlike(number, request.parts() == null ? 0 : request.parts(), request.transferredOn())
                : blends.part(number, request.masses(), request.transferredOn());
    }

    record CleanAgainRequest(
            @NotEmpty List<@NotNull StepKind> steps,
            @NotNull LocalDate on) {}

    /** Clean seed goes back to the bench; answers with the lot that goes on. */
    @PostMapping("/api/lots/{number}/clean-again")
    LotView cleanAgain(@PathVariable String number, @Valid @RequestBody CleanAgainRequest request) {
        return blends.cleanAgain(number, request.steps(), request.on());
    }

    /** What was transferred, in grams, and when. */
    record TransferRequest(
            @NotNull BigDecimal mass,
            @NotNull LocalDate transferredOn,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/transfers/{id}")
    TransferView correct(@PathVariable UUID id, @Valid @RequestBody TransferRequest request) {
        return blends.correctTransfer(
                id, new Changed(request.version(), request.reason()), request.mass(), request.transferredOn());
    }
}
