package theriseed.server.season;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.isolation.Verdict;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;
import theriseed.server.base.Clash;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** What if: copies of a season that are changed freely, held against the plan, and kept or dropped. */
@Service
public class Schemes {
    private final SchemeRepository schemes;
    private final PlantingRepository plantings;
    private final Plantings plans;
    private final Seasons seasons;
    private final Stamps stamps;

    Schemes(SchemeRepository schemes, PlantingRepository plantings, Plantings plans, Seasons seasons, Stamps stamps) {
        this.schemes = schemes;
        this.plantings = plantings;
        this.plans = plans;
        this.seasons = seasons;
        this.stamps = stamps;
    }

    /**
     * A season in figures.
     *
     * @param hours of work to keep it true, and to walk it
     */
    public record Sum(int seedCrops, int crosses, int tight, int clear, int shortOfPlants, int plants, double hours) {}

    /** A scheme beside the plan. */
    public record Compared(SchemeView scheme, Sum plan, Sum tried, List<PlantingView> plantings) {}

    @ReadsOnly
    public List<SchemeView> of(int season) {
        return schemes.findBySeasonAndStateOrderByRecordedAt(season, Scheme.State.OPEN).stream()
                .map(Scheme::view)
                .toList();
    }

    @ReadsOnly
    public Compared compared(UUID id) {
        Scheme scheme = scheme(id);
        List<PlantingView> tried = plans.ofScheme(id);
        return new Compared(
                scheme.view(),
                sum(seasons.plan(scheme.season()), plans.of(scheme.season())),
                sum(seasons.of(scheme.season(), id), tried),
                tried);
    }

    /** Copies the plan of a season. @param without plantings that are not grown in it */
    @GrowersWork
    @Transactional
    public SchemeView make(String name, int season, Collection<UUID> without) {
        Range.of(2000, 2099, "year").check("season", season);
        List<Planting> plan = plantings.toChange(season, season);
        if (!plan.stream().map(Planting::id).toList().containsAll(without)) {
            throw NotFound.of("planting").get();
        }
        Scheme scheme = schemes.saveAndFlush(new Scheme(name, season, stamps.now()));
        plantings.saveAll(plan.stream()
                .map(planting -> {
                    Planting tried = new Planting(planting, scheme.id(), stamps.now());
                    if (without.contains(planting.id())) {
                        tried.giveUp(true);
                    }
                    return tried;
                })
                .toList());
        return scheme.view();
    }

    @GrowersWork
    @Transactional
    public void drop(UUID id, int version) {
        end(id, version, Scheme.State.DROPPED);
    }

    /** Makes the plan what the scheme tried; refused where the plan was changed meanwhile. */
    @GrowersWork
    @Transactional
    public void keep(UUID id, int version) {
        Scheme scheme = end(id, version, Scheme.State.KEPT);
        String reason = "kept from " + scheme.name();
        Map<UUID, Planting> plan = plantings.toChange(scheme.season(), scheme.season() + 1).stream()
                .collect(Collectors.toMap(Planting::id, Function.identity()));
        List<Runnable> later = new ArrayList<>();
        for (Planting tried : plantings.findBySchemeId(id)) {
            Planting original = tried.copiedFrom() == null ? null : plan.get(tried.copiedFrom());
            if (original == null) {
                if (!tried.givenUp()) {
                    later.add(() -> plans.make(tried.facts(), null));
                }
            } else if (tried.givenUp() || !tried.facts().equals(original.facts())) {
                checkUnchanged(tried, original);
                if (tried.givenUp()) {
                    plans.giveUp(original.id(), original.version(), reason, true);
                } else {
                    later.add(() -> plans.correct(original.id(), original.version(), reason, tried.facts()));
                }
            }
        }
        later.forEach(Runnable::run);
    }

    private static void checkUnchanged(Planting tried, Planting original) {
        if (!tried.isCopyOf(original)) {
            throw new Refused(
                    "schemeId",
                    original.variety().name(),
                    "scheme.changedSince",
                    "variety",
                    original.variety().name());
        }
    }

    private Scheme end(UUID id, int version, Scheme.State how) {
        Scheme scheme = scheme(id);
        Clash.check(scheme, version, scheme.view());
        scheme.end(how);
        return schemes.saveAndFlush(scheme);
    }

    private Scheme scheme(UUID id) {
        return schemes.findById(id).orElseThrow(NotFound.of("scheme"));
    }

    private static Sum sum(SeasonAsWhole whole, List<PlantingView> lines) {
        List<PlantingView> forSeed =
                lines.stream().filter(line -> line.isolation() != null).toList();
        return new Sum(
                forSeed.size(),
                count(forSeed, Verdict.CROSSES),
                count(forSeed, Verdict.TIGHT),
                count(forSeed, Verdict.CLEAR),
                (int) forSeed.stream()
                        .filter(line -> line.population().mark() == PopulationPlan.Mark.SHORT)
                        .count(),
                lines.stream().mapToInt(PlantingView::plants).sum(),
                whole.members().stream().mapToDouble(whole::hours).sum());
    }

    private static int count(List<PlantingView> lines, Verdict verdict) {
        return (int) lines.stream()
                .filter(line -> line.isolation().verdict() == verdict)
                .count();
    }
}
