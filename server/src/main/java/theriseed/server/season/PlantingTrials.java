package theriseed.server.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Figure;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Site;
import theriseed.core.isolation.NeighbourReport;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.Stand;
import theriseed.core.measure.Range;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.handbook.Crops;

/** What would come of it: a planting tried otherwise or elsewhere, the ways out for it, and figures of a crop known otherwise. */
@Service
public class PlantingTrials {
    /** How far a planting may be moved to try it. */
    private static final Range MOVED = Range.of(-100_000, 100_000, "m");

    private final Plantings plantings;
    private final Varieties varieties;
    private final Seasons seasons;
    private final Crops crops;
    private final SeedWorth worth;
    private final FarmTime time;

    PlantingTrials(
            Plantings plantings,
            Varieties varieties,
            Seasons seasons,
            Crops crops,
            @Lazy SeedWorth worth,
            FarmTime time) {
        this.varieties = varieties;
        this.worth = worth;
        this.plantings = plantings;
        this.seasons = seasons;
        this.crops = crops;
        this.time = time;
    }

    /** The ways out for a seed crop, best first; none when it is clear. */
    @ReadsOnly
    public List<WayView> waysOut(UUID id) {
        Planting planting = plantings.planting(id);
        if (planting.givenUp() || !planting.facts().aim().forSeed()) {
            return List.of();
        }
        return ways(planting, true).of(planting.member());
    }

    /** Free ground for a planting, and what it would come to there. */
    @ReadsOnly
    public List<PlaceView> places(UUID id) {
        Planting planting = plantings.planting(id);
        return ways(planting, false).places(planting.member());
    }

    private Ways ways(Planting planting, boolean stocked) {
        Seasons.Loaded loaded = seasons.asItStands(planting.facts().season(), planting.schemeId());
        SeasonAsWhole whole =
                stocked ? loaded.whole().stocked(seasons.stockOf(sameGroup(planting, loaded.whole()))) : loaded.whole();
        Map<UUID, SeedWorth.Earned> earned = stocked
                ? worth.of(sameGroup(planting, whole).stream()
                        .map(member -> member.variety().id())
                        .collect(Collectors.toSet()))
                : Map.of();
        return new Ways(whole, loaded.taken(), time.today(), planting.schemeId(), earned);
    }

    /** Days and plants proposed for a variety in a season, from its crop and the farm's frosts and warmth. */
    @ReadsOnly
    public ProposalView proposed(UUID varietyId, int season, Grade grade) {
        Crop crop = crops.get(varieties.get(varietyId).cropKey());
        return ProposalView.of(seasons.plan(season).proposed(crop, season), (int)
                Math.ceil(crop.plants().of(grade)));
    }

    /** What the rules would say of a planting that is not kept yet. */
    @GrowersWork
    @ReadsOnly
    public PlantingView preview(PlantingFacts facts, UUID scheme) {
        Planting planned = plantings.planned(facts, scheme);
        Seasons.Loaded loaded = seasons.whole(facts.season(), scheme, planned.member());
        loaded.taken().check(planned.member());
        return plantings.stocked(loaded.whole(), planned.member());
    }

    /**
     * What it would mean if a planting were planned otherwise, or stood so many metres off: the planting first, then
     * every seed crop this touches.
     *
     * @param east metres, 0 when it stays where it is planned; {@code north} likewise
     */
    @GrowersWork
    @ReadsOnly
    public List<PlantingView> tried(UUID id, PlantingFacts facts, double east, double north) {
        MOVED.check("east", east);
        MOVED.check("north", north);
        facts.sowing().check();
        facts.keeping().check();
        Planting planting = plantings.planting(id);
        if (facts.aim().purpose() == Purpose.PLANTING_STOCK) {
            Planting.checkStock(crops.get(planting.variety().cropKey()), facts.days());
        }
        SeasonAsWhole whole = seasons.of(planting.facts().season(), planting.schemeId());
        int place = whole.placeOf(id);
        Map<Integer, Stand> stands = otherwise(whole, place, facts);
        stands.computeIfPresent(place, (same, stand) -> stand.at(off(stand.site(), east, north)));
        return whole.tried(stands, Map.of(place, planting.member().otherwise(facts)));
    }

