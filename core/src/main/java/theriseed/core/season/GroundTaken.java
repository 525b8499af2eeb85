package theriseed.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;

/**
 * Which ground is taken when, which rests from which plant family, and where a planting could stand instead. Ground is free
 * again the day after the last that is planned for it; what stands longer than it was planned is not known here.
 *
 * @param <P> by what a planting is known
 */
public final class GroundTaken<P> {
    private final Map<Object, List<Standing<P>>> byPlot = new HashMap<>();

    /**
     * Ground and the days on it, both included.
     *
     * @param year season in which it grows there
     */
    public record Stay(Bedding ground, int year, LocalDate from, LocalDate to) {
        boolean meets(Stay other) {
            return !from.isAfter(other.to) && !other.from.isAfter(to);
        }
    }

    /**
     * Plants and the ground they take.
     *
     * @param variety by what it is known
     * @param season whose crop they are
     * @param stays where they seed, and where their roots grow in the year before
     */
    public record Plants<P>(P planting, Crop crop, Object variety, int season, LocalDate sownOn, List<Stay> stays) {
        /** Whether both are the same perennial plants, of which each season has its record. */
        private boolean areThoseOf(Plants<P> other) {
            return crop.lifeCycle() == LifeCycle.PERENNIAL
                    && variety.equals(other.variety)
                    && season != other.season
                    && sownOn.equals(other.sownOn);
        }
    }

    /** Plants on one of the grounds they take. */
    public record Standing<P>(Plants<P> plants, Stay stay) {}

    /** A plot. @param beds as they are to be filled, one after the other */
    public record Plot(Object plot, double squareMetres, List<Bed> beds) {}

    /** A bed. @param length metres */
    public record Bed(Object bed, double length, double squareMetres) {}

    /** @param around plants of this season and of those before and after whose rest may meet it */
    public GroundTaken(Collection<Plants<P>> around) {
        for (Plants<P> plants : around) {
            for (Stay stay : plants.stays()) {
                byPlot.computeIfAbsent(stay.ground().plot(), plot -> new ArrayList<>())
                        .add(new Standing<>(plants, stay));
            }
        }
    }

    /** Who stands there then. */
    public Optional<Standing<P>> takenBy(Plants<P> wanted, Stay stay) {
        return others(wanted, stay.ground())
                .filter(other -> other.stay().meets(stay) && !wanted.areThoseOf(other.plants()))
                .findFirst();
    }

    /** After, or before, whom that ground still rests from the family. */
    public Optional<Standing<P>> restsFrom(Plants<P> wanted, Stay stay) {
        return others(wanted, stay.ground())
                .filter(other -> other.stay().year() != stay.year() && !wanted.areThoseOf(other.plants()))
                .filter(other -> rests(
                        wanted.crop(),
                        stay.year(),
                        other.plants().crop(),
                        other.stay().year()))
                .findFirst();
    }

    private static boolean rests(Crop crop, int year, Crop other, int otherYear) {
        return FamilyRest.freeAgain(crop, other, Math.min(year, otherYear))
                .filter(free -> free > Math.max(year, otherYear))
                .isPresent();
    }

    private Stream<Standing<P>> others(Plants<P> wanted, Bedding ground) {
        return byPlot.getOrDefault(ground.plot(), List.of()).stream()
                .filter(other -> !other.plants().planting().equals(wanted.planting()))
                .filter(other -> other.stay().ground().shares(ground));
    }

    /**
     * Where plants would have room then, that nothing takes and that is rested: whole plots without beds, or as many whole
     * beds of a plot as they need.
     *
     * @param needed square metres
     */
    public List<Bedding> free(Plants<P> wanted, Stay stay, double needed, List<Plot> plots) {
        return plots.stream()
                .flatMap(plot -> (plot.beds().isEmpty()
                                ? Optional.of(new Bedding(plot.plot(), List.of()))
                                        .filter(all -> plot.squareMetres() >= needed && isFree(wanted, stay, all))
                                : bedsOf(plot, wanted, stay, needed))
                        .stream())
                .filter(ground -> !ground.shares(stay.ground()))
                .toList();
    }

    private Optional<Bedding> bedsOf(Plot plot, Plants<P> wanted, Stay stay, double needed) {
        List<Bedding.Stretch> taken = new ArrayList<>();
        double room = 0;
        for (Bed bed : plot.beds()) {
            Bedding.Stretch whole = new Bedding.Stretch(bed.bed(), 0, bed.length());
            if (room < needed && isFree(wanted, stay, new Bedding(plot.plot(), List.of(whole)))) {
                taken.add(whole);
                room += bed.squareMetres();
            }
        }
        return room < needed ? Optional.empty() : Optional.of(new Bedding(plot.plot(), taken));
    }

    private boolean isFree(Plants<P> wanted, Stay now, Bedding ground) {
        Stay there = new Stay(ground, now.year(), now.from(), now.to());
        return takenBy(wanted, there).isEmpty() && restsFrom(wanted, there).isEmpty();
    }
}
