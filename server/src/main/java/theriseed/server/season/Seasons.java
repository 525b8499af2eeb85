package theriseed.server.season;

import java.time.MonthDay;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.crop.Crop;
import theriseed.core.season.FamilyRest;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.ground.Ground;
import theriseed.server.ground.NeighbourView;
import theriseed.server.handbook.Crops;
import theriseed.server.weather.Weathers;

/** Loads whole seasons, in a number of queries that does not grow with them. */
@Component
class Seasons {
    private final PlantingRepository plantings;
    private final Crops crops;
    private final Ground ground;
    private final Weathers weathers;
    private final Farms farms;
    private final SeedStock stock;
    private final FarmTime time;

    Seasons(
            PlantingRepository plantings,
            Crops crops,
            Ground ground,
            Weathers weathers,
            Farms farms,
            @Lazy SeedStock stock,
            FarmTime time) {
        this.plantings = plantings;
        this.crops = crops;
        this.ground = ground;
        this.weathers = weathers;
        this.farms = farms;
        this.stock = stock;
        this.time = time;
    }

    /** A season with its ground. */
    record Loaded(SeasonAsWhole whole, FarmGround ground, List<Member> around) {
        GroundTaken taken() {
            return new GroundTaken(whole, ground, around);
        }
    }

    /** The plan of a season. */
    SeasonAsWhole plan(int season) {
        return planWith(season, crops::get);
    }

    /** The plan of a season, were crops known otherwise. */
    SeasonAsWhole planWith(int season, Function<String, Crop> known) {
        return load(season, plantings.planned(season - 1, season), null, member -> false, known)
                .whole();
    }

    /**
     * A season of the plan, or of a scheme, with all plantings that its ground may have to rest from.
     *
     * @param extra a planting as it is tried, in place of itself or not among them yet; null for none
     * @param stocked whose stock of seed is asked for
     */
    Loaded whole(int season, UUID scheme, Member extra, Predicate<Member> stocked) {
        int far = FamilyRest.LONGEST;
        List<Planting> around = plantings.planned(season - far, season + far);
        if (scheme != null) {
            around = around.stream()
                    .filter(planting -> planting.facts().season() != season)
                    .collect(Collectors.toList());
            around.addAll(plantings.ofScheme(scheme));
        }
        return load(season, around, extra, stocked, crops::get);
    }

    /** The plans of several seasons at once, for the lots that come from them. */
    Map<Integer, SeasonAsWhole> plans(List<Integer> seasons) {
        if (seasons.isEmpty()) {
            return Map.of();
        }
        int first = seasons.stream().min(Integer::compare).orElseThrow();
        int last = seasons.stream().max(Integer::compare).orElseThrow();
        Map<Integer, List<Member>> members = plantings.planned(first - 1, last).stream()
                .map(Planting::member)
                .collect(Collectors.groupingBy(member -> member.facts().season()));
        Map<Integer, List<NeighbourView>> seen =
                ground.neighbours(seasons).stream().collect(Collectors.groupingBy(NeighbourView::season));
        FarmGround on = FarmGround.of(ground);
        BloomForecast forecast = new BloomForecast(weathers.ofSeasons(first, last), time.today());
        Map<Integer, SeasonAsWhole> plans = new HashMap<>();
        for (int season : seasons) {
            plans.put(
                    season,
                    new SeasonAsWhole(
                            crops::get,
                            forecast,
                            on,
                            Map.of(),
                            members.getOrDefault(season, List.of()),
                            members.getOrDefault(season - 1, List.of()),
                            seen.getOrDefault(season, List.of())));
        }
        return plans;
    }

    /** Usual last frost of spring and first of autumn; null where the grower has not said. */
    record Frosts(MonthDay last, MonthDay first) {}

    Frosts frosts() {
        FarmView farm = farms.get();
        return new Frosts(farm.lastFrost(), farm.firstFrost());
    }

    private Loaded load(
            int season, List<Planting> found, Member extra, Predicate<Member> stocked, Function<String, Crop> known) {
        List<Member> around = found.stream().map(Planting::member).collect(Collectors.toList());
        if (extra != null) {
            around.removeIf(member -> member.id().equals(extra.id()));
            around.add(extra);
        }
        List<Member> members = of(around, season);
        FarmGround on = FarmGround.of(ground);
        SeasonAsWhole whole = new SeasonAsWhole(
                known,
                new BloomForecast(weathers.ofSeasons(season, season), time.today()),
                on,
                stockOf(members.stream().filter(stocked).toList()),
                members,
                of(around, season - 1),
                ground.neighbours(List.of(season)));
        return new Loaded(whole, on, around);
    }

    private Map<UUID, SeedStock.OnHand> stockOf(List<Member> members) {
        return members.isEmpty()
                ? Map.of()
                : stock.of(members.stream().map(member -> member.variety().id()).collect(Collectors.toSet()));
    }

    private static List<Member> of(List<Member> members, int season) {
        return members.stream()
                .filter(member -> member.facts().season() == season)
                .toList();
    }
}
