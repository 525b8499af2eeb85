package theriseed.server.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.season.FamilyRest;
import theriseed.server.base.Refused;
import theriseed.server.ground.BedView;
import theriseed.server.ground.PlotView;
import theriseed.server.season.SeasonAsWhole.Stay;

/** Which ground is taken when, which rests from which family, and where a planting could stand instead. */
final class GroundTaken {
    /** Bed 2 before bed 10. */
    private static final Comparator<BedView> BY_NUMBER =
            Comparator.comparing((BedView bed) -> bed.name().length()).thenComparing(BedView::name);

    private final SeasonAsWhole season;
    private final FarmGround ground;
    private final Map<UUID, List<Standing>> byPlot = new HashMap<>();

    /** A planting on one of the grounds it takes. */
    private record Standing(Member member, Stay stay) {}

    /** @param around plantings of this season and of those before and after whose rest may meet it */
    GroundTaken(SeasonAsWhole season, FarmGround ground, List<Member> around) {
        this.season = season;
        this.ground = ground;
        for (Member member : around) {
            for (Stay stay : season.stays(member)) {
                byPlot.computeIfAbsent(stay.where().plotId(), plot -> new ArrayList<>())
                        .add(new Standing(member, stay));
            }
        }
    }

    /** Refuses a planting on ground that is taken, too small, or must rest from its family. */
    void check(Member wanted) {
        checkRoom(wanted);
        for (Stay stay : season.stays(wanted)) {
            check(wanted, stay);
        }
    }

    private void check(Member wanted, Stay stay) {
        Where where = stay.where();
        ground.site(where);
        if (!where.stretches().isEmpty()) {
            checkOwnStretches(where);
            takenBy(wanted, stay).ifPresent(other -> {
                throw new Refused(
                        stay.year() == wanted.facts().season() ? "stretches" : "rootStretches",
                        ground.words(where),
                        "planting.groundTaken",
                        "ground",
                        ground.words(other.stay().where()),
                        "variety",
                        other.member().variety().name(),
                        "until",
                        other.stay().to());
            });
        }
        if (wanted.facts().restOverruled().isBlank()) {
            restsFrom(wanted, stay).ifPresent(other -> {
                Crop crop = season.cropOf(wanted);
                throw new Refused(
                        "restOverruled",
                        "nothing",
                        "planting.familyRest",
                        "ground",
                        ground.words(where),
                        "variety",
                        other.member().variety().name(),
                        "year",
                        String.valueOf(other.stay().year()),
                        "family",
                        crop.family(),
                        "years",
                        FamilyRest.years(crop.family()));
            });
        }
    }

    private void checkRoom(Member wanted) {
        int fits = season.fits(wanted);
        if (wanted.facts().sowing().plants() > fits) {
            throw new Refused(
                    "plants",
                    wanted.facts().sowing().plants(),
                    "planting.fits",
                    "ground",
                    ground.words(wanted.facts().where()),
                    "fits",
                    fits);
        }
    }

    private static void checkOwnStretches(Where where) {
        for (int i = 0; i < where.stretches().size(); i++) {
            for (int j = 0; j < i; j++) {
                if (where.stretches().get(i).shares(where.stretches().get(j))) {
                    throw new Refused("stretches", "a bed twice", "planting.bedTwice");
                }
            }
        }
    }

    private Optional<Standing> takenBy(Member wanted, Stay stay) {
        return others(wanted, stay.where())
                .filter(other -> other.stay().meets(stay) && !standsOn(wanted, other.member()))
                .findFirst();
    }

    private Optional<Standing> restsFrom(Member wanted, Stay stay) {
        Crop crop = season.cropOf(wanted);
        return others(wanted, stay.where())
                .filter(other -> other.stay().year() != stay.year() && !standsOn(wanted, other.member()))
                .filter(other -> {
                    int first = Math.min(stay.year(), other.stay().year());
                    return FamilyRest.freeAgain(crop, season.cropOf(other.member()), first)
                            .filter(free ->
                                    free > Math.max(stay.year(), other.stay().year()))
                            .isPresent();
                })
                .findFirst();
    }

    private Stream<Standing> others(Member wanted, Where where) {
        return byPlot.getOrDefault(where.plotId(), List.of()).stream()
                .filter(other -> !other.member().id().equals(wanted.id()))
                .filter(other -> other.stay().where().shares(where));
    }

    /** Whether two are the same perennial plants, of which each season has its record. */
    private boolean standsOn(Member wanted, Member other) {
        return season.cropOf(wanted).lifeCycle() == LifeCycle.PERENNIAL
                && wanted.variety().id().equals(other.variety().id())
                && wanted.facts().season() != other.facts().season()
                && wanted.facts().days().sownOn().equals(other.facts().days().sownOn());
    }

    /** Plots and beds where the planting would have room, that nothing takes then and that are rested. */
    List<Where> free(Member wanted) {
        double needed = wanted.facts().sowing().plants() * SeasonAsWhole.each(season.cropOf(wanted), wanted.facts());
        Stay now = season.stays(wanted).get(0);
        Map<UUID, List<BedView>> beds = new HashMap<>();
        ground.beds()
                .values()
                .forEach(bed -> beds.computeIfAbsent(bed.plotId(), plot -> new ArrayList<>())
                        .add(bed));
        List<Where> free = new ArrayList<>();
        for (PlotView plot : ground.plots().values()) {
            if (plot.removed()) {
                continue;
            }
            List<BedView> inside = beds.getOrDefault(plot.id(), List.of()).stream()
                    .filter(bed -> !bed.removed())
                    .sorted(BY_NUMBER)
                    .toList();
            Optional<Where> found = inside.isEmpty()
                    ? Optional.of(Where.plot(plot.id()))
                            .filter(where -> plot.area() >= needed && isFree(wanted, now, where))
                    : bedsOf(plot, inside, wanted, now, needed);
            found.filter(where -> !where.shares(wanted.facts().where())).ifPresent(free::add);
        }
        return free;
    }

    private Optional<Where> bedsOf(PlotView plot, List<BedView> beds, Member wanted, Stay now, double needed) {
        List<Stretch> taken = new ArrayList<>();
        double room = 0;
        for (BedView bed : beds) {
            Stretch whole = new Stretch(bed.id(), 0.0, bed.length());
            if (room < needed && isFree(wanted, now, Where.on(plot.id(), List.of(whole)))) {
                taken.add(whole);
                room += bed.area();
            }
        }
        return room < needed ? Optional.empty() : Optional.of(Where.on(plot.id(), taken));
    }

    private boolean isFree(Member wanted, Stay now, Where where) {
        Stay there = new Stay(where, now.year(), now.from(), now.to());
        return takenBy(wanted, there).isEmpty() && restsFrom(wanted, there).isEmpty();
    }
}
