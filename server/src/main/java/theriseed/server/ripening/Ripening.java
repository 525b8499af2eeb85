package theriseed.server.ripening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.crop.SeedProcess;
import theriseed.core.day.DayCourse;
import theriseed.core.harvest.HarvestWeather;
import theriseed.core.harvest.RipeningWatch;
import theriseed.core.harvest.StormChoice;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;
import theriseed.server.season.Grown;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.weather.WeatherForecast;

/** Visits to ripening rows, and what they and the weather say about when to cut. */
@Service
public class Ripening {
    private final RipeningVisitRepository visits;
    private final Plantings plantings;
    private final Crops crops;
    private final Farms farms;
    private final WeatherForecast forecast;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    Ripening(
            RipeningVisitRepository visits,
            Plantings plantings,
            Crops crops,
            Farms farms,
            WeatherForecast forecast,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.visits = visits;
        this.plantings = plantings;
        this.crops = crops;
        this.farms = farms;
        this.forecast = forecast;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * Cutting today and hanging it, against waiting for a better day.
     *
     * @param until day waited for
     * @param rainChance that it rains before, 0 to 1
     * @param lost share of the seed a storm would take
     * @param cutsNow whether cutting now is expected to give more
     */
    public record NowOrLater(
            LocalDate until,
            double rainChance,
            double lost,
            double cutNow,
            double laterIfDry,
            double later,
            double breakEven,
            boolean cutsNow) {}

    /**
     * One of the coming days: whether it is fit for cutting, and from what hour.
     *
     * @param from hour, and {@code dryHours}, if no rain comes
     * @param fitChance chance that it has the hours cutting takes, 0 to 1
     */
    public record ComingDay(
            LocalDate on,
            double low,
            double high,
            double rain,
            double chance,
            @Maybe Integer from,
            int dryHours,
            double fitChance) {}

    /**
     * How a planting ripens.
     *
     * @param watch absent where it does not bloom
     * @param dry whether it is cut dry, so that the weather counts
     * @param choice absent where waiting is no question
     * @param days to come, by the forecast
     * @param forecastBy who says so
     */
    public record RipeningPage(
            PlantingView planting,
            List<String> cues,
            String hazards,
            @Maybe RipeningWatch watch,
            double shatter,
            boolean dry,
            @Maybe NowOrLater choice,
            List<ComingDay> days,
            String forecastBy,
            List<RipeningVisitView> visits,
            List<CorrectionView> corrections) {}

    @ReadsOnly
    RipeningPage of(UUID plantingId) {
        PlantingView planting = plantings.get(plantingId);
        Crop crop = crops.get(planting.variety().cropKey());
        LocalDate today = time.today();
        List<RipeningVisit> seen = visits.findByPlantingIdOrderByVisitedOnAscIdAsc(plantingId);
        RipeningWatch watch = planting.bloom() == null
                ? null
                : RipeningWatch.of(
                        crop,
                        planting.bloom().ripeFrom(),
                        planting.bloom().ripeTo(),
                        Math.max(
                                planting.bloom().firstSpreadDays(),
                                planting.bloom().lastSpreadDays()),
                        planting.plants(),
                        seen.stream().map(RipeningVisit::visit).toList(),
                        today);
        List<HarvestWeather.Forecast> coming = forecast.days(today);
        HarvestWeather weather = HarvestWeather.of(
                coming, coming.stream().map(day -> light(day.on())).toList(), 0);
        boolean dry = crop.seedProcess().orElse(SeedProcess.DRY) != SeedProcess.WET;
        return new RipeningPage(
                planting,
                List.of(crop.ripenessCues().split("; ")),
                crop.hazards(),
                watch,
                RipeningWatch.shatter(crop),
                dry,
                watch == null || !dry ? null : choice(watch, weather, today),
                weather.days().stream().map(Ripening::day).toList(),
                forecast.name(),
                seen.stream().map(RipeningVisit::view).toList(),
                corrections.of(seen.stream().map(RipeningVisit::id).toList()));
    }

    private static ComingDay day(HarvestWeather.Fit fit) {
        HarvestWeather.Forecast day = fit.forecast();
        return new ComingDay(
                day.on(),
                day.hours().stream().mapToDouble(hour -> hour.air()).min().orElseThrow(),
                day.hours().stream().mapToDouble(hour -> hour.air()).max().orElseThrow(),
                day.rain(),
                day.chance(),
                fit.from() < 0 ? null : fit.from(),
                (int) fit.dry().hours(),
                fit.dry().fitChance());
    }

    private HarvestWeather.Light light(LocalDate day) {
        FarmView farm = farms.get();
        DayCourse course = DayCourse.of(farm.spot(), farm.climate(), day, time.zone());
        return new HarvestWeather.Light(course.dewOff(), course.sunset());
    }

    /** Waiting is a question while the best day is still to come; it is looked at no further than the forecast reaches. */
    private static NowOrLater choice(RipeningWatch watch, HarvestWeather weather, LocalDate today) {
        long best = watch.best().on().toEpochDay() - today.toEpochDay();
        int wait = (int) Math.min(best, weather.days().size());
        if (wait < 1) {
            return null;
        }
        double chance = weather.rainWithin(wait);
        double lost = HarvestWeather.lostInStorm(watch.curve().shatter());
        StormChoice choice = StormChoice.of(
                watch.curve(), HarvestWeather.HUNG, today.toEpochDay(), today.toEpochDay() + wait, chance, lost);
        return new NowOrLater(
                today.plusDays(wait),
                chance,
                lost,
                choice.cutNow(),
                choice.laterIfDry(),
                choice.later(),
                choice.breakEven(),
                choice.cutsNow());
    }

    /** Writes down a visit; one with an id known already is the same one sent again. */
    @HandsWork
    @Transactional
    public RipeningVisitView visit(UUID id, UUID plantingId, VisitFacts facts) {
        return once.record(id, () -> visits.findById(id), () -> {
                    check(plantings.grown(plantingId), facts);
                    return visits.saveAndFlush(new RipeningVisit(id, plantingId, facts, stamps.now()));
                })
                .view();
    }

    @HandsWork
    @Transactional
    public RipeningVisitView correct(UUID id, int version, String reason, VisitFacts facts) {
        RipeningVisit visit = visits.findById(id).orElseThrow(NotFound.of("visit"));
        Clash.check(visit, version, visit.view());
        check(plantings.grown(visit.plantingId()), facts);
        Map<String, Object> before = visit.correctable();
        visit.change(facts);
        corrections.keep("visit", id, before, visit.correctable(), reason);
        return visits.saveAndFlush(visit).view();
    }

    private void check(Grown planting, VisitFacts facts) {
        if (planting.purpose() != Purpose.SEED) {
            throw new Refused(
                    "plantingId", planting.varietyName(), "planting.notForSeed", "variety", planting.varietyName());
        }
        SeasonDates.check("visitedOn", facts.visitedOn(), planting.sownOn().plusDays(1), time.today());
    }
}
