package theriseed.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.FarmYear;
import theriseed.core.bloom.Frosts;
import theriseed.core.crop.Crop;
import theriseed.core.season.FamilyRest;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Kept;
import theriseed.server.farm.Farms;
import theriseed.server.ground.Ground;
import theriseed.server.ground.NeighbourView;
import theriseed.server.handbook.Crops;
import theriseed.server.weather.Weathers;

/**
 * Loads whole seasons, in a number of queries that does not grow with them. A plan is kept until a record it rests on
 * is written, and even then what the change does not touch is not judged again.
 */
@Component
class Seasons {
    /** Ten years and the next, as the list of all lots asks them. */
    private static final int MOST_KEPT = 12;

    private final PlantingRepository plantings;
    private final Crops crops;
    private final Ground ground;
    private final Weathers weathers;
    private final Farms farms;
    private final SeedStock stock;
    private final FarmTime time;

    private final Kept<SeasonOn, SeasonAsWhole> plans;
    private final Kept<String, Learned> learned;
    private final Kept<String, FarmGround> grounds;

    /** A season as it looks from a day. */
    private record SeasonOn(int season, LocalDate day) {}

    Seasons(
            PlantingRepository plantings,
            Crops crops,
            Ground ground,
            Weathers weathers,
            Farms farms,
            @Lazy SeedStock stock,
            Changes changes,
            FarmTime time) {
        this.plantings = plantings;
        this.crops = crops;
        this.ground = ground;
        this.weathers = weathers;
        this.farms = farms;
        this.stock = stock;
        this.time = time;
        this.plans = new Kept<>(
                changes.of(Planting.class, Variety.class, BloomLook.class)
                        .and(ground.records(), weathers.records(), farms.records(), crops.records()),
                MOST_KEPT);
        this.learned = new Kept<>(
                changes.of(Planting.class, BloomLook.class).and(weathers.records(), farms.records(), crops.records()),
                1);
        this.grounds = new Kept<>(ground.records(), 1);
    }

    /** A season, and all plantings that its ground may have to rest from. */
    record Loaded(SeasonAsWhole whole, List<Member> around) {
        GroundCheck taken() {
            return new GroundCheck(whole, whole.ground(), around);
        }
    }

    /** The plan of a season; as it was calculated lately, when nothing was written since. */
    SeasonAsWhole plan(int season) {
        return plans(List.of(season)).get(season);
    }

    /** The plan of a season, or a scheme beside it. */
    SeasonAsWhole of(int season, UUID scheme) {
        return scheme == null ? plan(season) : calculated(season, around(season, scheme, null), crops::get);
    }

    /** The plan of a season, were crops known otherwise. */
    SeasonAsWhole planWith(int season, Function<String, Crop> known) {
        return calculated(season, plantings.planned(season - 1, season + 1), known);
    }

    /**
     * A season of the plan, or of a scheme, with all plantings that its ground may have to rest from.
     *
     * @param extra a planting as it is tried, in place of itself or not among them yet; null for none
     */
    Loaded whole(int season, UUID scheme, Member extra) {
        List<Member> around = around(season, scheme, extra);
        return new Loaded(calculated(season, around, crops::get), around);
    }

    /** The plan of a season as it stands, with all plantings that its ground may have to rest from. */
    Loaded asItStands(int season, UUID scheme) {
        return scheme == null ? new Loaded(plan(season), around(season, null, null)) : whole(season, scheme, null);
    }

    /** The plans of several seasons at once. */
    Map<Integer, SeasonAsWhole> plans(List<Integer> seasons) {
        List<SeasonOn> wanted = seasons.stream()
                .map(season -> new SeasonOn(season, time.today()))
                .toList();
        return plans.of(wanted, this::calculated).entrySet().stream()
                .collect(Collectors.toMap(plan -> plan.getKey().season(), Map.Entry::getValue));
    }

