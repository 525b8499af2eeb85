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

    /**
     * Shares what each walk found among the blocks it saw, for nobody noted where it was found: never so that more is shown
     * than is known. What was pulled is taken to have stood where most was looked, so that the most is left unseen
     * elsewhere; what was left, where least was, so that it is not taken to be found again.
     */
    private static List<Block> share(Map<List<Integer>, Integer> sizes, List<Pass> passes) {
        List<List<Integer>> seenBy = sizes.keySet().stream()
                .sorted(Comparator.comparing((List<Integer> walks) -> -walks.size()))
                .toList();
        List<Block> blocks = new ArrayList<>();
        seenBy.forEach(walks -> blocks.add(new Block(sizes.get(walks), List.of())));
        for (int number = 0; number < passes.size(); number++) {
            int walk = number;
            Pass pass = passes.get(walk);
            List<Integer> seen = IntStream.range(0, blocks.size())
                    .filter(i -> seenBy.get(i).contains(walk))
                    .boxed()
                    .toList();
            int[] room = seen.stream()
                    .mapToInt(i -> blocks.get(i).plants() - blocks.get(i).gone())
                    .toArray();
            int[] later = seen.stream()
                    .mapToInt(i -> IntStream.range(walk + 1, passes.size())
                            .filter(seenBy.get(i)::contains)
                            .map(next -> passes.get(next).offTypes())
                            .sum())
                    .toArray();
            int[] gone = new int[room.length];
            int[] left = new int[room.length];
            IntStream mostLooked = IntStream.range(0, room.length);
            IntStream leastLooked = IntStream.range(0, room.length).map(i -> room.length - 1 - i);
            fill(gone, pass.gone(), room, later, mostLooked);
            fill(left, pass.offTypes() - pass.gone(), room, later, leastLooked);
            for (int i = 0; i < seen.size(); i++) {
                Block before = blocks.get(seen.get(i));
                List<Look> looks = new ArrayList<>(before.looks());
                looks.add(new Look(gone[i] + left[i], gone[i], pass.recognised()));
                blocks.set(seen.get(i), new Block(before.plants(), List.copyOf(looks)));
            }
        }
        return List.copyOf(blocks);
    }

    /** Puts so many into the blocks in turn, as far as there is room beside what later walks found; then as far as there is. */
    private static void fill(int[] into, int number, int[] room, int[] later, IntStream order) {
        int left = number;
        int[] turn = order.toArray();
        for (int[] kept : new int[][] {later, new int[room.length]}) {
            for (int i : turn) {
                int here = Math.max(0, Math.min(left, room[i] - kept[i]));
                into[i] += here;
                room[i] -= here;
                left -= here;
            }
        }
    }
}
