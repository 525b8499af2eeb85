package theriseed.core.pollination;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import theriseed.core.population.EffectiveSize;

/**
 * How many parents seed from hand pollination really has. Plants that were used more count for less than they seem; the
 * fathers of one flower are taken to share its seed evenly, which they never quite do.
 *
 * @param mothers plants that bore a fruit; {@code fathers} plants whose pollen is in one
 * @param evenMothers effective number of mothers if all had borne alike; {@code evenFathers} likewise
 * @param effective size by what each plant gave as mother and as father together; never more than there are plants
 */
public record Parentage(int mothers, int fathers, double evenMothers, double evenFathers, double effective) {
    /** One fruit: its plant, and the plants whose pollen was taken to it. */
    public record Fruit(int mother, List<Integer> fathers) {}

    public static Parentage of(Collection<Fruit> fruits) {
        Map<Integer, Double> mothers = new HashMap<>();
        Map<Integer, Double> fathers = new HashMap<>();
        for (Fruit fruit : fruits) {
            mothers.merge(fruit.mother(), 1.0, Double::sum);
            fruit.fathers()
                    .forEach(father ->
                            fathers.merge(father, 1.0 / fruit.fathers().size(), Double::sum));
        }
        double evenMothers = even(mothers);
        double evenFathers = even(fathers);
        return new Parentage(mothers.size(), fathers.size(), evenMothers, evenFathers, effective(mothers, fathers));
    }

    private static double effective(Map<Integer, Double> mothers, Map<Integer, Double> fathers) {
        Set<Integer> plants = new TreeSet<>(mothers.keySet());
        plants.addAll(fathers.keySet());
        return plants.size() < 2
                ? plants.size()
                : EffectiveSize.ofParents(0, shares(plants, mothers), shares(plants, fathers));
    }

    private static double[] shares(Set<Integer> plants, Map<Integer, Double> given) {
        return plants.stream()
                .mapToDouble(plant -> given.getOrDefault(plant, 0.0))
                .toArray();
    }

    private static double even(Map<Integer, Double> shares) {
        return shares.size() < 2
                ? shares.size()
                : EffectiveSize.equalPlants(shares.values().stream()
                        .mapToDouble(Double::doubleValue)
                        .toArray());
    }
}
