package theriseed.server.market;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReasonRequest;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.paper.Paper;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;

/** Days at the stall over HTTP, and the sheet to take along. */
@RestController
class StallDayController {
    private final StallDays days;
    private final Farms farms;
    private final Readers readers;

    StallDayController(StallDays days, Farms farms, Readers readers) {
        this.readers = readers;
        this.days = days;
        this.farms = farms;
    }

    record AlongRequest(
            @NotBlank String number,
            @NotNull UUID packingRunId,
            @NotNull Integer taken,
            @Maybe BigDecimal price) {
        StallDays.Along along() {
            return new StallDays.Along(number, packingRunId, taken, price);
        }
    }

    record StallDayRequest(
            @NotNull UUID customerId,
            @NotNull LocalDate heldOn,
            @NotNull @Size(max = 300) String note,
            @NotNull List<@NotNull @Valid AlongRequest> lines) {}

    @HandsWork
    @GetMapping("/api/stall-days")
    PageOf<StallDayView> page(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "20") int size) {
        return days.page(page, size);
    }

    @PostMapping("/api/stall-days")
    StallDayView take(@Valid @RequestBody StallDayRequest request) {
        return days.take(
                request.customerId(),
                request.heldOn(),
                request.note(),
                request.lines().stream().map(AlongRequest::along).toList());
    }

    /** Packets that came back, by run. */
    record ReturnRequest(@NotNull Map<UUID, @NotNull Integer> returned) {}

    @PostMapping("/api/stall-days/{id}/count")
    StallDayView count(@PathVariable UUID id, @Valid @RequestBody ReturnRequest request) {
        return days.count(id, request.returned());
    }

    @PostMapping("/api/stall-days/{id}/count-anew")
    StallDayView countAnew(@PathVariable UUID id, @Valid @RequestBody ReasonRequest request) {
        return days.countAnew(id, request.reason());
    }

    /** The sheet to take along, with room to tally. */
    @HandsWork
    @GetMapping(value = "/api/stall-days/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable UUID id) {
        StallDayView day = days.get(id);
        FarmView farm = farms.get();
        Reader reader = readers.now();
        Paper paper = new Paper("Stall day", farm.name() + ", " + reader.day(day.heldOn()), reader);
        paper.title("Stall day", day.market() + ", " + reader.day(day.heldOn()));
        if (!day.note().isBlank()) {
            paper.words(day.note());
        }
        paper.table(
                List.of("lot", "variety", "packet", "each, " + farm.currency(), "taken", "sold", "back"),
                day.lines().stream()
                        .map(line -> List.of(
                                line.number(),
                                line.variety(),
                                line.seeds() == null ? "" : line.seeds() + " seeds",
                                reader.money(line.price()),
                                String.valueOf(line.taken()),
                                "............",
                                line.returned() == null ? "......" : String.valueOf(line.returned())))
                        .toList(),
                0.18,
                0.24,
                0.15,
                -0.12,
                -0.09,
                0.13,
                -0.09);
        return paper.file("stall-day-" + day.heldOn());
    }
}
