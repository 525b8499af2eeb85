package theriseed.server.season;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Site;
import theriseed.core.population.BreedingOut;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTakenIn;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.ground.Ground;
import theriseed.server.ground.Metres;
import theriseed.server.ground.ShapeChanged;
import theriseed.server.handbook.Crops;
import theriseed.server.photo.Pictured;

/** The plantings of the farm, each judged against everything else of its season. */
@Service
public class Plantings implements Pictured {
    private static final Comparator<PlantingView> BY_GROUP = Comparator.comparing(PlantingView::species)
            .thenComparing(planting -> planting.variety().cropName())
            .thenComparing(planting -> planting.variety().name());

    private final PlantingRepository plantings;
    private final VarietyRepository varieties;
    private final SchemeRepository schemes;
    private final Seasons seasons;
    private final Crops crops;
    private final Ground ground;
    private final Corrections corrections;
    private final ApplicationEventPublisher events;
    private final Stamps stamps;
    private final FarmTime time;

    Plantings(
            PlantingRepository plantings,
            VarietyRepository varieties,
            SchemeRepository schemes,
            Seasons seasons,
            Crops crops,
            Ground ground,
            Corrections corrections,
            ApplicationEventPublisher events,
            Stamps stamps,
            FarmTime time) {
        this.plantings = plantings;
        this.varieties = varieties;
        this.schemes = schemes;
        this.seasons = seasons;
        this.crops = crops;
        this.ground = ground;
        this.corrections = corrections;
        this.events = events;
        this.stamps = stamps;
        this.time = time;
    }

    /** Seasons for which something is planned. */
    @ReadsOnly
    public List<Integer> planned() {
        return plantings.seasons();
    }

    @ReadsOnly
    public List<PlantingView> of(int season) {
        return lines(seasons.plan(season));
    }

    /** A planting of the plan as it was planned, without being judged. @param firstFlowerOn null where none was seen */
    public record PlannedAs(
            UUID id, int version, String cropKey, String variety, PlantingFacts facts, LocalDate firstFlowerOn) {}

    /** What is in the plan of these seasons. */
    @ReadsOnly
    public List<PlannedAs> inPlan(int first, int last) {
        return plantings.planned(first, last).stream()
                .map(member -> new PlannedAs(
                        member.id(),
                        member.version(),
                        member.variety().cropKey(),
                        member.variety().name(),
                        member.facts(),
                        member.firstFlowerOn()))
                .toList();
    }

    @ReadsOnly
    public List<PlantingView> ofScheme(UUID scheme) {
        return lines(seasons.of(open(scheme).season(), scheme));
    }

    /** A planting with all its threats; its stock of seed is not in it. */
    @ReadsOnly
    public PlantingView get(UUID id) {
        return whole(planting(id), false);
    }

    /** A planting with all its threats and what is left of its seed. */
    @ReadsOnly
    public PlantingView page(UUID id) {
        return whole(planting(id), true);
    }

    /** What is known of a planting without judging it. */
    @ReadsOnly
    public Grown grown(UUID id) {
        return Grown.of(planting(id));
    }

    /** The same of several; those that are not there are left out. */
    @ReadsOnly
    public Map<UUID, Grown> grown(Collection<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : plantings.findWithVarietyByIdIn(ids).stream()
                        .map(Grown::of)
                        .collect(Collectors.toMap(Grown::id, Function.identity()));
    }

    /** A planting, and the ground it seeds on in words. */
    public record GrownOn(Grown planting, String ground) {}

    /** Several of them; those that are not there are left out. */
    @ReadsOnly
    public Map<UUID, GrownOn> grownOn(Collection<UUID> ids) {
        FarmGround on = seasons.farmGround();
        return plantings.findWithVarietyByIdIn(ids).stream()
                .collect(Collectors.toMap(
                        Planting::id,
                        planting -> new GrownOn(
                                Grown.of(planting), on.words(planting.facts().where()))));
    }

    /** Ids of the plantings of a season, in the plan and not given up. */
    @ReadsOnly
    public List<UUID> idsOfSeason(int season) {
        return plantings.idsOf(season);
    }

    /** Ids of the plantings of a season that were given up. */
    @ReadsOnly
    public List<UUID> givenUpIn(int season) {
        return plantings.givenUpIn(season);
    }

