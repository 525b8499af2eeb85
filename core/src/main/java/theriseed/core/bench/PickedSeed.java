package theriseed.core.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What came of each picking, through all lots its seed was transferred to. Lots that were blended are taken to have mixed
 * evenly: each has the share of the blend that it makes of its mass.
 *
 * @param <K> what tells lots apart
 */
public final class PickedSeed<K> {
    private final Map<K, Lot<K>> lots;
    private final Map<K, Map<K, Double>> picked = new HashMap<>();
    private final Map<K, Map<K, Double>> made = new HashMap<>();
    private final Map<K, List<Lot<K>>> into = new HashMap<>();

    /**
     * A lot. Masses in grams.
     *
     * @param picked into it; 0 where it came of other lots, or from elsewhere
     * @param mass at the last weighing
     * @param out of it, transferred to other lots
     * @param clean whether it is
     * @param from what was transferred into it
     */
    public record Lot<K>(K id, double picked, double mass, double out, boolean clean, List<Transfer<K>> from) {
        private double left() {
            return Math.max(0, mass - out);
        }
    }

    /** So many grams of another lot. */
    public record Transfer<K>(K from, double mass) {}

    /**
     * What came of one picking.
     *
     * @param clean grams of clean seed so far
     * @param waiting share of what was picked that is not clean yet, 0 to 1
     */
    public record Outcome(double clean, double waiting) {
        /** Whether nothing of it is at the bench any more. A millionth is the scale's. */
        public boolean all() {
            return waiting < 1e-6;
        }
    }

    /** @param lots all that seed was transferred between; a lot that came of one that is not among them counts for nothing */
    public PickedSeed(Collection<Lot<K>> lots) {
        this.lots = lots.stream().collect(Collectors.toMap(Lot::id, Function.identity()));
        lots.forEach(lot -> picked(lot.id())
                .keySet()
                .forEach(root ->
                        into.computeIfAbsent(root, id -> new ArrayList<>()).add(lot)));
    }

    /** Grams picked into each of the lots that seed of this one was picked into. */
    public Map<K, Double> picked(K id) {
        Map<K, Double> known = picked.get(id);
        if (known != null) {
            return known;
        }
        Map<K, Double> of = new HashMap<>();
        Lot<K> lot = lots.get(id);
        if (lot != null && lot.from().isEmpty()) {
            of.put(id, lot.picked());
        } else if (lot != null) {
            for (Transfer<K> part : lot.from()) {
                Lot<K> parent = lots.get(part.from());
                picked(part.from())
                        .forEach((root, grams) -> of.merge(root, grams * part.mass() / parent.mass(), Double::sum));
            }
        }
        picked.put(id, of);
        return of;
    }

    /** The share of a lot that is of a picking, 0 to 1. */
    public double share(K root, K id) {
        return madeOf(id).getOrDefault(root, 0.0);
    }

    /** The share of a lot that each lot makes that came of no others. */
    private Map<K, Double> madeOf(K id) {
        Map<K, Double> known = made.get(id);
        if (known != null) {
            return known;
        }
        Map<K, Double> of = new HashMap<>();
        Lot<K> lot = lots.get(id);
        if (lot == null || lot.from().isEmpty()) {
            of.put(id, 1.0);
        } else {
            double all = lot.from().stream().mapToDouble(Transfer::mass).sum();
            for (Transfer<K> part : lot.from()) {
                madeOf(part.from()).forEach((root, share) -> of.merge(root, share * part.mass() / all, Double::sum));
            }
        }
        made.put(id, of);
        return of;
    }

    /** The lots that seed of a picking is or was in, itself among them. */
    public List<K> into(K root) {
        return into.get(root).stream().map(Lot::id).toList();
    }

    /** @param root a lot that was picked */
    public Outcome of(K root) {
        double clean = 0;
        double waiting = 0;
        for (Lot<K> lot : into.get(root)) {
            double grams = picked(lot.id()).get(root);
            if (lot.clean()) {
                clean += lot.left() * share(root, lot.id());
            } else {
                waiting += grams * lot.left() / lot.mass();
            }
        }
        return new Outcome(clean, waiting / lots.get(root).picked());
    }
}
