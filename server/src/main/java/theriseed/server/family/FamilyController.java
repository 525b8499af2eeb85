package theriseed.server.family;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Csv;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PartOf;
import theriseed.server.base.ReasonRequest;

/** The family of a lot over HTTP, and calling its seed back. */
@RestController
class FamilyController {
    private static final List<String> LIST = List.of(
            "customer", "lot", "mix", "first_sold_on", "last_sold_on", "packets", "bulk_g", "told_on", "told_how");

    private final SeedFamily family;
    private final Recalls recalls;

    FamilyController(SeedFamily family, Recalls recalls) {
        this.family = family;
        this.recalls = recalls;
    }

    /** What the parts of a mix came of. */
    @HandsWork
    @GetMapping("/api/mixes/{number}/family")
    FamilyView familyOfMix(@PathVariable String number) {
        return family.ofMix(number);
    }

    @HandsWork
    @GetMapping("/api/lots/{number}/family")
    FamilyView family(@PathVariable String number) {
        return family.of(number);
    }

    /** Who has some. */
    @HandsWork
    @GetMapping("/api/lots/{number}/holders")
    PartOf<FamilyView.Holder> holders(
            @PathVariable String number,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "100") int size) {
        return recalls.holders(number, page, size);
    }

    /** All of them as a list to take along, a customer and a lot in each line. */
    @HandsWork
    @GetMapping(value = "/api/lots/{number}/recall.csv", produces = "text/csv")
    ResponseEntity<String> list(@PathVariable String number) {
        return Csv.file(
                "recall-" + number,
                LIST,
                recalls.holders(number).stream()
                        .map(one -> Arrays.asList(
                                one.customer(),
                                one.number(),
                                one.mix(),
                                one.firstOn(),
                                one.lastOn(),
                                one.packets(),
                                one.bulk(),
                                one.told() == null ? null : one.told().toldOn(),
                                one.told() == null ? null : one.told().how())));
    }

    /** Holds all of it that is here. */
    @PostMapping("/api/lots/{number}/recall")
    FamilyView hold(@PathVariable String number, @Valid @RequestBody ReasonRequest request) {
        return recalls.hold(number, request.reason());
    }

    /** @param how by what means, or whom one spoke to */
    record ToldRequest(
            @NotNull UUID customerId,
            @NotNull LocalDate toldOn,
            @NotBlank @Size(max = 60) String how,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PostMapping("/api/lots/{number}/told")
    ToldView tell(@PathVariable String number, @Valid @RequestBody ToldRequest request) {
        return recalls.tell(number, request.customerId(), request.toldOn(), request.how());
    }

    @PutMapping("/api/told/{id}")
    ToldView correct(@PathVariable UUID id, @Valid @RequestBody ToldRequest request) {
        return recalls.correct(id, new Changed(request.version(), request.reason()), request.toldOn(), request.how());
    }

    @PutMapping("/api/told/{id}/undone")
    ToldView undo(@PathVariable UUID id, @Valid @RequestBody Changed request) {
        return recalls.undo(id, request);
    }
}