    private Map<SeasonOn, SeasonAsWhole> calculated(List<SeasonOn> wanted) {
        if (wanted.isEmpty()) {
            return Map.of();
        }
        List<Integer> seasons = wanted.stream().map(SeasonOn::season).toList();
        int first = Collections.min(seasons);
        int last = Collections.max(seasons);
        List<Member> members = plantings.planned(first - 1, last + 1);
        Map<Integer, List<NeighbourView>> seen = ground.neighbours(
                IntStream.rangeClosed(first - 1, last + 1).boxed().toList());
        FarmGround on = farmGround();
        BloomForecast forecast = new BloomForecast(weathers.ofSeasons(first - 1, last + 1), frosts(), time.today());
        return wanted.stream()
                .collect(Collectors.toMap(
                        Function.identity(),
                        plan -> calculated(plan.season(), members, seen, on, forecast, crops::get)));
    }

    private SeasonAsWhole calculated(int season, List<Member> around, Function<String, Crop> known) {
        return calculated(
                season,
                around,
                ground.neighbours(List.of(season - 1, season, season + 1)),
                farmGround(),
                new BloomForecast(weathers.ofSeasons(season - 1, season + 1), frosts(), time.today()),
                known);
    }

    private SeasonAsWhole calculated(
            int season,
            List<Member> around,
            Map<Integer, List<NeighbourView>> seen,
            FarmGround on,
            BloomForecast forecast,
            Function<String, Crop> known) {
        return new SeasonAsWhole(
                known,
                forecast,
                learned(),
                on,
                of(around, season),
                of(around, season - 1),
                seen.getOrDefault(season, List.of()),
                new SeasonSources.Beside(
                        Stream.of(season - 1, season + 1)
                                .flatMap(other -> of(around, other).stream())
                                .toList(),
                        Stream.of(season - 1, season + 1)
                                .flatMap(other -> seen.getOrDefault(other, List.of()).stream())
                                .toList()),
                plans.lately(new SeasonOn(season, time.today())).orElse(null));
    }

    /** What varieties asked for here. */
    private Learned learned() {
        return learned.of("all", () -> {
            List<Member> looked = plantings.looked();
            IntSummaryStatistics seasons =
                    looked.stream().mapToInt(member -> member.facts().season()).summaryStatistics();
            return looked.isEmpty()
                    ? new Learned(Map.of())
                    : Learned.of(
                            looked,
                            new BloomForecast(
                                    weathers.ofSeasons(seasons.getMin() - 1, seasons.getMax() + 1),
                                    frosts(),
                                    time.today()),
                            crops::get);
        });
    }

    /** The ground as it is drawn; read again when something on the map was written. */
    FarmGround farmGround() {
        return grounds.of("all", () -> FarmGround.of(ground));
    }

    private List<Member> around(int season, UUID scheme, Member extra) {
        int far = FamilyRest.LONGEST;
        List<Member> around = new ArrayList<>(plantings.planned(season - far, season + far));
        if (scheme != null) {
            around.removeIf(member -> member.facts().season() == season);
            around.addAll(plantings.ofScheme(scheme));
        }
        if (extra != null) {
            around.removeIf(member -> member.id().equals(extra.id()));
            around.add(extra);
        }
        return around;
    }

    /** What is left of the seed of these plantings. */
    Map<UUID, SeedStock.OnHand> stockOf(List<Member> members) {
        return members.isEmpty()
                ? Map.of()
                : stock.of(members.stream().map(member -> member.variety().id()).collect(Collectors.toSet()));
    }

    /** The year as plants have it here. */
    FarmYear year() {
        return farms.year();
    }

    /** The usual days of frost, where the grower has said. */
    private Optional<Frosts> frosts() {
        return farms.get().frosts();
    }

    private static List<Member> of(List<Member> members, int season) {
        return members.stream()
                .filter(member -> member.facts().season() == season)
                .toList();
    }
}
