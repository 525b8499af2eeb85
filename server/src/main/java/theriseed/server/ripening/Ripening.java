package theriseed.server.ripening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.crop.SeedProcess;
import theriseed.core.day.DayCourse;
import theriseed.core.harvest.HarvestWeather;
import theriseed.core.harvest.RipeningWatch;
import theriseed.core.harvest.RipensFirst;
import theriseed.core.harvest.WhenToCut;
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
import theriseed.server.photo.Photos;
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
    private final Photos photos;
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
            Photos photos,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.visits = visits;
        this.plantings = plantings;
        this.crops = crops;
        this.farms = farms;
        this.forecast = forecast;
        this.photos = photos;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * One of the coming days, and what a cut on it is expected to collect, in shares of the seed.
     *
     * @param from hour, and {@code dryHours}, in which it is fit for cutting dry, if no rain comes
     * @param fitChance chance that it has the hours cutting takes, 0 to 1
     * @param dry cut dry from the stand, and {@code hung} cut and hung under cover
     */
    public record ComingDay(
            LocalDate on,
            double low,
            double high,
            double rain,
            double chance,
            @Maybe Integer from,
            int dryHours,
            double fitChance,
            double dry,
            double hung) {}

    /**
     * When to cut it.
     *
     * @param hang whether to hang it under cover whatever the day is like; else only where the day is not dry
     * @param withDew whether it is best cut while the dew is on
     * @param share of the seed to expect
     * @param fitChance chance that the day has the hours a dry cut takes, 0 to 1; absent beyond the forecast
     * @param hung share to expect where it has to be hung
     */
    public record BestCut(
            LocalDate on,
            boolean hang,
            boolean withDew,
            double share,
            @Maybe Double fitChance,
            double hung) {}

    /**
     * Leaving it until a later day that is better if no rain comes before.
     *
     * @param rain chance that it rains before, 0 to 1
     * @param breakEven chance of rain from which hanging it today is better, 0 to 1
     */
    public record LeftStanding(LocalDate until, double rain, double breakEven) {}

    /**
     * How a planting ripens.
     *
     * @param watch absent where it does not bloom; likewise {@code first}
     * @param first where on its plants the seed ripens first
     * @param cut absent where it is not cut dry, so that the weather does not count
     * @param waiting absent where no later day is better
     * @param lost share of the seed a storm takes from the stand
     * @param photos of the planting, oldest first
     * @param days to come, by the forecast; none where it is not cut dry
     * @param simulated whether the forecast knows nothing of the weather; else it is typed
     */
    public record RipeningPage(
            PlantingView planting,
            List<String> cues,
            String hazards,
            @Maybe RipeningWatch watch,
            @Maybe RipensFirst first,
            double shatter,
            @Maybe BestCut cut,
            @Maybe LeftStanding waiting,
            double lost,
            List<ComingDay> days,
            boolean simulated,
            List<RipeningVisitView> visits,
            List<UUID> photos,
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
        boolean dry = crop.seedProcess().orElse(SeedProcess.DRY) != SeedProcess.WET;
        HarvestWeather weather = weather(today);
        WhenToCut when = watch == null || !dry ? null : WhenToCut.of(watch.curve(), weather, today);
        double shatter = RipeningWatch.shatter(crop);
        return new RipeningPage(
                planting,
                List.of(crop.ripenessCues().split("; ")),
                crop.hazards(),
                watch,
                watch == null ? null : RipensFirst.of(crop, watch.curve()),
                shatter,
                when == null ? null : best(when),
                when == null ? null : when.waiting().map(Ripening::waiting).orElse(null),
                HarvestWeather.lostInStorm(shatter),
                when == null ? List.of() : days(when, weather),
                forecast.simulated(),
                seen.stream().map(RipeningVisit::view).toList(),
                photos.of(List.of(plantingId)).getOrDefault(plantingId, List.of()),
                corrections.of(seen.stream().map(RipeningVisit::id).toList()));
    }

    private HarvestWeather weather(LocalDate today) {
        List<HarvestWeather.Forecast> coming = forecast.days(today);
        return HarvestWeather.of(
                coming, coming.stream().map(day -> light(day.on())).toList(), 0);
    }

    private static BestCut best(WhenToCut when) {
        WhenToCut.Cut cut = when.best();
        return new BestCut(
                cut.on(),
                cut.hang(),
                when.withDew(),
                cut.share(),
                cut.fit().isPresent() ? cut.fit().getAsDouble() : null,
                cut.hung());
    }

    private static LeftStanding waiting(WhenToCut.Waiting waiting) {
        return new LeftStanding(
                waiting.until(), waiting.rain(), waiting.choice().breakEven());
    }

    private static List<ComingDay> days(WhenToCut when, HarvestWeather weather) {
        return IntStream.range(0, when.days().size())
                .mapToObj(i -> day(weather.days().get(i), when.days().get(i)))
                .toList();
    }

    private static ComingDay day(HarvestWeather.Fit fit, WhenToCut.Cut cut) {
        HarvestWeather.Forecast day = fit.forecast();
        return new ComingDay(
                day.on(),
                day.hours().stream().mapToDouble(hour -> hour.air()).min().orElseThrow(),
                day.hours().stream().mapToDouble(hour -> hour.air()).max().orElseThrow(),
                day.rain(),
                day.chance(),
                fit.from() < 0 ? null : fit.from(),
                (int) fit.dry().hours(),
                fit.dry().fitChance(),
                cut.dry(),
                cut.hung());
    }

    private HarvestWeather.Light light(LocalDate day) {
        FarmView farm = farms.get();
        DayCourse course = DayCourse.of(farm.spot(), farm.climate(), day, time.zone());
        return new HarvestWeather.Light(course.dewOff(), course.sunset());
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
