package theriseed.server.handbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.bench.Chain;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.BreedingSystem;
import theriseed.core.crop.ByGrade;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Figure;
import theriseed.core.crop.LifeCycle;
import theriseed.core.crop.PurityStandard;
import theriseed.core.crop.Schools;
import theriseed.core.crop.SeedProcess;
import theriseed.core.crop.Stage;
import theriseed.core.crop.Usual;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;

/** The crops, one line each, and a page for each. */
@RestController
class HandbookController {
    private final Crops crops;

    HandbookController(Crops crops) {
        this.crops = crops;
    }

    record CropLine(
            String key,
            String name,
            String species,
            String family,
            LifeCycle lifeCycle,
            @Maybe BreedingSystem breedingSystem,
            @Maybe SeedProcess seedProcess,
            List<String> aliases) {
        static CropLine of(Crop crop) {
            return new CropLine(
                    crop.key(),
                    crop.name(),
                    crop.species(),
                    crop.family(),
                    crop.lifeCycle(),
                    crop.breedingSystem().orElse(null),
                    crop.seedProcess().orElse(null),
                    crop.aliases());
        }
    }

    /** A crop this one crosses with: fully (share 1) or in part. */
    record Crossing(String key, String name, double share) {}

    record CropPage(
            CropLine crop,
            List<Crossing> crossesWith,
            double naturalOutcrossing,
            String vector,
            String selfIncompatible,
            String sexes,
            boolean crossesShowSameYear,
            @Maybe ByGrade isolation,
            String isolationNote,
            ByGrade plants,
            double baseTemperature,
            @Maybe Double degreeDaysToFlower,
            int floweringDays,
            int daysFlowerToRipeSeed,
            int ripeningSpreadDays,
            int vernalisationWeeks,
            String overwinter,
            double inRow,
            double betweenRows,
            List<StepKind> chain,
            String shatterRisk,
            String ferment,
            @Maybe Usual fermentHours,
            @Maybe Usual seedShare,
            double thousandSeedWeight,
            Usual seedPerPlant,
            @Maybe Double maxDryingTemperature,
            @Maybe Double storageMoisture,
            @Maybe PurityStandard purity,
            double germinationStandard,
            String testTemperature,
            int firstCountDay,
            int finalCountDay,
            String dormancyTreatment,
            double storageYears,
            String preSowingNote,
            String ripenessCues,
            List<Stage> stages,
            List<String> commonOffTypes,
            String hazards,
            List<Schools.Difference> schools,
            boolean own) {}

    @GetMapping("/api/crops")
    PageOf<CropLine> crops(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "100") int size) {
        var asked = PageOf.request(page, size);
        List<Crop> found = crops.matching(q);
        List<CropLine> shown = found.stream()
                .skip(asked.getOffset())
                .limit(size)
                .map(CropLine::of)
                .toList();
        return new PageOf<>(shown, page, (found.size() + size - 1) / size, found.size());
    }

    record FigureRequest(
            @Maybe Double value,
            @NotNull Integer version,
            @NotBlank @Size(max = 300) String reason) {}

    @GetMapping("/api/crops/{key}/figures")
    List<FigureView> figures(@PathVariable String key) {
        return crops.figures(key);
    }

    @PutMapping("/api/crops/{key}/figures/{figure}")
    FigureView keep(@PathVariable String key, @PathVariable Figure figure, @Valid @RequestBody FigureRequest request) {
        return crops.keep(key, figure, request.value(), request.version(), request.reason());
    }

    /** @param like key of the crop it is begun from */
    record OwnCropRequest(
            @NotBlank @Size(max = 40) String like,
            @NotNull @Size(max = 100) Map<@NotBlank @Size(max = 60) String, @NotNull @Size(max = 1000) String> cells) {}

    /** Begins a crop of the farm's own. */
    @PostMapping("/api/crops")
    OwnCropView begin(@Valid @RequestBody OwnCropRequest request) {
        return crops.begin(request.like(), request.cells());
    }

    /** What is the farm's own of a crop of its own. */
    @GetMapping("/api/crops/{key}/own")
    OwnCropView own(@PathVariable String key) {
        return crops.own(key);
    }

    /** @param cells all that are its own; those that are as usual are left out */
    record OwnCropCorrection(
            @NotNull @Size(max = 100) Map<@NotBlank @Size(max = 60) String, @NotNull @Size(max = 1000) String> cells,
            @NotNull Integer version,
            @NotBlank @Size(max = 300) String reason) {}

    @PutMapping("/api/crops/{key}/own")
    OwnCropView correct(@PathVariable String key, @Valid @RequestBody OwnCropCorrection request) {
        return crops.correct(key, request.cells(), request.version(), request.reason());
    }

    @GetMapping("/api/crops/{key}")
    CropPage crop(@PathVariable String key) {
        Crop crop = crops.get(key);
        return new CropPage(
                CropLine.of(crop),
                crops.crossingWith(crop).stream()
                        .map(other -> new Crossing(other.key(), other.name(), crop.takesPollenOf(other)))
                        .toList(),
                crop.naturalOutcrossing(),
                crop.vector(),
                crop.selfIncompatible(),
                crop.sexes(),
                crop.crossesShowSameYear(),
                crop.isolation().orElse(null),
                crop.isolationNote(),
                crop.plants(),
                crop.baseTemperature(),
                crop.degreeDaysToFlower().isPresent()
                        ? crop.degreeDaysToFlower().getAsDouble()
                        : null,
                crop.floweringDays(),
                crop.daysFlowerToRipeSeed(),
                crop.ripeningSpreadDays(),
                crop.vernalisationWeeks(),
                crop.overwinter(),
                crop.inRow(),
                crop.betweenRows(),
                crop.grownFromSeed() ? Chain.of(crop).steps() : List.of(),
                crop.shatterRisk(),
                crop.ferment(),
                crop.fermentHours().orElse(null),
                crop.seedShare().orElse(null),
                crop.thousandSeedWeight(),
                crop.seedPerPlant(),
                crop.maxDryingTemperature().isPresent()
                        ? crop.maxDryingTemperature().getAsDouble()
                        : null,
                crop.storageMoisture().isPresent() ? crop.storageMoisture().getAsDouble() : null,
                crop.handling().purity().orElse(null),
                crop.germinationStandard(),
                crop.testTemperature(),
                crop.firstCountDay(),
                crop.finalCountDay(),
                crop.dormancyTreatment(),
                crop.storageYears(),
                crop.preSowingNote(),
                crop.ripenessCues(),
                crop.stages(),
                crop.commonOffTypes(),
                crop.hazards(),
                Schools.about(crop),
                crops.isOwn(key));
    }
}
