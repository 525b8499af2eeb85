package theriseed.server.season;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import theriseed.core.crop.Crop;
import theriseed.core.season.FamilyRest;
import theriseed.core.season.GroundTaken;
import theriseed.core.season.GroundTaken.Plants;
import theriseed.core.season.GroundTaken.Standing;
import theriseed.core.season.GroundTaken.Stay;
import theriseed.server.base.Refused;
import theriseed.server.ground.BedView;

/** Refuses plantings on ground that is taken, too small or resting, and tells where else they could stand. */
final class GroundCheck {
    /** Bed 2 before bed 10. */
    private static final Comparator<BedView> BY_NUMBER =
            Comparator.comparing((BedView bed) -> bed.name().length()).thenComparing(BedView::name);

    private final SeasonAsWhole season;
    private final FarmGround ground;
    private final Map<UUID, Member> members;
    private final GroundTaken<UUID> taken;

    /** @param around plantings of this season and of those before and after whose rest may meet it */
    GroundCheck(SeasonAsWhole season, FarmGround ground, Collection<Member> around) {
        this.season = season;
        this.ground = ground;
        this.members = around.stream().collect(Collectors.toMap(Member::id, member -> member));
        this.taken = new GroundTaken<>(around.stream().map(this::plants).toList());
    }

    private Plants<UUID> plants(Member member) {
        return new Plants<>(
                member.id(),
                season.cropOf(member),
                member.variety().id(),
                member.facts().season(),
                member.facts().days().sownOn(),
                season.stays(member));
    }

    /** Refuses a planting on ground that is taken, too small, or must rest from its family. */
    void check(Member wanted) {
        checkRoom(wanted);
        Plants<UUID> plants = plants(wanted);
        for (Stay stay : plants.stays()) {
            check(wanted, plants, stay);
        }
    }

    private void check(Member wanted, Plants<UUID> plants, Stay stay) {
        Where where = Where.of(stay.ground());
        ground.site(where);
        if (!where.stretches().isEmpty()) {
            if (stay.ground().overlapsItself()) {
                throw new Refused("stretches", "a bed twice", "planting.bedTwice");
            }
            taken.takenBy(plants, stay).ifPresent(other -> {
                throw new Refused(
                        stay == plants.stays().get(0) ? "stretches" : "rootStretches",
                        ground.words(where),
                        "planting.groundTaken",
                        "ground",
                        ground.words(Where.of(other.stay().ground())),
                        "variety",
                        variety(other),
                        "until",
                        other.stay().to());
            });
        }
        if (wanted.facts().restOverruled().isBlank()) {
            taken.restsFrom(plants, stay).ifPresent(other -> {
                Crop crop = plants.crop();
                throw new Refused(
                        "restOverruled",
                        "nothing",
                        "planting.familyRest",
                        "ground",
                        ground.words(where),
                        "variety",
                        variety(other),
                        "year",
                        String.valueOf(other.stay().year()),
                        "family",
                        crop.family(),
                        "years",
                        FamilyRest.years(crop.family()));
            });
        }
    }

    private String variety(Standing<UUID> other) {
        return members.get(other.plants().planting()).variety().name();
    }

    private void checkRoom(Member wanted) {
        double dropped = wanted.facts().keeping().dropped();
        double wide = ground.site(wanted.facts().where()).narrowSide();
        if (dropped > 0 && 2 * dropped >= wide) {
            throw new Refused(
                    "dropped",
                    dropped,
                    "planting.rowsGiven",
                    "ground",
                    ground.words(wanted.facts().where()),
                    "wide",
                    wide,
                    "most",
                    wide / 2);
        }
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

    /** Plots and beds where the planting would have room, that nothing takes then and that are rested. */
    List<Where> free(Member wanted) {
        Plants<UUID> plants = plants(wanted);
        double needed = wanted.facts().sowing().plants() * SeasonSources.each(plants.crop(), wanted.facts());
        return taken.free(plants, plants.stays().get(0), needed, plots()).stream()
                .map(Where::of)
                .toList();
    }

    private List<GroundTaken.Plot> plots() {
        Map<UUID, List<BedView>> beds = new HashMap<>();
        ground.beds()
                .values()
                .forEach(bed -> beds.computeIfAbsent(bed.plotId(), plot -> new ArrayList<>())
                        .add(bed));
        return ground.plots().values().stream()
                .filter(plot -> !plot.removed())
                .map(plot -> new GroundTaken.Plot(
                        plot.id(),
                        plot.area(),
                        beds.getOrDefault(plot.id(), List.of()).stream()
                                .filter(bed -> !bed.removed())
                                .sorted(BY_NUMBER)
                                .map(bed -> new GroundTaken.Bed(bed.id(), bed.length(), bed.area()))
                                .toList()))
                .toList();
    }
}
