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
import theriseed.server.handbook.Crops;
import theriseed.server.photo.PhotoView;
import theriseed.server.photo.Photos;
import theriseed.server.season.Grown;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.weather.ComingDays;
import theriseed.server.weather.ComingDays.ComingDay;

/** Visits to ripening rows, and what they and the weather say about when to cut. */
@Service
public class Ripening {
    private final RipeningVisitRepository visits;
    private final Plantings plantings;
    private final Crops crops;
    private final ComingDays coming;
    private final Photos photos;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    Ripening(
            RipeningVisitRepository visits,
            Plantings plantings,
            Crops crops,
            ComingDays coming,
            Photos photos,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.visits = visits;
        this.plantings = plantings;
        this.crops = crops;
        this.coming = coming;
        this.photos = photos;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    /** One of the coming days, and what a cut on it is expected to collect, in shares of the seed: cut dry from the stand, or hung under cover. */
    public record DayToCut(ComingDay day, double dry, double hung) {}

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
            List<DayToCut> days,
            boolean simulated,
            List<RipeningVisitView> visits,
            List<PhotoView> photos,
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
        HarvestWeather weather = coming.weather();
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
                coming.simulated(),
                seen.stream().map(RipeningVisit::view).toList(),
                photos.of(plantingId),
                corrections.of(seen.stream().map(RipeningVisit::id).toList()));
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

    private static List<DayToCut> days(WhenToCut when, HarvestWeather weather) {
        return IntStream.range(0, when.days().size())
                .mapToObj(i -> new DayToCut(
                        ComingDay.of(weather.days().get(i)),
                        when.days().get(i).dry(),
                        when.days().get(i).hung()))
                .toList();
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
