package theriseed.server.letterhead;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;

/** The farm's letterhead over HTTP. */
@RestController
class LetterheadController {
    private final Letterheads letterheads;

    LetterheadController(Letterheads letterheads) {
        this.letterheads = letterheads;
    }

    record LetterheadRequest(
            @NotNull @Size(max = 300) String address,
            @NotNull @Size(max = 60) String taxNumber,
            @NotNull @Size(max = 300) String bank,
            @NotNull Integer paymentDays,
            @NotNull @Size(max = 300) String taxes,
            @NotNull Boolean within,
            @NotNull @Size(max = 300) String closing,
            @Maybe UUID logo,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        LetterheadFacts facts() {
            return new LetterheadFacts(address, taxNumber, bank, paymentDays, taxes, within, closing, logo);
        }
    }

    @HandsWork
    @GetMapping("/api/letterhead")
    LetterheadView letterhead() {
        return letterheads.get();
    }

    @PutMapping("/api/letterhead")
    LetterheadView say(@Valid @RequestBody LetterheadRequest request) {
        return letterheads.say(new Changed(request.version(), request.reason()), request.facts());
    }
}
