package theriseed.server.selection;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;

/** Choosing the best over HTTP. */
@RestController
class SelectionController {
    private final Selection selection;
    private final Trials trials;
    private final Scores scores;
    private final FarmTime time;

    SelectionController(Selection selection, Trials trials, Scores scores, FarmTime time) {
        this.selection = selection;
        this.trials = trials;
        this.scores = scores;
        this.time = time;
    }

    record TraitRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull Double low,
            @NotNull Double high,
            @NotNull Boolean moreIsBetter) {}

    record CandidateRequest(
            @NotNull UUID id,
            @NotNull CandidateKind kind,
            @NotBlank @Size(max = 20) String tag,
            @NotNull LocalDate markedOn,
            @Maybe UUID fromRowId,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made) {}

    record Kept(UUID id) {}

    record VisitRequest(
            @NotNull UUID id,
            @NotNull UUID traitId,
            @NotNull LocalDate scoredOn,
            @NotEmpty @Size(max = 5000) List<@Valid Mark> marks,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    record ChosenRequest(@NotNull @Size(max = 5000) List<@NotNull UUID> kept) {}

    record RowRequest(
            @Maybe UUID motherId,
            @NotNull Boolean compared,
            @NotBlank @Size(max = 40) String subLot) {}

    record TrialRequest(
            @NotNull UUID id,
            @NotNull UUID plantingId,
            @NotBlank @Size(max = 80) String name,
            @NotNull Integer blocks,
            @NotEmpty @Size(max = 400) List<@Valid RowRequest> rows) {}

    record DecisionRequest(
            @NotNull Integer version,
            @NotNull RowDecision decision,
            @NotBlank @Size(max = 300) String reason) {}

    @GetMapping("/api/plantings/{id}/selection")
    Selection.SelectionPage page(@PathVariable UUID id, @RequestParam(required = false) Double heritability) {
        return selection.page(id, heritability);
    }

    @PostMapping("/api/varieties/{id}/traits")
    TraitView trait(@PathVariable UUID id, @Valid @RequestBody TraitRequest request) {
        return scores.make(id, new TraitFacts(request.name(), request.low(), request.high(), request.moreIsBetter()));
    }

    @PostMapping("/api/plantings/{id}/candidates")
    Kept mark(@PathVariable UUID id, @Valid @RequestBody CandidateRequest request) {
        LocalDate day = Made.day(request.made(), request.markedOn(), time);
        return new Kept(selection.mark(
                request.id(),
                id,
                new CandidateFacts(request.kind(), request.tag(), day, request.fromRowId(), request.note())));
    }

    @PostMapping("/api/plantings/{id}/visits")
    VisitView visit(@PathVariable UUID id, @Valid @RequestBody VisitRequest request) {
        LocalDate day = Made.day(request.made(), request.scoredOn(), time);
        return selection.visit(request.id(), id, request.traitId(), day, request.marks());
    }

    @PostMapping("/api/plantings/{id}/chosen")
    void choose(@PathVariable UUID id, @Valid @RequestBody ChosenRequest request) {
        selection.choose(id, request.kept());
    }

    @PostMapping("/api/trials")
    Kept sow(@Valid @RequestBody TrialRequest request) {
        return new Kept(trials.sow(
                request.id(),
                request.plantingId(),
                request.name(),
                request.blocks(),
                request.rows().stream()
                        .map(row -> new Trials.Sown(row.motherId(), row.compared(), row.subLot()))
                        .toList()));
    }

    @GetMapping("/api/trials/{id}")
    Trials.TrialPage trial(@PathVariable UUID id) {
        return trials.get(id);
    }

    @PostMapping("/api/trials/{id}/visits")
    VisitView visitTrial(@PathVariable UUID id, @Valid @RequestBody VisitRequest request) {
        LocalDate day = Made.day(request.made(), request.scoredOn(), time);
        return trials.visit(request.id(), id, request.traitId(), day, request.marks());
    }

    @PutMapping("/api/visits/{id}")
    VisitView correct(@PathVariable UUID id, @Valid @RequestBody VisitRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return scores.correct(id, made.from(), made.because(), request.marks());
    }

    @PutMapping("/api/progeny-rows/{id}/decision")
    void decide(@PathVariable UUID id, @Valid @RequestBody DecisionRequest request) {
        trials.decide(id, request.version(), request.decision(), request.reason());
    }
}
