package theriseed.server.walk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Crop;
import theriseed.server.base.Changed;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.Maybe;
import theriseed.server.handbook.Crops;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Walking a planting over HTTP. */
@RestController
class WalkController {
    private final Walks walks;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;

    WalkController(Walks walks, Plantings plantings, Crops crops, Corrections corrections) {
        this.walks = walks;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
    }

    record OffTypeRequest(
            @NotBlank @Size(max = 120) String kind, @NotNull Integer plants) {}

    record WalkRequest(
            @NotNull UUID id,
            @NotBlank @Size(max = 80) String stage,
            @NotNull LocalDate walkedOn,
            @NotNull Integer lookedAt,
            @NotNull List<@Valid OffTypeRequest> offTypes,
            @NotNull Integer sick,
            @NotNull @Size(max = 500) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        WalkFacts facts() {
            return new WalkFacts(
                    stage,
                    walkedOn,
                    lookedAt,
                    offTypes.stream()
                            .map(kind -> new WalkFacts.OffType(kind.kind(), kind.plants()))
                            .toList(),
                    sick,
                    note);
        }
    }

    /** Everything the walk screen needs: what to look for, and what was found so far. */
    record WalkPage(
            PlantingView planting,
            List<Crop.Stage> stages,
            List<String> commonOffTypes,
            String hazards,
            List<WalkView> walks,
            @Maybe StageVerdict verdict,
            List<CorrectionView> corrections) {}

    record SoFar(@Maybe StageVerdict verdict) {}

    @GetMapping("/api/plantings/{id}/walks")
    WalkPage walks(@PathVariable UUID id) {
        PlantingView planting = plantings.get(id);
        Crop crop = crops.get(planting.variety().cropKey());
        List<WalkView> walked = walks.of(id);
        Map<UUID, StageVerdict> verdicts = walks.verdicts(List.of(planting));
        return new WalkPage(
                planting,
                crop.rogueStages(),
                crop.commonOffTypes(),
                crop.hazards(),
                walked,
                verdicts.get(id),
                corrections.of(walked.stream().map(WalkView::id).toList()));
    }

    @GetMapping("/api/plantings/{id}/walks/so-far")
    SoFar soFar(
            @PathVariable UUID id, @RequestParam String stage, @RequestParam int lookedAt, @RequestParam int offTypes) {
        return new SoFar(walks.soFar(id, stage, lookedAt, offTypes).orElse(null));
    }

    @PostMapping("/api/plantings/{id}/walks")
    WalkView record(@PathVariable UUID id, @Valid @RequestBody WalkRequest request) {
        return walks.record(request.id(), id, request.facts());
    }

    @PutMapping("/api/walks/{id}")
    WalkView correct(@PathVariable UUID id, @Valid @RequestBody WalkRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return walks.correct(id, made.from(), made.because(), request.facts());
    }
}
