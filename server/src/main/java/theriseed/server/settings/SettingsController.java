package theriseed.server.settings;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.MonthDay;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.bloom.OwnClimate;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Maybe;
import theriseed.server.farm.ClimateFrom;
import theriseed.server.farm.FarmView;

/** The farm as a whole, over HTTP. */
@RestController
class SettingsController {
    private final Settings settings;

    SettingsController(Settings settings) {
        this.settings = settings;
    }

    /**
     * @param coldestMonth usual mean of it, {@code warmestMonth} likewise; read where the usual year is typed
     * @param carryGround whether everything on the map goes along when the farm lies elsewhere
     */
    record SettingsRequest(
            @NotNull Integer version,
            @NotBlank @Size(max = 80) String farm,
            @NotNull Double lat,
            @NotNull Double lon,
            @NotNull Boolean carryGround,
            @NotBlank @Size(max = 60) String timeZone,
            @NotBlank @Size(max = 3) String currency,
            @NotNull ClimateFrom climateFrom,
            @Maybe Double coldestMonth,
            @Maybe Double warmestMonth,
            @Maybe MonthDay lastFrost,
            @Maybe MonthDay firstFrost,
            @NotNull DayOfWeek weekBegins,
            @NotNull String locale,
            @NotNull @Size(max = 300) String reason) {
        Settings.Wanted wanted() {
            return new Settings.Wanted(
                    farm,
                    new LonLat(lon, lat),
                    carryGround,
                    timeZone,
                    currency,
                    climateFrom,
                    coldestMonth,
                    warmestMonth,
                    lastFrost,
                    firstFrost,
                    weekBegins,
                    locale);
        }
    }

    @GetMapping("/api/farm/own-climate")
    OwnClimate ownClimate() {
        return settings.ownClimate();
    }

    /** What it would change; nothing is kept. */
    @PostMapping("/api/farm/preview")
    FarmChange preview(@Valid @RequestBody SettingsRequest request) {
        return settings.preview(request.version(), request.wanted());
    }

    @PutMapping("/api/farm")
    FarmView change(@Valid @RequestBody SettingsRequest request) {
        return settings.change(request.version(), request.reason(), request.wanted());
    }
}
