package theriseed.core.pollination;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import theriseed.core.measure.Range;

/**
 * Which fathers each closed female bud gets next morning: from other plants, several to a flower, and all plants as evenly
 * as it goes, those used least so far first.
 *
 * @param crosses one for each female bud that gets a father
 * @param left female buds for which no other plant has a male
 */
public record MorningPlan(List<Cross> crosses, int left) {
    /** Fathers a flower gets when there are as many. */
    public static final int FATHERS_EACH = 3;

    /** Flowers that one male can be rubbed on before its pollen is gone. */
    private static final int FLOWERS_A_MALE = 3;

    /** Buds of a plant that were closed in the evening. */
    public record Buds(int plant, int females, int males) {
        public Buds {
            Range.of(1, 100_000, "plant").check("plant", plant);
            Range.of(0, 200, "buds").check("females", females);
            Range.of(0, 200, "buds").check("males", males);
        }
    }

    /** One flower: its plant, and the plants whose males are taken to it. */
    public record Cross(int mother, List<Integer> fathers) {}

    /** @param used how often each plant was a father so far */
    public static MorningPlan of(List<Buds> closed, Map<Integer, Integer> used) {
        Map<Integer, Integer> left = new HashMap<>();
        closed.forEach(buds -> left.merge(buds.plant(), buds.males() * FLOWERS_A_MALE, Integer::sum));
        Map<Integer, Integer> so = new HashMap<>(used);
        List<Cross> crosses = new ArrayList<>();
        int without = 0;
        for (Buds buds :
                closed.stream().sorted(Comparator.comparingInt(Buds::plant)).toList()) {
            for (int flower = 0; flower < buds.females(); flower++) {
                List<Integer> fathers = fathers(buds.plant(), left, so);
                if (fathers.isEmpty()) {
                    without++;
                } else {
                    crosses.add(new Cross(buds.plant(), fathers));
                }
            }
        }
        return new MorningPlan(List.copyOf(crosses), without);
    }

    private static List<Integer> fathers(int mother, Map<Integer, Integer> left, Map<Integer, Integer> used) {
        List<Integer> chosen = left.entrySet().stream()
                .filter(male -> male.getKey() != mother && male.getValue() > 0)
                .map(Map.Entry::getKey)
                .sorted(Comparator.comparing((Integer plant) -> used.getOrDefault(plant, 0))
                        .thenComparing(plant -> -left.get(plant))
                        .thenComparing(Comparator.naturalOrder()))
                .limit(FATHERS_EACH)
                .toList();
        chosen.forEach(plant -> {
            left.merge(plant, -1, Integer::sum);
            used.merge(plant, 1, Integer::sum);
        });
        return chosen.stream().sorted().toList();
    }
}