    /** Ids of the plantings of a variety, in the plan and not given up. */
    @ReadsOnly
    public List<UUID> idsOfVariety(UUID varietyId) {
        return plantings.ofVariety(varietyId);
    }

    /** Seasons from one on in which these varieties are grown for seed, by the plan. */
    @ReadsOnly
    public Map<UUID, List<Integer>> seasonsForSeed(Collection<UUID> varieties, int first) {
        return varieties.isEmpty()
                ? Map.of()
                : plantings.plannedForSeed(varieties, first).stream()
                        .collect(Collectors.groupingBy(
                                PlantingRepository.Planned::getVarietyId,
                                Collectors.mapping(
                                        PlantingRepository.Planned::getSeason,
                                        Collectors.collectingAndThen(
                                                Collectors.toList(),
                                                all -> all.stream().distinct().toList()))));
    }

    /** Of a line bred out of a hybrid its generation in each season it is grown for seed; of any other variety nothing. */
    @ReadsOnly
    public Map<Integer, BreedingOut> generations(UUID varietyId) {
        Variety variety = varieties.findById(varietyId).orElseThrow(NotFound.of("variety"));
        if (!variety.breedingOut()) {
            return Map.of();
        }
        Crop crop = crops.get(variety.cropKey());
        List<Integer> grown = seasonsForSeed(List.of(varietyId), 0).getOrDefault(varietyId, List.of());
        return grown.stream()
                .collect(Collectors.toMap(Function.identity(), season -> BreedingOut.in(crop, grown, season)));
    }

    /** The plantings with these ids, in a number of queries that does not grow with them. */
    @ReadsOnly
    public Map<UUID, PlantingView> all(Collection<UUID> ids) {
        Map<UUID, PlantingView> found = new HashMap<>();
        if (!ids.isEmpty()) {
            seasons.plans(plantings.seasonsOf(ids))
                    .values()
                    .forEach(whole -> whole.lines().stream()
                            .filter(planting -> ids.contains(planting.id()))
                            .forEach(planting -> found.put(planting.id(), planting)));
        }
        return found;
    }

    @ReadsOnly
    public List<PlantingView> ofVariety(UUID varietyId) {
        List<UUID> ids = plantings.ofVariety(varietyId);
        Map<UUID, PlantingView> all = all(ids);
        return ids.stream().map(all::get).toList();
    }

    /** The ground a planting takes. */
    @ReadsOnly
    public Site site(UUID id) {
        return seasons.farmGround().site(planting(id).facts().where());
    }

    /** The ground that each planting of a season takes, drawn in metres from the farm's spot. */
    @ReadsOnly
    public List<SiteView> sites(int season) {
        LocalPlane plane = ground.plane();
        SeasonAsWhole whole = seasons.plan(season);
        return whole.members().stream()
                .map(member -> new SiteView(
                        member.id(),
                        whole.standOf(member).site().parts().stream()
                                .map(part -> Metres.of(plane, part))
                                .toList()))
                .toList();
    }

    @GrowersWork
    @Transactional
    public PlantingView make(PlantingFacts facts, UUID scheme) {
        Planting planned = planned(facts, scheme);
        check(planned);
        return whole(plantings.saveAndFlush(planned));
    }

    @GrowersWork
    @Transactional
    public PlantingView correct(UUID id, int version, String reason, PlantingFacts facts) {
        Planting planting = asRead(id, version);
        int seasonBefore = planting.facts().season();
        change(
                planting,
                reason,
                () -> planting.change(crops.get(planting.variety().cropKey()), facts, seasons.year()));
        if (seasonBefore != facts.season()) {
            events.publishEvent(new PlantingGivenUp(id));
        }
        check(planting);
        return whole(plantings.saveAndFlush(planting));
    }

    /** Takes a planting out of the plan, or back into it. */
    @GrowersWork
    @Transactional
    public void giveUp(UUID id, int version, String reason, boolean givenUp) {
        Planting planting = asRead(id, version);
        if (givenUp) {
            events.publishEvent(new PlantingGivenUp(id));
        }
        change(planting, reason, () -> planting.giveUp(givenUp));
        if (!givenUp) {
            check(planting);
        }
        plantings.saveAndFlush(planting);
    }

