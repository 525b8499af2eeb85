package theriseed.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Figure;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;
import theriseed.core.population.BreedingOut;
import theriseed.server.base.Changed;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;

/** Varieties, plantings and schemes over HTTP. */
@RestController
class SeasonController {
    private final Varieties varieties;
    private final Plantings plantings;
    private final PlantingTrials trials;
    private final WaysKept waysKept;
    private final Schemes schemes;
    private final Corrections corrections;
    private final ObjectProvider<Health> health;

    SeasonController(
            Varieties varieties,
            Plantings plantings,
            PlantingTrials trials,
            WaysKept waysKept,
            Schemes schemes,
            Corrections corrections,
            ObjectProvider<Health> health) {
        this.varieties = varieties;
        this.plantings = plantings;
        this.trials = trials;
        this.waysKept = waysKept;
        this.schemes = schemes;
        this.corrections = corrections;
        this.health = health;
    }

    record VarietyRequest(
            @NotBlank String cropKey,
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String source,
            @NotNull Integer yearReceived,
            @NotNull Boolean treated,
            @NotNull Boolean hybrid,
            @NotNull Boolean breedingOut,
            @Maybe @Size(max = 80) String bredFrom,
            @NotNull @Valid TrueToType trueToType,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        VarietyFacts facts() {
            return new VarietyFacts(
                    name,
                    source,
                    yearReceived,
                    treated,
                    hybrid,
                    breedingOut,
                    bredFrom == null ? "" : bredFrom,
                    trueToType);
        }
    }

    /** @param generations of a line bred out of a hybrid, by season; none of any other variety */
    record VarietyPage(
            VarietyView variety,
            List<PlantingView> plantings,
            Map<Integer, BreedingOut> generations,
            List<CorrectionView> corrections) {}

    /**
     * A season of the plan, or of a scheme.
     *
     * @param seasons for which something is planned
     * @param schemes that are open for it
     * @param sick plantings in which too many plants were sick
     */
    record SeasonView(
            int season,
            List<Integer> seasons,
            List<SchemeView> schemes,
            List<PlantingView> plantings,
            List<Health.Sick> sick) {}

    /**
     * @param ways out for a seed crop that is not clear
     * @param generation of a line bred out of a hybrid
     */
    record PlantingPage(
            PlantingView planting,
            List<WayView> ways,
            @Maybe BreedingOut generation,
            List<CorrectionView> corrections) {}

