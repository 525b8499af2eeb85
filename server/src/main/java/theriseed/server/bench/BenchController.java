package theriseed.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.bench.FermentSchool;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.Setting;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;

/** Steps at the bench over HTTP. */
@RestController
class BenchController {
    private final Bench bench;
    private final WhatIf whatIf;
    private final Readings readings;
    private final Chains chains;
    private final Cautions cautions;
    private final SettingChecks checks;
    private final FarmTime time;

    BenchController(
            Bench bench,
            WhatIf whatIf,
            Readings readings,
            Chains chains,
            Cautions cautions,
            SettingChecks checks,
            FarmTime time) {
        this.checks = checks;
        this.whatIf = whatIf;
        this.chains = chains;
        this.cautions = cautions;
        this.bench = bench;
        this.readings = readings;
        this.time = time;
    }

    record ByProductRequest(
            @NotBlank @Size(max = 80) String what,
            @NotNull BigDecimal mass,
            @NotNull @Size(max = 80) String goneTo) {}

    /**
     * A step; times are the farm's own. Where they are absent a step begins, or ends, when it is made, which is now where no
     * phone tells otherwise.
     *
     * @param id made where there is no signal; absent for one the server makes
     */
    record StepRequest(
            @Maybe UUID id,
            @NotNull StepKind kind,
            @Maybe LocalDateTime begunAt,
            @Maybe LocalDateTime endedAt,
            @NotNull BigDecimal massIn,
            @NotNull BigDecimal waterAdded,
            @Maybe BigDecimal massOut,
            @NotNull List<@Valid ByProductRequest> byProducts,
            @Maybe Double moistureIn,
            @Maybe Double moistureOut,
            @Maybe Double temperature,
            @Maybe Double target,
            @Maybe Integer minutes,
            @Maybe Integer people,
            @Maybe @Size(max = 80) String vessels,
            @Maybe @Size(max = 80) String way,
            @Maybe Double hole,
            @Maybe Integer rounds,
            @Maybe MissingReason missingReason,
            @NotNull @Size(max = 300) String missingBecause,
            @Maybe @Size(max = 300) String dampBecause,
            @NotNull @Size(max = 500) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        boolean ends() {
            return massOut != null;
        }
    }

    /** Lots of a planting that another pick may join. */
    @GetMapping("/api/plantings/{id}/open-lots")
    List<Bench.OpenLot> open(@PathVariable UUID id) {
        return bench.open(id);
    }

    @PostMapping("/api/lots/{number}/steps/preview")
    StepTried preview(
            @PathVariable String number,
            @RequestParam(required = false) UUID corrects,
            @Valid @RequestBody StepRequest request) {
        return whatIf.step(number, corrects, facts(request, corrects));
    }

    /** What another mass of a pick, grams, would change in the steps after it. */
    @GetMapping("/api/picks/{id}/changes")
    LotChanges changes(@PathVariable UUID id, @RequestParam BigDecimal mass) {
        return whatIf.pick(id, mass);
    }

    @PostMapping("/api/lots/{number}/steps")
    StepView begin(@PathVariable String number, @Valid @RequestBody StepRequest request) {
        StepFacts facts = facts(request, null);
        return request.id() == null ? bench.begin(number, facts) : bench.begin(number, request.id(), facts);
    }

    @PutMapping("/api/steps/{id}")
    StepView change(@PathVariable UUID id, @Valid @RequestBody StepRequest request) {
        int version = request.version() == null ? -1 : request.version();
        return request.reason() == null
                ? bench.finish(id, version, facts(request, id))
                : bench.correct(id, version, facts(request, id), request.reason());
    }

