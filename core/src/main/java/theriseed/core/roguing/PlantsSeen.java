package theriseed.core.roguing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import theriseed.core.measure.Range;

/**
 * Which plants of a stand were looked at by which walks: the stand cut into blocks, each seen whole by the same walks.
 *
 * <p>Rows are taken to hold equally many plants; what a walk looked at beyond those of its rows may be any. Of a walk whose rows are not known, and that nobody said went through
 * others, the plants are taken to be those that were looked at before: the same half twice is not the whole.
 *
 * @param blocks each with at least one plant; the one that nobody looked at, if any, has no looks
 */
record PlantsSeen(List<Block> blocks) {
    /**
     * Plants seen by the same walks.
     *
     * @param plants before any was pulled
     * @param looks in the order of the walks
     */
    record Block(int plants, List<Look> looks) {
        int gone() {
            return looks.stream().mapToInt(Look::gone).sum();
        }
    }

    /** What one walk found in one block. */
    record Look(int found, int gone, double recognised) {}

    /** Plants beside one another from one place in the stand on, seen by the same walks. */
    private record Stretch(int from, int plants, List<Integer> passes) {
        Stretch seenBy(int pass) {
            List<Integer> all = new ArrayList<>(passes);
            all.add(pass);
            return new Stretch(from, plants, all);
        }
    }

    /**
     * @param plants standing before the first walk
     * @param passes in the order they were walked
     * @throws theriseed.core.measure.OutOfRange where a walk looked at more plants than stood
     */
    static PlantsSeen of(int plants, List<Pass> passes) {
        Range.of(1, 1e6, "plants").check("plants", plants);
        List<Stretch> stretches = List.of(new Stretch(0, plants, List.of()));
        int standing = plants;
        for (int i = 0; i < passes.size(); i++) {
            Pass pass = passes.get(i);
            Range.of(1, standing, "plants").check("passes[" + i + "].looked_at", pass.lookedAt());
            stretches = walk(cut(stretches, pass, plants), i, passes, plants);
            standing -= pass.gone();
        }
        Map<List<Integer>, Integer> sizes = new LinkedHashMap<>();
        stretches.forEach(stretch -> sizes.merge(stretch.passes(), stretch.plants(), Integer::sum));
        return new PlantsSeen(share(sizes, passes));
    }

    /** Cuts where the rows of a walk begin and end. */
    private static List<Stretch> cut(List<Stretch> stretches, Pass pass, int plants) {
        List<Stretch> cut = stretches;
        for (int row : pass.rows()) {
            cut = cut(cut(cut, begin(row, pass, plants)), begin(row + 1, pass, plants));
        }
        return cut;
    }

    private static List<Stretch> cut(List<Stretch> stretches, int at) {
        List<Stretch> cut = new ArrayList<>();
        for (Stretch one : stretches) {
            int before = at - one.from();
            if (before > 0 && before < one.plants()) {
                cut.add(new Stretch(one.from(), before, one.passes()));
                cut.add(new Stretch(at, one.plants() - before, one.passes()));
            } else {
                cut.add(one);
            }
        }
        return cut;
    }

    private static int begin(int row, Pass pass, int plants) {
        return (int) Math.round((row - 1.0) * plants / pass.rowsInAll());
    }

    private static List<Stretch> walk(List<Stretch> stretches, int number, List<Pass> passes, int plants) {
        Pass pass = passes.get(number);
        Comparator<Stretch> mostSeen =
                Comparator.comparingInt(stretch -> -stretch.passes().size());
        boolean others = pass.others() && pass.rows().isEmpty();
        List<Stretch> way = stretches.stream()
                .sorted(Comparator.<Stretch, Boolean>comparing(stretch -> !inRows(stretch, pass, plants))
                        .thenComparing(others ? mostSeen.reversed() : mostSeen))
                .toList();
        List<Stretch> after = new ArrayList<>(stretches);
        double still = pass.lookedAt();
        for (Stretch stretch : way) {
            double standing = stretch.plants() - gone(stretch, stretches, passes);
            int seen = still >= standing - 0.5
                    ? stretch.plants()
                    : (int) Math.floor(stretch.plants() * Math.max(0, still) / standing);
            still -= standing;
            if (seen > 0) {
                after.remove(stretch);
                after.add(new Stretch(stretch.from(), seen, stretch.passes()).seenBy(number));
            }
            if (seen > 0 && seen < stretch.plants()) {
                after.add(new Stretch(stretch.from() + seen, stretch.plants() - seen, stretch.passes()));
            }
        }
        return after;
    }