    /** What it would mean if all of this were planned, and every neighbour kept what was agreed. */
    @GrowersWork
    @ReadsOnly
    public List<PlantingView> tried(int season, UUID scheme, PlannedTogether plan) {
        SeasonAsWhole whole = seasons.of(season, scheme);
        Map<Integer, Stand> stands = new LinkedHashMap<>();
        Map<Integer, Member> members = new LinkedHashMap<>();
        for (PlannedTogether.Planned planned : plan.plantings()) {
            PlantingFacts facts = planned.then().facts();
            facts.sowing().check();
            facts.keeping().check();
            int place = place(whole, planned.id(), "planting");
            stands.putAll(otherwise(whole, place, facts));
            members.put(place, whole.sources().get(place).member().otherwise(facts));
        }
        for (PlannedTogether.Agreed agreed : plan.neighbours()) {
            int place = place(whole, agreed.id(), "neighbour");
            Stand stand = whole.sources().get(place).stand();
            stands.put(place, agreed.by() == null ? stand : NeighbourReport.cut(stand, agreed.by(), Optional.empty()));
        }
        return whole.tried(stands, members);
    }

    private static int place(SeasonAsWhole whole, UUID id, String what) {
        if (!whole.has(id)) {
            throw NotFound.of(what).get();
        }
        return whole.placeOf(id);
    }

    /**
     * The stand of a planting as it is tried, and what else is otherwise then, by their places; one that is grown in another
     * season is not there.
     */
    private static Map<Integer, Stand> otherwise(SeasonAsWhole whole, int place, PlantingFacts facts) {
        Member member = whole.sources().get(place).member();
        Map<Integer, Stand> stands = new LinkedHashMap<>();
        stands.put(
                place,
                facts.season() == member.facts().season()
                        ? whole.source(member.otherwise(facts)).stand()
                        : whole.standOf(member).controlled(PollenControl.NEVER_FLOWERS));
        if (facts.keeping().volunteersPulled()) {
            stands.putAll(whole.volunteersPulled(place));
        }
        return stands;
    }

    /** What changes in this year's plan and the next if a figure of a crop were otherwise; null for the general one. */
    @ReadsOnly
    public List<Consequence> ifKnown(String cropKey, Figure figure, Double value) {
        Crop then = crops.with(cropKey, figure, value);
        List<Consequence> changed = new ArrayList<>();
        int year = time.today().getYear();
        for (int season : List.of(year, year + 1)) {
            List<PlantingView> now = Plantings.lines(seasons.plan(season));
            Map<UUID, PlantingView> after =
                    Plantings.lines(seasons.planWith(season, key -> key.equals(cropKey) ? then : crops.get(key)))
                            .stream()
                            .collect(Collectors.toMap(PlantingView::id, Function.identity()));
            now.stream()
                    .map(before -> new Consequence(before, after.get(before.id())))
                    .filter(pair -> !pair.before().equals(pair.after()))
                    .forEach(changed::add);
        }
        return changed;
    }

    private List<Member> sameGroup(Planting planting, SeasonAsWhole whole) {
        String group = crops.get(planting.variety().cropKey()).crossingGroup();
        return whole.members().stream()
                .filter(member -> whole.cropOf(member).crossingGroup().equals(group))
                .toList();
    }

    /** The same ground, moved. */
    private static Site off(Site site, double east, double north) {
        Range.of(-20_000, 20_000, "m").check("east", east);
        Range.of(-20_000, 20_000, "m").check("north", north);
        return east == 0 && north == 0
                ? site
                : site.off(LocalPlane.at(site.parts().get(0).corners().get(0)), east, north);
    }
}
