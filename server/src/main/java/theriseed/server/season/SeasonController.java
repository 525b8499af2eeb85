package theriseed.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
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
import theriseed.core.crop.Grade;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;

/** Varieties and plantings over HTTP. */
@RestController
class SeasonController {
    private final Varieties varieties;
    private final Plantings plantings;
    private final Corrections corrections;

    SeasonController(Varieties varieties, Plantings plantings, Corrections corrections) {
        this.varieties = varieties;
        this.plantings = plantings;
        this.corrections = corrections;
    }

    record VarietyRequest(
            @NotBlank String cropKey,
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String source,
            @NotNull Integer yearReceived,
            @NotNull Boolean treated,
            @NotNull Boolean hybrid,
            @NotNull Boolean breedingOut,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        VarietyFacts facts() {
            return new VarietyFacts(name, source, yearReceived, treated, hybrid, breedingOut);
        }
    }

    record PlantingRequest(
            @NotNull Integer season,
            @NotNull UUID varietyId,
            @NotNull UUID plotId,
            @NotNull Purpose purpose,
            @NotNull Grade grade,
            @NotNull Boolean flowers,
            @NotNull LocalDate sownOn,
            @Maybe LocalDate setOutOn,
            @NotNull Integer plants,
            @NotNull Double germination,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        PlantingFacts facts() {
            return new PlantingFacts(
                    season, varietyId, plotId, purpose, grade, flowers, sownOn, setOutOn, plants, germination);
        }
    }

    record VarietyPage(VarietyView variety, List<PlantingView> plantings, List<CorrectionView> corrections) {}

    record SeasonView(int season, List<Integer> seasons, List<PlantingView> plantings) {}

    record PlantingPage(PlantingView planting, List<CorrectionView> corrections) {}

    @GetMapping("/api/varieties")
    PageOf<VarietyView> varieties(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "100") int size) {
        return varieties.matching(q, page, size);
    }

    @GetMapping("/api/varieties/{id}")
    VarietyPage variety(@PathVariable UUID id) {
        return new VarietyPage(varieties.get(id), plantings.ofVariety(id), corrections.of(List.of(id)));
    }

    @PostMapping("/api/varieties")
    VarietyView make(@Valid @RequestBody VarietyRequest request) {
        return varieties.make(request.cropKey(), request.facts());
    }

    @PutMapping("/api/varieties/{id}")
    VarietyView correct(@PathVariable UUID id, @Valid @RequestBody VarietyRequest request) {
        return varieties.correct(
                id,
                request.version() == null ? -1 : request.version(),
                request.reason() == null ? "" : request.reason(),
                request.facts());
    }

    @GetMapping("/api/seasons/{season}")
    SeasonView season(@PathVariable int season) {
        return new SeasonView(season, plantings.seasons(), plantings.of(season));
    }

    @GetMapping("/api/plantings/{id}")
    PlantingPage planting(@PathVariable UUID id) {
        return new PlantingPage(plantings.get(id), corrections.of(List.of(id)));
    }

    @PostMapping("/api/plantings/preview")
    PlantingView preview(@Valid @RequestBody PlantingRequest request) {
        return plantings.preview(request.facts());
    }

    @PostMapping("/api/plantings")
    PlantingView plant(@Valid @RequestBody PlantingRequest request) {
        return plantings.make(request.facts());
    }

    @PutMapping("/api/plantings/{id}")
    PlantingView correct(@PathVariable UUID id, @Valid @RequestBody PlantingRequest request) {
        return plantings.correct(
                id,
                request.version() == null ? -1 : request.version(),
                request.reason() == null ? "" : request.reason(),
                request.facts());
    }
}
