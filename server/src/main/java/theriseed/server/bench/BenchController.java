package theriseed.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.bench.StepKind;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;

/** Steps at the bench over HTTP. */
@RestController
class BenchController {
    private final Bench bench;
    private final FarmTime time;

    BenchController(Bench bench, FarmTime time) {
        this.bench = bench;
        this.time = time;
    }

    record ByProductRequest(
            @NotBlank @Size(max = 80) String what,
            @NotNull BigDecimal mass,
            @NotNull @Size(max = 80) String goneTo) {}

    /** A step; times are the farm's own, now when absent. */
    record StepRequest(
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
            @Maybe Integer minutes,
            @NotNull @Size(max = 300) String missingBecause,
            @NotNull @Size(max = 500) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PostMapping("/api/lots/{number}/steps/preview")
    StepView preview(@PathVariable String number, @Valid @RequestBody StepRequest request) {
        return bench.preview(number, facts(request));
    }

    @PostMapping("/api/lots/{number}/steps")
    StepView begin(@PathVariable String number, @Valid @RequestBody StepRequest request) {
        return bench.begin(number, facts(request));
    }

    @PutMapping("/api/steps/{id}")
    StepView change(@PathVariable UUID id, @Valid @RequestBody StepRequest request) {
        int version = request.version() == null ? -1 : request.version();
        return request.reason() == null
                ? bench.finish(id, version, facts(request))
                : bench.correct(id, version, facts(request), request.reason());
    }

    private StepFacts facts(StepRequest request) {
        boolean ended = request.massOut() != null;
        return new StepFacts(
                request.kind(),
                moment(request.begunAt()),
                ended ? moment(request.endedAt()) : null,
                request.massIn(),
                request.waterAdded(),
                request.massOut(),
                request.byProducts().stream()
                        .map(gone -> new StepFacts.ByProduct(gone.what(), gone.mass(), gone.goneTo()))
                        .toList(),
                request.moistureIn(),
                request.moistureOut(),
                request.temperature(),
                request.minutes(),
                request.missingBecause(),
                request.note());
    }

    private Instant moment(LocalDateTime local) {
        return local == null ? time.now() : local.atZone(time.zone()).toInstant();
    }
}
