package theriseed.server.farm;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.MonthDay;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is known of the farm as a whole, over HTTP. */
@RestController
class FarmController {
    private final Farms farms;

    FarmController(Farms farms) {
        this.farms = farms;
    }

    /** Usual days, as month and day. */
    record FrostsRequest(
            @NotNull Integer version,
            @NotNull MonthDay lastFrost,
            @NotNull MonthDay firstFrost) {}

    @GetMapping("/api/farm")
    FarmView farm() {
        return farms.get();
    }

    /** A line each; at most four. */
    record LabelLinesRequest(
            @NotNull Integer version, @NotNull String labelLines) {}

    @PutMapping("/api/farm/label-lines")
    FarmView labelLines(@Valid @RequestBody LabelLinesRequest request) {
        return farms.labelLines(request.version(), request.labelLines());
    }

    @PutMapping("/api/farm/frosts")
    FarmView frosts(@Valid @RequestBody FrostsRequest request) {
        return farms.frosts(request.version(), request.lastFrost(), request.firstFrost());
    }
}