    @GetMapping("/api/varieties")
    PageOf<VarietyView> varieties(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "100") int size) {
        return varieties.matching(q, page, size);
    }

    @GetMapping("/api/varieties/{id}")
    VarietyPage variety(@PathVariable UUID id) {
        return new VarietyPage(
                varieties.get(id), plantings.ofVariety(id), plantings.generations(id), corrections.of(List.of(id)));
    }

    /** What is proposed for a planting of it in a season. */
    @GetMapping("/api/varieties/{id}/proposed")
    ProposalView proposed(@PathVariable UUID id, @RequestParam int season, @RequestParam Grade grade) {
        Range.of(2000, 2099, "year").check("season", season);
        return trials.proposed(id, season, grade);
    }

    @PostMapping("/api/varieties")
    VarietyView make(@Valid @RequestBody VarietyRequest request) {
        return varieties.make(request.cropKey(), request.facts());
    }

    @PutMapping("/api/varieties/{id}")
    VarietyView correct(@PathVariable UUID id, @Valid @RequestBody VarietyRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return varieties.correct(id, made.from(), made.because(), request.facts());
    }

    /** A planting tried otherwise; metres it is moved on the map, 0 when it stands where it is planned. */
    record Trial(
            @NotNull @Valid PlantingRequest planting,
            @Maybe Double east,
            @Maybe Double north) {}

    record GivingUp(
            @NotNull Integer version,
            @NotBlank @Size(max = 300) String reason,
            @NotNull Boolean givenUp) {}

    record FirstFlower(
            @NotNull Integer version,
            @NotNull LocalDate seenOn,
            @Maybe @Size(max = 300) String reason) {}

    /** @param without plantings of the plan that are not grown in it */
    record SchemeRequest(
            @NotBlank @Size(max = 80) String name,
            @NotNull Integer season,
            @Maybe List<@NotNull UUID> without) {}

    record WayKept(
            @NotNull @Valid PlannedTogether plan,
            @NotBlank @Size(max = 300) String reason) {}

    record SchemeEnd(@NotNull Integer version) {}

    @GetMapping("/api/seasons/{season}")
    SeasonView season(@PathVariable int season, @RequestParam(required = false) UUID scheme) {
        Range.of(2000, 2099, "year").check("season", season);
        List<PlantingView> grown = scheme == null ? plantings.of(season) : plantings.ofScheme(scheme);
        List<UUID> ids = grown.stream().map(PlantingView::id).toList();
        return new SeasonView(
                season,
                plantings.planned(),
                schemes.of(season),
                grown,
                health.stream().flatMap(known -> known.tooSick(ids).stream()).toList());
    }

    @GetMapping("/api/seasons/{season}/sites")
    List<SiteView> sites(@PathVariable int season) {
        return plantings.sites(season);
    }

    @GetMapping("/api/plantings/{id}/places")
    List<PlaceView> places(@PathVariable UUID id) {
        return trials.places(id);
    }

    @GetMapping("/api/plantings/{id}")
    PlantingPage planting(@PathVariable UUID id) {
        PlantingView planting = plantings.page(id);
        return new PlantingPage(
                planting,
                trials.waysOut(id),
                planting.variety().breedingOut()
                        ? plantings.generations(planting.variety().id()).get(planting.season())
                        : null,
                corrections.of(List.of(id)));
    }

    @PostMapping("/api/plantings/preview")
    PlantingView preview(@Valid @RequestBody PlantingRequest request) {
        return trials.preview(request.facts(), request.schemeId());
    }

    @PostMapping("/api/plantings")
    PlantingView plant(@Valid @RequestBody PlantingRequest request) {
        return plantings.make(request.facts(), request.schemeId());
    }

    @PutMapping("/api/plantings/{id}")
    PlantingView correct(@PathVariable UUID id, @Valid @RequestBody PlantingRequest request) {
        Changed made = request.made();
        return plantings.correct(id, made.from(), made.because(), request.facts());
    }

    /** What it would mean if a planting stood otherwise: the planting first, then every seed crop this touches. */
    @PostMapping("/api/plantings/{id}/tried")
    List<PlantingView> tried(@PathVariable UUID id, @Valid @RequestBody Trial trial) {
        return trials.tried(
                id,
                trial.planting().facts(),
                trial.east() == null ? 0 : trial.east(),
                trial.north() == null ? 0 : trial.north());
    }

    /** What it would mean if a way out were kept: the plantings it changes first, then every seed crop this touches. */
    @PostMapping("/api/seasons/{season}/ways-out/tried")
    List<PlantingView> tried(
            @PathVariable int season,
            @RequestParam(required = false) UUID scheme,
            @Valid @RequestBody PlannedTogether plan) {
        Range.of(2000, 2099, "year").check("season", season);
        return trials.tried(season, scheme, plan);
    }

    /** Keeps a way out: all that it changes, or nothing. */
    @PostMapping("/api/ways-out/kept")
    WaysKept.Kept keep(@Valid @RequestBody WayKept way) {
        return waysKept.keep(way.plan(), way.reason());
    }

    /** Takes a planting out of the plan, or back into it. */
    @PostMapping("/api/plantings/{id}/given-up")
    void giveUp(@PathVariable UUID id, @Valid @RequestBody GivingUp given) {
        plantings.giveUp(id, given.version(), given.reason(), given.givenUp());
    }

    @PostMapping("/api/plantings/{id}/first-flower")
    PlantingView flowered(@PathVariable UUID id, @Valid @RequestBody FirstFlower seen) {
        return plantings.flowered(id, seen.version(), seen.seenOn(), seen.reason() == null ? "" : seen.reason());
    }

    /** What changes in the plan if a figure of a crop were otherwise; without a value, if the general one ruled. */
    @GetMapping("/api/crops/{key}/figures/{figure}/changes")
    List<Consequence> ifKnown(
            @PathVariable String key, @PathVariable Figure figure, @RequestParam(required = false) Double value) {
        return trials.ifKnown(key, figure, value);
    }

    @PostMapping("/api/schemes")
    SchemeView scheme(@Valid @RequestBody SchemeRequest request) {
        return schemes.make(
                request.name(), request.season(), request.without() == null ? List.of() : request.without());
    }

    @GetMapping("/api/schemes/{id}")
    Schemes.Compared compared(@PathVariable UUID id) {
        return schemes.compared(id);
    }

    @PostMapping("/api/schemes/{id}/kept")
    void keep(@PathVariable UUID id, @Valid @RequestBody SchemeEnd end) {
        schemes.keep(id, end.version());
    }

    @PostMapping("/api/schemes/{id}/dropped")
    void drop(@PathVariable UUID id, @Valid @RequestBody SchemeEnd end) {
        schemes.drop(id, end.version());
    }
}