    /** The first flower of a planting was seen: its forecast counts from that day. */
    @HandsWork
    @Transactional
    public PlantingView flowered(UUID id, int version, LocalDate day, String reason) {
        Planting planting = asRead(id, version);
        SeasonDates.check("seenOn", day, planting.facts().days().sownOn(), time.today());
        change(planting, planting.firstFlowerOn() == null ? "first flower seen" : reason, () -> planting.flowered(day));
        return whole(plantings.saveAndFlush(planting));
    }

    /** Whether the cage over a planting was found not to have been tight: then it is judged as standing open. */
    @HandsWork
    @Transactional
    public void coverLeaked(UUID id, boolean leaked, String why) {
        Planting planting = planting(id);
        if (planting.coverLeaked() != leaked) {
            change(planting, why, () -> planting.coverLeaked(leaked));
            plantings.saveAndFlush(planting);
        }
    }

    /** Ground that is planted this year or later is not taken away, nor made too short for what stands on it. */
    @EventListener
    void on(ShapeChanged changed) {
        int year = time.today().getYear();
        for (Member planting : plantings.planned(year, year + 1)) {
            Where where = planting.facts().where();
            double longest = where.stretches().stream()
                    .filter(stretch -> stretch.bedId().equals(changed.id()))
                    .mapToDouble(Stretch::to)
                    .max()
                    .orElse(-1);
            boolean onIt = longest >= 0 || where.plotId().equals(changed.id());
            if (onIt && (changed.removed() || Math.floor(longest) > Math.ceil(changed.length()))) {
                throw new Refused(
                        "corners",
                        changed.name(),
                        "planting.onThisGround",
                        "variety",
                        planting.variety().name(),
                        "season",
                        String.valueOf(planting.facts().season()),
                        "ground",
                        changed.name());
            }
        }
    }

    private void change(Planting planting, String reason, Runnable how) {
        FarmGround on = seasons.farmGround();
        Map<String, Object> before = new LinkedHashMap<>(correctable(planting, on));
        how.run();
        on.site(planting.facts().where());
        planting.facts().where().roots().ifPresent(on::site);
        if (planting.schemeId() == null) {
            corrections.keep("planting", planting.id(), before, correctable(planting, on), reason);
        }
    }

    private static Map<String, Object> correctable(Planting planting, FarmGround on) {
        Where where = planting.facts().where();
        return planting.correctable(
                on.words(where), where.roots().map(on::words).orElse(""));
    }

    private void check(Planting planting) {
        seasons.whole(planting.facts().season(), planting.schemeId(), planting.member())
                .taken()
                .check(planting.member());
    }

    Planting planned(PlantingFacts facts, UUID scheme) {
        Variety variety = varieties.findById(facts.varietyId()).orElseThrow(NotFound.of("variety"));
        ground.plot(facts.where().plotId());
        if (scheme != null) {
            open(scheme);
        }
        return new Planting(variety, crops.get(variety.cropKey()), facts, seasons.year(), scheme, stamps.now());
    }

    private Scheme open(UUID scheme) {
        Scheme found = schemes.findById(scheme).orElseThrow(NotFound.of("scheme"));
        found.checkOpen();
        return found;
    }

    Planting planting(UUID id) {
        return plantings.findWithVarietyById(id).orElseThrow(NotFound.of("planting"));
    }

    /** Refuses to change a planting that is not the one that was read. */
    private Planting asRead(UUID id, int version) {
        Planting planting = planting(id);
        if (planting.version() != version) {
            Clash.check(planting, version, whole(planting));
        }
        return planting;
    }

    private PlantingView whole(Planting planting) {
        return whole(planting, true);
    }

    private PlantingView whole(Planting planting, boolean stocked) {
        Member member = planting.member();
        int season = planting.facts().season();
        SeasonAsWhole whole = planting.givenUp()
                ? seasons.whole(season, planting.schemeId(), member).whole()
                : seasons.of(season, planting.schemeId());
        return stocked ? stocked(whole, member) : whole.whole(member);
    }

    PlantingView stocked(SeasonAsWhole whole, Member member) {
        return whole.stocked(seasons.stockOf(List.of(member))).whole(member);
    }

    static List<PlantingView> lines(SeasonAsWhole whole) {
        return whole.lines().stream().sorted(BY_GROUP).toList();
    }

    /** Every season can be shown. */
    @EventListener
    void takenIn(FarmTakenIn farm) {
        planned().forEach(this::of);
    }

    @Override
    public boolean mayHavePictures(UUID id) {
        return plantings.existsById(id);
    }
}
