package theriseed.server.quality;

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
import theriseed.core.quality.MoistureResult;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** Tests over HTTP. */
@RestController
class QualityController {
    private final Quality quality;

    QualityController(Quality quality) {
        this.quality = quality;
    }

    private static <T> List<T> orNone(List<T> some) {
        return some == null ? List.of() : some;
    }

    private static String orEmpty(String words) {
        return words == null ? "" : words;
    }

    /**
     * A test that is set, or was counted already.
     *
     * @param method paper where it is not said
     * @param replicates as many as were counted, else four
     * @param counts normal seedlings of each replicate at the last count
     */
    record GerminationRequest(
            @NotNull LocalDate setOn,
            @Maybe Method method,
            @Maybe @Size(max = 200) String treatment,
            @NotNull Integer perReplicate,
            @Maybe Integer replicates,
            @Maybe LocalDate firstOn,
            @Maybe List<@NotNull Integer> firstCounts,
            @Maybe LocalDate countedOn,
            @Maybe List<@NotNull Integer> counts,
            @Maybe List<@NotNull Integer> hard,
            @Maybe List<@NotNull Integer> fresh,
            @Maybe List<@NotNull Integer> abnormal,
            @Maybe List<@NotNull Integer> dead,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        GerminationFacts facts() {
            List<Integer> normal = orNone(counts);
            return new GerminationFacts(
                    setOn,
                    method == null ? Method.PAPER : method,
                    orEmpty(treatment),
                    perReplicate,
                    replicates != null ? replicates : normal.isEmpty() ? 4 : normal.size(),
                    firstOn,
                    orNone(firstCounts),
                    countedOn,
                    GerminationFacts.replicates(normal, hard, fresh, abnormal, dead),
                    orEmpty(note));
        }
    }

    @PostMapping("/api/lots/{number}/germination")
    GerminationView germination(@PathVariable String number, @Valid @RequestBody GerminationRequest request) {
        return quality.germination(number, request.facts());
    }

    @PutMapping("/api/germination/{id}")
    GerminationView correct(@PathVariable UUID id, @Valid @RequestBody GerminationRequest request) {
        return quality.correctGermination(id, new Changed(request.version(), request.reason()), request.facts());
    }

    /**
     * A count of a test that runs.
     *
     * @param last whether it is the last one; the first count has normal seedlings only
     * @param counts normal seedlings since it was set, those taken out at the first count among them
     */
    record SeedlingCountRequest(
            @NotNull Integer version,
            @NotNull LocalDate countedOn,
            @NotNull Boolean last,
            @NotNull List<@NotNull Integer> counts,
            @Maybe List<@NotNull Integer> hard,
            @Maybe List<@NotNull Integer> fresh,
            @Maybe List<@NotNull Integer> abnormal,
            @Maybe List<@NotNull Integer> dead,
            @Maybe @Size(max = 300) String note) {
        GerminationFacts of(GerminationFacts set) {
            return new GerminationFacts(
                    set.setOn(),
                    set.method(),
                    set.treatment(),
                    set.perReplicate(),
                    set.replicates(),
                    last ? set.firstOn() : countedOn,
                    last ? set.firstCounts() : counts,
                    last ? countedOn : null,
                    last ? GerminationFacts.replicates(counts, hard, fresh, abnormal, dead) : List.of(),
                    note == null ? set.note() : note);
        }
    }

    @PostMapping("/api/germination/{id}/count")
    GerminationView count(@PathVariable UUID id, @Valid @RequestBody SeedlingCountRequest request) {
        return quality.count(id, request.version(), request::of);
    }

    record SpoiltRequest(@NotBlank String why) {}

    @PostMapping("/api/germination/{id}/spoilt")
    GerminationView spoilt(@PathVariable UUID id, @Valid @RequestBody SpoiltRequest request) {
        return quality.spoilt(id, request.why());
    }

    /** @param alive living weevils; none where it is not said */
    record WeevilRequest(
            @NotNull LocalDate lookedOn,
            @NotNull Integer seeds,
            @NotNull Integer bored,
            @Maybe Integer alive,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        WeevilFacts facts() {
            return new WeevilFacts(lookedOn, seeds, bored, alive == null ? 0 : alive);
        }
    }

    @PostMapping("/api/lots/{number}/weevils")
    WeevilLookView weevils(@PathVariable String number, @Valid @RequestBody WeevilRequest request) {
        return quality.weevils(number, request.facts());
    }

