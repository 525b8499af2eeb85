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
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Made;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReasonRequest;
import theriseed.server.farm.Farms;
import theriseed.server.words.Readers;

/** Days at the stall over HTTP, and the sheet to take along. */
@RestController
class StallDayController {
    private final StallDays days;
    private final Farms farms;
    private final Readers readers;
    private final FarmTime time;

    StallDayController(StallDays days, Farms farms, Readers readers, FarmTime time) {
        this.time = time;
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
            @Maybe BigDecimal floatCash,
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
                orNothing(request.floatCash()),
                request.lines().stream().map(AlongRequest::along).toList());
    }

    private static BigDecimal orNothing(BigDecimal money) {
        return money == null ? BigDecimal.ZERO : money;
    }

    /** @param price agreed in all; absent for the price of each */
    record HandedRequest(
            @NotNull UUID id,
            @NotNull List<@NotNull @Valid HandRequest> lines,
            boolean gift,
            @Maybe BigDecimal price,
            @Maybe Made made) {}

    record HandRequest(@NotNull UUID packingRunId, @NotNull Integer packets) {
        StallDays.Hand hand() {
            return new StallDays.Hand(packingRunId, packets);
        }
    }

    @HandsWork
    @GetMapping("/api/stall-days/{id}")
    StallDayView day(@PathVariable UUID id) {
        return days.get(id);
    }

    @PostMapping("/api/stall-days/{id}/handed")
    StallDayView hand(@PathVariable UUID id, @Valid @RequestBody HandedRequest request) {
        return days.hand(
                request.id(),
                id,
                request.lines().stream().map(HandRequest::hand).toList(),
                request.gift(),
                request.price(),
                request.made() == null ? time.now() : request.made().moment(time));
    }

    @PostMapping("/api/stall-days/{id}/handed/{handedId}/take-back")
    StallDayView takeBack(@PathVariable UUID id, @PathVariable UUID handedId) {
        return days.takeBack(id, handedId);
    }

    /** Packets that came back and those given, by run, and the cash box; absent where nobody counted it. */
    record CameHomeRequest(
            @NotNull Map<UUID, @NotNull Integer> returned,
            @Maybe Map<UUID, @NotNull Integer> given,
            @Maybe BigDecimal floatCash,
            @Maybe BigDecimal cashCounted,
            @Maybe BigDecimal paidOtherwise) {
        StallDays.CameHome home() {
            return new StallDays.CameHome(
                    returned,
                    given == null ? Map.of() : given,
                    orNothing(floatCash),
                    cashCounted,
                    orNothing(paidOtherwise));
        }
    }

    @PostMapping("/api/stall-days/{id}/count")
    StallDayView count(@PathVariable UUID id, @Valid @RequestBody CameHomeRequest request) {
        return days.count(id, request.home());
    }

    @PostMapping("/api/stall-days/{id}/count-anew")
    StallDayView countAnew(@PathVariable UUID id, @Valid @RequestBody ReasonRequest request) {
        return days.countAnew(id, request.reason());
    }

    /** The sheet to take along, with room to tally; of a day that was counted, what it came to. */
    @HandsWork
    @GetMapping(value = "/api/stall-days/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable UUID id) {
        return new StallDaySheet(days.get(id), farms.get(), readers.now()).file();
    }
}
