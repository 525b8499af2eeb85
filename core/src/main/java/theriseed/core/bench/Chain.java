package theriseed.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import theriseed.core.crop.Crop;
import theriseed.core.crop.SeedProcess;
import theriseed.core.measure.Range;

/**
 * An order of steps from what was picked to clean seed, none for seed that is clean. Steps may come more than once. Straw is
 * dried to be threshed; the seed is dried once more when it is clean, for the store.
 */
public record Chain(List<StepKind> steps) {
    private static final Range LENGTH = Range.of(0, 20, "steps");
    private static final double WET_FRUIT_PERCENT = 93;
    private static final double DRY_TOPS_PERCENT = 20;
    private static final double CLEAN_PERCENT = 8;

    /** Of seed that is clean as it comes. */
    public static final Chain NOTHING_TO_DO = of();

    private static final Chain FERMENTED = of(StepKind.EXTRACT, StepKind.FERMENT, StepKind.RINSE, StepKind.DRY);
    private static final Chain WASHED = of(StepKind.EXTRACT, StepKind.RINSE, StepKind.DRY);
    private static final Chain SOAKED = of(StepKind.EXTRACT, StepKind.SOAK, StepKind.RINSE, StepKind.DRY);
    private static final Chain CHEMICAL = of(StepKind.EXTRACT, StepKind.CHEMICAL_WASH, StepKind.RINSE, StepKind.DRY);
    private static final Chain THRESHED =
            of(StepKind.DRY, StepKind.THRESH, StepKind.SCREEN, StepKind.WINNOW, StepKind.HAND_PICK, StepKind.DRY);
    private static final Chain FROZEN = of(
            StepKind.DRY,
            StepKind.THRESH,
            StepKind.SCREEN,
            StepKind.WINNOW,
            StepKind.HAND_PICK,
            StepKind.DRY,
            StepKind.FREEZE);
    private static final Chain FRESH_FRUIT = of(StepKind.EXTRACT, StepKind.DRY, StepKind.HAND_PICK);
    private static final Chain DRIED_FRUIT =
            of(StepKind.DRY, StepKind.EXTRACT, StepKind.WINNOW, StepKind.HAND_PICK, StepKind.DRY);

    public Chain {
        LENGTH.check("steps", steps.size());
        steps = List.copyOf(steps);
    }

    /** Ways of getting at seed in which growers differ. */
    public enum School {
        FERMENTED(Chain.FERMENTED),
        WASHED(Chain.WASHED),
        SOAKED(Chain.SOAKED),
        CHEMICAL(Chain.CHEMICAL),
        THRESHED(Chain.THRESHED),
        FROZEN(Chain.FROZEN),
        FRESH_FRUIT(Chain.FRESH_FRUIT),
        DRIED_FRUIT(Chain.DRIED_FRUIT);

        private final Chain chain;

        School(Chain chain) {
            this.chain = chain;
        }

        public Chain chain() {
            return chain;
        }
    }

    private static Chain of(StepKind... steps) {
        return new Chain(List.of(steps));
    }

    /** What is usual for a crop. */
    public static Chain of(Crop crop) {
        return schools(crop).get(0).chain();
    }

    /** The schools that treat a crop, the usual one first. */
    public static List<School> schools(Crop crop) {
        return switch (crop.seedProcess().orElse(SeedProcess.DRY)) {
            case WET -> {
                boolean fermented =
                        crop.ferment().equals("recommended") || crop.ferment().equals("optional");
                List<School> schools = new ArrayList<>(List.of(School.FERMENTED, School.SOAKED, School.CHEMICAL));
                schools.add(fermented ? 1 : 0, School.WASHED);
                yield schools;
            }
            case DRY -> List.of(School.THRESHED, School.FROZEN);
            case DRY_FRUIT -> List.of(School.FRESH_FRUIT, School.DRIED_FRUIT);
        };
    }

    /**
     * The school that seed went through, told by what was done to it, not by what was meant to be.
     *
     * @return none where it was a way of the farm's own
     */
    public static Optional<School> school(Crop crop, List<StepKind> done) {
        List<StepKind> way = way(crop, done);
        return schools(crop).stream()
                .filter(school -> way(crop, school.chain().steps()).equals(way))
                .findFirst();
    }

    /** What tells the schools of a crop apart, in its order. */
    private static List<StepKind> way(Crop crop, List<StepKind> steps) {
        Set<StepKind> telling = switch (crop.seedProcess().orElse(SeedProcess.DRY)) {
            case WET -> Set.of(StepKind.FERMENT, StepKind.SOAK, StepKind.CHEMICAL_WASH, StepKind.RINSE);
            case DRY -> Set.of(StepKind.THRESH, StepKind.FREEZE);
            case DRY_FRUIT -> Set.of(StepKind.EXTRACT, StepKind.DRY);
        };
        return steps.stream().filter(telling::contains).distinct().toList();
    }

    /**
     * The step to offer after those done: the one after the furthest that was reached in order, or null at the end. What is
     * done outside the chain moves nothing.
     */
    public StepKind next(List<StepKind> done) {
        int place = reached(done);
        return place + 1 < steps.size() ? steps.get(place + 1) : null;
    }

    /** Whether those done have left clean seed: nothing is to come but to dry it for the store, where it is damp. */
    public boolean cleaned(List<StepKind> done) {
        List<StepKind> left = left(done);
        int reached = reached(done);
        return left.isEmpty()
                || left.equals(List.of(StepKind.DRY))
                        && reached >= 0
                        && steps.get(reached).keepsMoisture();
    }

    /** Steps of the chain still to come after those done. */
    public List<StepKind> left(List<StepKind> done) {
        return steps.subList(reached(done) + 1, steps.size());
    }

    /** Places in the chain, from 0, of steps before the furthest that was reached that were passed over. */
    public List<Integer> skipped(List<StepKind> done) {
        List<Integer> places = placesOf(done);
        return IntStream.rangeClosed(0, reached(done))
                .filter(place -> !places.contains(place))
                .boxed()
                .toList();
    }

    private int reached(List<StepKind> done) {
        List<Integer> places = placesOf(done);
        return places.isEmpty() ? -1 : places.get(places.size() - 1);
    }

    /**
     * Where in the chain each of these was done, in order; what was done outside it is left out. Drying once more between
     * other steps passes over none of them: it is not yet the drying for the store.
     */
    private List<Integer> placesOf(List<StepKind> done) {
        List<Integer> places = new ArrayList<>();
        int from = 0;
        for (StepKind kind : done) {
            int at = steps.subList(from, steps.size()).indexOf(kind);
            if (at >= 0 && !(kind == StepKind.DRY && at > 0 && steps.indexOf(kind) < from)) {
                places.add(from + at);
                from += at + 1;
            }
        }
        return places;
    }

    /** Moisture taken for what was picked of a crop when none was measured, percent: fresh fruit, or dry tops. */
    public static double usualMoistureAtHarvest(Crop crop) {
        return crop.seedProcess().orElse(SeedProcess.DRY) == SeedProcess.DRY ? DRY_TOPS_PERCENT : WET_FRUIT_PERCENT;
    }

    /** Moisture taken for what was transferred from other lots when none was measured, percent, told by what is still to do. */
    public double usualMoistureBefore() {
        return steps.isEmpty() ? CLEAN_PERCENT : wet() ? WET_FRUIT_PERCENT : DRY_TOPS_PERCENT;
    }

    /** Whether it begins with fruit that is opened fresh, or with what came of it. */
    public boolean wet() {
        return !steps.isEmpty() && steps.get(0).wet();
    }
}
