package theriseed.server.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.season.FamilyRest;
import theriseed.server.base.Refused;
import theriseed.server.ground.BedView;
import theriseed.server.ground.PlotView;

/** Which ground is taken when, which rests from which family, and where a planting could stand instead. */
final class GroundTaken {
    /** Bed 2 before bed 10. */
    private static final Comparator<BedView> BY_NUMBER =
            Comparator.comparing((BedView bed) -> bed.name().length()).thenComparing(BedView::name);

    private final SeasonAsWhole season;
    private final FarmGround ground;
    private final Map<UUID, List<Member>> byPlot = new HashMap<>();

    /** @param around plantings of this season and of those before and after whose rest may meet it */
    GroundTaken(SeasonAsWhole season, FarmGround ground, List<Member> around) {
        this.season = season;
        this.ground = ground;
        around.forEach(member -> byPlot.computeIfAbsent(member.facts().where().plotId(), plot -> new ArrayList<>())
                .add(member));
    }

    /** Refuses a planting on ground that is taken, too small, or must rest from its family. */
    void check(Member wanted) {
        Where where = wanted.facts().where();
        ground.site(where);
        checkRoom(wanted);
        if (!where.stretches().isEmpty()) {
            checkOwnStretches(where);
            takenBy(wanted, where).ifPresent(other -> {
                throw new Refused(
                        "stretches",
                        ground.words(where),
                        "ground that is free",
                        ground.words(other.facts().where()) + " holds "
                                + other.variety().name() + " until "
                                + season.onGround(other).to() + ".");
            });
        }
        if (wanted.facts().restOverruled().isBlank()) {
            restsFrom(wanted, where).ifPresent(other -> {
                Crop crop = season.cropOf(wanted);
                throw new Refused(
                        "restOverruled",
                        "nothing",
                        "a reason",
                        ground.words(where) + " had " + other.variety().name() + " in "
                                + other.facts().season() + ", also of the " + crop.family()
                                + ". That family comes back every " + FamilyRest.years(crop.family())
                                + " years at the soonest, against disease in the soil. Choose other ground, or say why"
                                + " it may stand here all the same.");
            });
        }
    }

    private void checkRoom(Member wanted) {
        int fits = season.fits(wanted);
        if (wanted.facts().sowing().plants() > fits) {
            throw new Refused(
                    "plants",
                    wanted.facts().sowing().plants(),
                    "[1, " + fits + "]",
                    ground.words(wanted.facts().where()) + " has room for " + fits + " plants at this spacing.");
        }
    }

    private static void checkOwnStretches(Where where) {
        for (int i = 0; i < where.stretches().size(); i++) {
            for (int j = 0; j < i; j++) {
                if (where.stretches().get(i).shares(where.stretches().get(j))) {
                    throw new Refused("stretches", "a bed twice", "each bed once", "The same bed is taken twice.");
                }
            }
        }
    }

    private Optional<Member> takenBy(Member wanted, Where where) {
        SeasonAsWhole.Span when = season.onGround(wanted);
        return byPlot.getOrDefault(where.plotId(), List.of()).stream()
                .filter(other -> !other.id().equals(wanted.id()))
                .filter(other -> other.facts().where().shares(where))
                .filter(other -> season.onGround(other).meets(when))
                .findFirst();
    }

    private Optional<Member> restsFrom(Member wanted, Where where) {
        Crop crop = season.cropOf(wanted);
        int year = wanted.facts().season();
        return byPlot.getOrDefault(where.plotId(), List.of()).stream()
                .filter(other ->
                        !other.id().equals(wanted.id()) && other.facts().season() != year)
                .filter(other -> other.facts().where().shares(where))
                .filter(other -> !staysOn(crop, wanted, other))
                .filter(other -> {
                    int first = Math.min(year, other.facts().season());
                    return FamilyRest.freeAgain(crop, season.cropOf(other), first)
                            .filter(free -> free > Math.max(year, other.facts().season()))
                            .isPresent();
                })
                .findFirst();
    }

    private static boolean staysOn(Crop crop, Member wanted, Member other) {
        return crop.lifeCycle() == LifeCycle.PERENNIAL
                && wanted.variety().id().equals(other.variety().id());
    }

    /** Plots and beds where the planting would have room, that nothing takes then and that are rested. */
    List<Where> free(Member wanted) {
        double needed = wanted.facts().sowing().plants() * SeasonAsWhole.each(season.cropOf(wanted), wanted.facts());
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
                    ? Optional.of(Where.plot(plot.id())).filter(where -> plot.area() >= needed && isFree(wanted, where))
                    : bedsOf(plot, inside, wanted, needed);
            found.filter(where -> !where.shares(wanted.facts().where())).ifPresent(free::add);
        }
        return free;
    }

    private Optional<Where> bedsOf(PlotView plot, List<BedView> beds, Member wanted, double needed) {
        List<Stretch> taken = new ArrayList<>();
        double room = 0;
        for (BedView bed : beds) {
            Stretch whole = new Stretch(bed.id(), 0.0, bed.length());
            if (room < needed && isFree(wanted, new Where(plot.id(), List.of(whole), null))) {
                taken.add(whole);
                room += bed.area();
            }
        }
        return room < needed ? Optional.empty() : Optional.of(new Where(plot.id(), taken, null));
    }

    private boolean isFree(Member wanted, Where where) {
        return takenBy(wanted, where).isEmpty() && restsFrom(wanted, where).isEmpty();
    }
}