    private static boolean inRows(Stretch stretch, Pass pass, int plants) {
        return pass.rows().stream()
                .anyMatch(row -> stretch.from() >= begin(row, pass, plants)
                        && stretch.from() + stretch.plants() <= begin(row + 1, pass, plants));
    }

    /** Plants that earlier walks pulled in a stretch, on average: they noted how many, not where. */
    private static double gone(Stretch stretch, List<Stretch> all, List<Pass> passes) {
        return stretch.passes().stream()
                .mapToDouble(pass -> passes.get(pass).gone()
                        * (double) stretch.plants()
                        / all.stream()
                                .filter(one -> one.passes().contains(pass))
                                .mapToInt(Stretch::plants)
                                .sum())
                .sum();
    }

    /** Shares what each walk found and pulled among the blocks it saw, as would be expected. */
    private static List<Block> share(Map<List<Integer>, Integer> sizes, List<Pass> passes) {
        List<List<Integer>> seenBy = List.copyOf(sizes.keySet());
        List<Block> blocks = new ArrayList<>();
        sizes.values().forEach(plants -> blocks.add(new Block(plants, List.of())));
        double rate = (passes.stream().mapToInt(Pass::offTypes).sum() + 1.0)
                / (sizes.values().stream().mapToInt(plants -> plants).sum() + 2);
        for (int number = 0; number < passes.size(); number++) {
            int walk = number;
            Pass pass = passes.get(walk);
            List<Integer> seen = IntStream.range(0, blocks.size())
                    .filter(i -> seenBy.get(i).contains(walk))
                    .boxed()
                    .toList();
            List<Block> before = seen.stream().map(blocks::get).toList();
            int[] standing = before.stream()
                    .mapToInt(block -> block.plants() - block.gone())
                    .toArray();
            int[] found = among(
                    pass.offTypes(),
                    before.stream().mapToDouble(block -> expected(block, rate)).toArray(),
                    standing);
            int[] gone = among(pass.gone(), IntStream.of(found).asDoubleStream().toArray(), found);
            for (int i = 0; i < seen.size(); i++) {
                List<Look> looks = new ArrayList<>(before.get(i).looks());
                looks.add(new Look(found[i], gone[i], pass.recognised()));
                blocks.set(seen.get(i), new Block(before.get(i).plants(), List.copyOf(looks)));
            }
        }
        return List.copyOf(blocks);
    }

    /** Off-types to expect in a block: those found and left, and those overlooked. */
    private static double expected(Block block, double rate) {
        double overlooked = rate * (block.plants() - block.gone());
        int left = 0;
        for (Look look : block.looks()) {
            overlooked *= 1 - look.recognised();
            left += look.found() - look.gone();
        }
        return Math.max(0, left) + overlooked + 1e-12 * block.plants();
    }

    /** A number shared by weights, whole: the largest rests come first, and none gets more than it can hold. */
    private static int[] among(int number, double[] weights, int[] most) {
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        double all = sum;
        int[] shared = IntStream.range(0, weights.length)
                .map(i -> all == 0 ? 0 : (int) Math.min(most[i], Math.floor(number * weights[i] / all + 1e-9)))
                .toArray();
        List<Integer> order = IntStream.range(0, weights.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> shared[i] - (all == 0 ? 0 : number * weights[i] / all)))
                .toList();
        int left = number - IntStream.of(shared).sum();
        while (left > 0 && IntStream.range(0, most.length).anyMatch(i -> shared[i] < most[i])) {
            for (int i : order) {
                if (left > 0 && shared[i] < most[i]) {
                    shared[i]++;
                    left--;
                }
            }
        }
        return shared;
    }
}