    @PutMapping("/api/weevil-looks/{id}")
    WeevilLookView weevils(@PathVariable UUID id, @Valid @RequestBody WeevilRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return quality.correctWeevils(id, made, request.facts());
    }

    /** @param counted seeds, where all of the lot was counted and weighed at once */
    record SeedWeightRequest(
            @NotNull LocalDate weighedOn,
            @NotNull List<@NotNull Double> grams,
            @Maybe Integer counted,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        SeedWeightFacts facts() {
            return new SeedWeightFacts(weighedOn, grams, counted, orEmpty(note));
        }
    }

    @PostMapping("/api/lots/{number}/seed-weight")
    SeedWeightView seedWeight(@PathVariable String number, @Valid @RequestBody SeedWeightRequest request) {
        return quality.seedWeight(number, request.facts());
    }

    @PutMapping("/api/seed-weights/{id}")
    SeedWeightView seedWeight(@PathVariable UUID id, @Valid @RequestBody SeedWeightRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return quality.correctSeedWeight(id, made, request.facts());
    }

    /** Grams; the start, and the parts it was sorted into. */
    record PurityRequest(
            @NotNull LocalDate testedOn,
            @NotNull BigDecimal initial,
            @NotNull BigDecimal pure,
            @NotNull BigDecimal other,
            @NotNull BigDecimal weed,
            @NotNull BigDecimal inert,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        PurityFacts facts() {
            return new PurityFacts(testedOn, initial, pure, other, weed, inert, orEmpty(note));
        }
    }

    @PostMapping("/api/lots/{number}/purity")
    PurityView purity(@PathVariable String number, @Valid @RequestBody PurityRequest request) {
        return quality.purity(number, request.facts());
    }

    @PutMapping("/api/purity/{id}")
    PurityView purity(@PathVariable UUID id, @Valid @RequestBody PurityRequest request) {
        return quality.correctPurity(id, new Changed(request.version(), request.reason()), request.facts());
    }

    /** Dishes of the oven, grams, or readings of a meter, percent. */
    record MoistureRequest(
            @NotNull LocalDate measuredOn,
            @Maybe List<MoistureResult.@NotNull Dish> dishes,
            @Maybe List<@NotNull Double> readings,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        MoistureFacts facts() {
            return new MoistureFacts(measuredOn, orNone(dishes), orNone(readings), orEmpty(note));
        }
    }

    @PostMapping("/api/lots/{number}/moisture")
    MoistureView moisture(@PathVariable String number, @Valid @RequestBody MoistureRequest request) {
        return quality.moisture(number, request.facts());
    }

    @PutMapping("/api/moisture/{id}")
    MoistureView moisture(@PathVariable UUID id, @Valid @RequestBody MoistureRequest request) {
        return quality.correctMoisture(id, new Changed(request.version(), request.reason()), request.facts());
    }

    record CutRequest(
            @NotNull LocalDate cutOn,
            @NotNull Integer sound,
            @NotNull Integer empty,
            @NotNull Integer eaten,
            @NotNull Integer shrunken,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        CutFacts facts() {
            return new CutFacts(cutOn, sound, empty, eaten, shrunken, orEmpty(note));
        }
    }

    @PostMapping("/api/lots/{number}/cut")
    CutView cut(@PathVariable String number, @Valid @RequestBody CutRequest request) {
        return quality.cut(number, request.facts());
    }

    @PutMapping("/api/cuts/{id}")
    CutView cut(@PathVariable UUID id, @Valid @RequestBody CutRequest request) {
        return quality.correctCut(id, new Changed(request.version(), request.reason()), request.facts());
    }

    record GrowOutRequest(
            @NotNull LocalDate sownOn,
            @NotNull LocalDate examinedOn,
            @NotNull Integer plants,
            @NotNull Integer offTypes,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        GrowOutFacts facts() {
            return new GrowOutFacts(sownOn, examinedOn, plants, offTypes, orEmpty(note));
        }
    }

    @PostMapping("/api/lots/{number}/grow-outs")
    GrowOutView growOut(@PathVariable String number, @Valid @RequestBody GrowOutRequest request) {
        return quality.growOut(number, request.facts());
    }

    @PutMapping("/api/grow-outs/{id}")
    GrowOutView growOut(@PathVariable UUID id, @Valid @RequestBody GrowOutRequest request) {
        return quality.correctGrowOut(id, new Changed(request.version(), request.reason()), request.facts());
    }
}
