package theriseed.server.today;

import java.time.LocalDateTime;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.day.DayCourse;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;

/** The day and what it asks for. */
@RestController
class TodayController {
    private final Acts acts;
    private final Farms farms;
    private final FarmTime time;

    TodayController(Acts acts, Farms farms, FarmTime time) {
        this.acts = acts;
        this.farms = farms;
        this.time = time;
    }

    record TodayView(LocalDateTime now, DayCourse day, List<Act> acts) {}

    @GetMapping("/api/today")
    TodayView today() {
        FarmView farm = farms.get();
        return new TodayView(
                LocalDateTime.ofInstant(time.now(), time.zone()),
                DayCourse.of(farm.spot(), farm.climate(), time.today(), time.zone()),
                acts.open());
    }
}
