package theriseed.core.pollination;

import java.util.List;
import java.util.stream.IntStream;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * When to put insects into a cage and how many. Bookkeeping: their life depends on heat and food, so watch the seed set.
 *
 * @param everyDays days from one introduction to the next
 * @param placeOn days of the window, 0 the first flower's, below 0 before it
 * @param insectsEach insects an introduction
 */
public record CageSchedule(int everyDays, List<Integer> placeOn, int insectsEach) {
    private static final int LONGEST_WINDOW = 200;

    /** For a hundred flies that live ten days as adults, seven of ten emerging four days after they are put in. */
    public static CageSchedule usual(int window) {
        return of(Math.min(LONGEST_WINDOW, window), 12, 0.25, 100, 0.7, 10, 4);
    }

    /**
     * @param window days of bloom, 1 to 200
     * @param life useful life of an introduction, days, 1 to 60
     * @param overlap of one introduction with the next, 0 to 0.9
     * @param alive insects wanted alive, at least 1
     * @param emergence share that emerges, above 0 to 1
     * @param meanLife of an adult, days, 1 to 100
     * @param lead days from placing to adult, 0 to 40
     */
    public static CageSchedule of(
            int window, int life, double overlap, double alive, double emergence, double meanLife, int lead) {
        Range.of(1, LONGEST_WINDOW, "days").check("window", window);
        Range.of(1, 60, "days").check("life", life);
        Range.of(0, 0.9, "").check("overlap", overlap);
        Range.of(1, 1e6, "insects").check("need_alive", alive);
        Range.above(0, 1, "").check("emergence", emergence);
        Range.of(1, 100, "days").check("mean_life", meanLife);
        Range.of(0, 40, "days").check("lead", lead);
        int every = Math.max(1, (int) Math.floor(life * (1 - overlap) + 1e-9));
        int number = window <= life ? 1 : Chance.roundUp((window - life) / (double) every) + 1;
        int gap = number == 1 ? window : every;
        return new CageSchedule(
                every,
                IntStream.range(0, number).map(i -> i * every - lead).boxed().toList(),
                Chance.roundUp(alive / (emergence * Math.exp(-gap / meanLife))));
    }
}
