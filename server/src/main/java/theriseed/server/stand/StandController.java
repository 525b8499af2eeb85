package theriseed.server.stand;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.population.StandLife;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;

/** Counting plants and looking through the store over HTTP. */
@RestController
class StandController {
    private final Stands stands;
    private final FarmTime time;

    StandController(Stands stands, FarmTime time) {
        this.stands = stands;
        this.time = time;
    }

    record CountRequest(
            @NotNull UUID id,
            @NotNull StandLife.Point point,
            @NotNull Integer plants,
            @NotNull LocalDate countedOn,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        CountFacts on(LocalDate day) {
            return new CountFacts(point, plants, day, note);
        }
    }

    record LookRequest(
            @NotNull UUID id,
            @NotNull LocalDate seenOn,
            @NotNull Integer pieces,
            @NotNull Integer thrownOut,
            @Maybe Integer small,
            @Maybe Integer medium,
            @Maybe Integer large,
            @NotNull @Size(max = 300) String note,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        LookFacts on(LocalDate day) {
            return new LookFacts(day, pieces, thrownOut, small, medium, large, note);
        }
    }

    record SeedRequest(
            @NotNull UUID id,
            @NotBlank @Size(max = 20) String plant,
            @NotNull BigDecimal mass,
            @NotNull LocalDate weighedOn,
            @Maybe Made made,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        SeedFacts on(LocalDate day) {
            return new SeedFacts(plant, mass, day);
        }
    }

    @GetMapping("/api/plantings/{id}/stand")
    Stands.StandPage stand(@PathVariable UUID id) {
        return stands.of(id);
    }

    @PostMapping("/api/plantings/{id}/counts")
    CountView count(@PathVariable UUID id, @Valid @RequestBody CountRequest request) {
        return stands.count(request.id(), id, request.on(Made.day(request.made(), request.countedOn(), time)));
    }

    @PutMapping("/api/counts/{id}")
    CountView correct(@PathVariable UUID id, @Valid @RequestBody CountRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return stands.correctCount(id, made.from(), made.because(), request.on(request.countedOn()));
    }

    @PostMapping("/api/plantings/{id}/seeds")
    SeedView weigh(@PathVariable UUID id, @Valid @RequestBody SeedRequest request) {
        return stands.weigh(request.id(), id, request.on(Made.day(request.made(), request.weighedOn(), time)));
    }

    @PutMapping("/api/seeds/{id}")
    SeedView correct(@PathVariable UUID id, @Valid @RequestBody SeedRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return stands.correctSeed(id, made.from(), made.because(), request.on(request.weighedOn()));
    }

    @PostMapping("/api/plantings/{id}/store-looks")
    LookView look(@PathVariable UUID id, @Valid @RequestBody LookRequest request) {
        return stands.look(request.id(), id, request.on(Made.day(request.made(), request.seenOn(), time)));
    }

    @PutMapping("/api/store-looks/{id}")
    LookView correct(@PathVariable UUID id, @Valid @RequestBody LookRequest request) {
        Changed made = new Changed(request.version(), request.reason());
        return stands.correctLook(id, made.from(), made.because(), request.on(request.seenOn()));
    }
}
