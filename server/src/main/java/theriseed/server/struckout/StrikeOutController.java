package theriseed.server.struckout;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Mistakes, over HTTP. */
@RestController
class StrikeOutController {
    private final StrikeOuts strikeOuts;

    StrikeOutController(StrikeOuts strikeOuts) {
        this.strikeOuts = strikeOuts;
    }

    record StrikeOutRequest(
            @NotNull StrikeOuts.Kind kind,
            @NotNull UUID recordId,
            @NotBlank @Size(max = 300) String because) {}

    @PostMapping("/api/struck-out")
    StruckOutView strike(@Valid @RequestBody StrikeOutRequest request) {
        return strikeOuts.strike(request.kind(), request.recordId(), request.because());
    }

    @PostMapping("/api/struck-out/{id}/taken-back")
    StruckOutView takeBack(@PathVariable UUID id) {
        return strikeOuts.takeBack(id);
    }
}