    /**
     * A reading.
     *
     * @param takenAt by the farm's clock; when it was made where absent
     * @param instrument what it was read from, by its name; absent where it was typed
     */
    record ReadingRequest(
            @NotNull Quantity quantity,
            @NotNull Double value,
            @Maybe LocalDateTime takenAt,
            @Maybe @Size(min = 1, max = 60) String instrument,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @GetMapping("/api/steps/{id}/readings")
    List<ReadingView> readings(@PathVariable UUID id) {
        return readings.of(List.of(id)).getOrDefault(id, List.of());
    }

    @PostMapping("/api/steps/{id}/readings")
    ReadingView take(@PathVariable UUID id, @Valid @RequestBody ReadingRequest request) {
        return readings.take(
                id,
                moment(request.takenAt(), request.made()),
                request.quantity(),
                request.value(),
                request.instrument());
    }

    @PutMapping("/api/readings/{id}")
    ReadingView correct(@PathVariable UUID id, @Valid @RequestBody ReadingRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return readings.correct(id, made.from(), made.because(), request.value());
    }

    /** Seed looked at to tell whether a step was set right. */
    record SettingCheckRequest(
            @NotNull LocalDate lookedOn,
            @NotNull Setting.Look look,
            @NotNull Integer seeds,
            @NotNull Integer found,
            @Maybe BigDecimal discarded,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        SettingCheck.Facts facts() {
            return new SettingCheck.Facts(lookedOn, look, seeds, found, discarded);
        }
    }

    @PostMapping("/api/steps/{id}/checks")
    SettingCheckView look(@PathVariable UUID id, @Valid @RequestBody SettingCheckRequest request) {
        return checks.look(id, request.facts());
    }

    @PutMapping("/api/setting-checks/{id}")
    SettingCheckView correct(@PathVariable UUID id, @Valid @RequestBody SettingCheckRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return checks.correct(id, made.from(), made.because(), request.facts());
    }

    record CautionRequest(@NotBlank @Size(max = 60) String caution) {}

    /** Cautions that whoever asks has read this season. */
    @GetMapping("/api/cautions")
    List<String> cautions() {
        return cautions.read();
    }

    @PostMapping("/api/cautions")
    List<String> read(@Valid @RequestBody CautionRequest request) {
        return cautions.read(request.caution());
    }

    record ChainRequest(@NotNull Integer version, @NotEmpty List<@NotNull StepKind> steps) {}

    record NamedChainRequest(
            @NotBlank @Size(max = 60) String name, @NotEmpty List<@NotNull StepKind> steps) {}

    @GetMapping("/api/lots/{number}/chain")
    Chains.ChainChoice chain(@PathVariable String number) {
        return chains.of(number);
    }

    @PutMapping("/api/lots/{number}/chain")
    Chains.ChainChoice choose(@PathVariable String number, @Valid @RequestBody ChainRequest request) {
        return chains.choose(number, request.version(), request.steps());
    }

    /** Keeps an order of steps for a crop under a name. */
    @PostMapping("/api/crops/{key}/chains")
    Chains.NamedChain keep(@PathVariable String key, @Valid @RequestBody NamedChainRequest request) {
        return chains.keep(key, request.name(), request.steps());
    }

    /** How long each school leaves wet seed at a constant temperature, &deg;C. */
    @GetMapping("/api/ferment-schools")
    List<FermentSchool.AtTemperature> schools(@RequestParam double temperature) {
        return Stream.of(FermentSchool.values())
                .map(school -> school.at(temperature))
                .toList();
    }

    /** @param changed the step that is changed: it began when it did where nothing else is told; null for a new one */
    private StepFacts facts(StepRequest request, UUID changed) {
        Instant begun = request.begunAt() == null && changed != null
                ? bench.begunAt(changed)
                : moment(request.begunAt(), request.made());
        return new StepFacts(
                request.kind(),
                minute(begun),
                request.ends() ? minute(moment(request.endedAt(), request.made())) : null,
                request.massIn(),
                request.waterAdded(),
                request.massOut(),
                request.byProducts().stream()
                        .map(gone -> new StepFacts.ByProduct(gone.what(), gone.mass(), gone.goneTo()))
                        .toList(),
                request.moistureIn(),
                request.moistureOut(),
                request.temperature(),
                request.target(),
                request.minutes(),
                request.people() == null ? 1 : request.people(),
                request.vessels() == null ? "" : request.vessels(),
                request.way() == null ? "" : request.way(),
                request.hole(),
                request.rounds(),
                request.missingReason(),
                request.missingBecause(),
                request.dampBecause() == null ? "" : request.dampBecause().strip(),
                request.note());
    }

    /** Steps are told by the minute, so that one corrected in nothing else keeps its hours. */
    private static Instant minute(Instant moment) {
        return moment.truncatedTo(ChronoUnit.MINUTES);
    }

    private Instant moment(LocalDateTime local, Made made) {
        if (local != null) {
            return local.atZone(time.zone()).toInstant();
        }
        return made == null ? time.now() : made.moment(time);
    }
}
