package theriseed.core.stall;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What each lot of a season cost.
 *
 * <p>What a planting cost is shared by the lots picked from it in proportion to their clean seed, in equal parts where
 * none has any. What was transferred out of a lot takes its share of the lot's cost along. What lots and plantings cost that
 * came to nothing is carried by the others in proportion to their own. Nothing is lost on the way: the costs, and what
 * nobody carries, add up to what was spent and not transferred elsewhere.
 *
 * <p>Do not believe it where hours were not written down: they cost nothing then.
 *
 * @param byLot cost of what is left with each lot, of those that did not fail
 * @param failed what came to nothing, in all, in the farm's currency
 * @param carriedByNone of it, where nothing is left that could carry it
 * @param <L> names lots
 */
public record LotCosts<L>(Map<L, Cost> byLot, double failed, double carriedByNone) {

    /**
     * A lot's cost.
     *
     * @param failed its share of what came to nothing, in the farm's currency
     */
    public record Cost(Spent spent, double failed) {
        /** @param wage an hour */
        public double of(double wage) {
            return spent.cost(wage) + failed;
        }
    }

    /**
     * A lot.
     *
     * @param planting it was picked from; null when it came of other lots
     * @param mass clean seed, g, what was transferred out of it included; 0 while there is none
     * @param spent on this lot alone
     * @param failed whether it came to nothing
     * @param carries whether it carries a share of what failed
     */
    public record Lot<L, P>(L id, P planting, double mass, Spent spent, boolean failed, boolean carries) {}

    /** Seed transferred from lot to lot, g. */
    public record Transfer<L>(L from, L to, double mass) {}

    /**
     * @param plantings what was spent on each, those of which no lot came too
     * @param lots each once
     * @param transfers no lot may come of itself; those out of or into lots that are not given are passed over, but what they
     *     take along leaves
     * @param wage an hour
     */
    public static <L, P> LotCosts<L> of(
            Map<P, Spent> plantings, Collection<Lot<L, P>> lots, Collection<Transfer<L>> transfers, double wage) {
        Map<L, Spent> spent = new HashMap<>();
        lots.forEach(lot -> spent.put(lot.id(), lot.spent()));
        Map<P, List<Lot<L, P>>> picked =
                lots.stream().filter(lot -> lot.planting() != null).collect(Collectors.groupingBy(Lot::planting));
        double failed = 0;
        for (Map.Entry<P, Spent> planting : plantings.entrySet()) {
            List<Lot<L, P>> from = picked.getOrDefault(planting.getKey(), List.of());
            if (from.isEmpty()) {
                failed += lost(planting.getValue(), wage);
            }
            double mass = from.stream().mapToDouble(Lot::mass).sum();
            for (Lot<L, P> lot : from) {
                double share = mass > 0 ? lot.mass() / mass : 1.0 / from.size();
                spent.merge(lot.id(), planting.getValue().times(share), Spent::plus);
            }
        }
        transfer(lots, transfers, spent);
        double bearing = 0;
        for (Lot<L, P> lot : lots) {
            double cost = spent.get(lot.id()).cost(wage);
            failed += lot.failed() ? lost(spent.get(lot.id()), wage) : 0;
            bearing += lot.failed() || !lot.carries() ? 0 : cost;
        }
        Map<L, Cost> byLot = new HashMap<>();
        for (Lot<L, P> lot : lots) {
            if (!lot.failed()) {
                Spent own = spent.get(lot.id());
                double share = bearing > 0 && lot.carries() ? own.cost(wage) / bearing : 0;
                byLot.put(lot.id(), new Cost(own, failed * share));
            }
        }
        return new LotCosts<>(byLot, failed, bearing > 0 ? 0 : failed);
    }

    /** What is lost of what failed: its by-products were sold all the same. Below 0 where they brought more than it cost. */
    private static double lost(Spent failed, double wage) {
        return failed.cost(wage) - failed.byProducts();
    }

    /** Carries cost along the transfers, a lot only once all that was transferred into it has arrived. */
    private static <L, P> void transfer(
            Collection<Lot<L, P>> lots, Collection<Transfer<L>> transfers, Map<L, Spent> spent) {
        Map<L, List<Transfer<L>>> out = transfers.stream()
                .filter(transfer -> spent.containsKey(transfer.from()))
                .collect(Collectors.groupingBy(Transfer::from));
        Map<L, Integer> awaited = new HashMap<>();
        out.values().forEach(some -> some.forEach(transfer -> awaited.merge(transfer.to(), 1, Integer::sum)));
        Deque<Lot<L, P>> ready = new ArrayDeque<>();
        Map<L, Lot<L, P>> byId = new HashMap<>();
        for (Lot<L, P> lot : lots) {
            byId.put(lot.id(), lot);
            if (!awaited.containsKey(lot.id())) {
                ready.add(lot);
            }
        }
        while (!ready.isEmpty()) {
            Lot<L, P> from = ready.remove();
            List<Transfer<L>> some = out.getOrDefault(from.id(), List.of());
            double transferred = some.stream().mapToDouble(Transfer::mass).sum();
            double whole = Math.max(from.mass(), transferred);
            Spent cost = spent.get(from.id());
            for (Transfer<L> transfer : some) {
                Lot<L, P> to = byId.get(transfer.to());
                if (to != null) {
                    spent.merge(transfer.to(), cost.times(transfer.mass() / whole), Spent::plus);
                    if (awaited.merge(transfer.to(), -1, Integer::sum) == 0) {
                        ready.add(to);
                    }
                }
            }
            if (transferred > 0) {
                spent.put(from.id(), cost.times(1 - transferred / whole));
            }
        }
    }
}
