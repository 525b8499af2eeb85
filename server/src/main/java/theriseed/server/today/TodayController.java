package theriseed.server.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.day.DayCourse;
import theriseed.core.harvest.HarvestWeather;
import theriseed.core.season.SeasonDates;
import theriseed.server.backup.Backups;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.Roles;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.selection.Selection;
import theriseed.server.selection.Selection.NotForEating;
import theriseed.server.weather.ComingDays;
import theriseed.server.weather.ComingDays.ComingDay;
import theriseed.server.weather.Weathers;

/** The day and what it asks for. */
@RestController
class TodayController {
    private final Tasks tasks;
    private final Beginning beginning;
    private final Plantings plantings;
    private final Selection selection;
    private final ComingDays coming;
    private final Weathers weathers;
    private final Farms farms;
    private final Backups backups;
    private final FarmTime time;

    TodayController(
            Tasks tasks,
            Beginning beginning,
            Plantings plantings,
            Selection selection,
            ComingDays coming,
            Weathers weathers,
            Farms farms,
            Backups backups,
            FarmTime time) {
        this.backups = backups;
        this.tasks = tasks;
        this.beginning = beginning;
        this.plantings = plantings;
        this.selection = selection;
        this.coming = coming;
        this.weathers = weathers;
        this.farms = farms;
        this.time = time;
    }

    /**
     * @param day as warm as it is forecast, or else as it usually is
     * @param coming today and the days after it, as far as they are forecast
     * @param simulated whether the forecast knows nothing of the weather; else it is typed
     * @param measured the last day the farm's station knows, absent where none is known
     * @param backups absent while the latest good one is young enough, or somebody else makes them
     */
    record TodayView(
            LocalDateTime now,
            DayCourse day,
            List<ComingDay> coming,
            boolean simulated,
            @Maybe Weathers.LastKnown measured,
            List<Task> tasks,
            List<WrongLot> wrongLots,
            List<Tasks.WrongPlanting> wrongPlantings,
            List<NotForEating> notForEating,
            @Maybe Backups.TooOld backups) {}

    @GetMapping("/api/today")
    TodayView today() {
        FarmView farm = farms.get();
        Tasks.Open open = tasks.open();
        List<HarvestWeather.Fit> days = coming.weather().days();
        DayCourse usual = DayCourse.of(farm.spot(), farm.climate(), time.today(), time.zone());
        return new TodayView(
                LocalDateTime.ofInstant(time.now(), time.zone()),
                days.isEmpty() ? usual : usual.inAir(days.get(0).forecast().air()),
                days.stream().map(ComingDay::of).toList(),
                coming.simulated(),
                weathers.lastKnown(),
                Roles.onlyLooks() ? Task.ofNoCustomer(open.tasks()) : open.tasks(),
                open.wrongLots(),
                open.wrongPlantings(),
                selection.notForEating(standing()),
                backups.tooOld().orElse(null));
    }

    /** How far the farm is on its way to its first lot. */
    @GetMapping("/api/first-lot")
    Beginning.FirstLot firstLot() {
        return beginning.firstLot();
    }

    /** Plantings that are in the ground today, as planned or a little longer: plants outstay their plan. */
    private List<PlantingView> standing() {
        LocalDate today = time.today();
        return Stream.of(today.getYear(), today.getYear() + 1)
                .flatMap(season -> plantings.of(season).stream())
                .filter(planting -> !today.isBefore(planting.groundFrom())
                        && !today.isAfter(planting.groundTo().plusDays(SeasonDates.OUTSTAY_DAYS)))
                .toList();
    }
}
