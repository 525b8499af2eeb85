package theriseed.core.stall;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import theriseed.core.crop.Usual;

/**
 * What was spent on the lots of a season and what they brought, calculated once: which rows are only growing yet, what came
 * to nothing, and what each lot carries of it. Hours and outlays that nobody wrote down are not in it.
 *
 * @param <L> by what a lot is known
 * @param <P> by what rows are known
 */
public final class SeasonBooks<L, P> {
    private static final double DAYS_OF_A_YEAR = 365;

    private final Map<L, Lot<L, P>> lots = new HashMap<>();
    private final Rates rates;
    private final LocalDate today;
    private final LotCosts<L> costs;
    private double growing;

    /**
     * What things cost, in the farm's currency.
     *
     * @param wage an hour; {@code ground} a square metre and year; {@code packet} its bag and label
     * @param fees share of what is sold for, 0 to below 1
     */
    public record Rates(double wage, double ground, double packet, double fees) {}

    /**
     * Rows of plants.
     *
     * @param forSeed whether seed is saved of them; what is eaten is not in these books
     * @param squareMetres by their spacing
     * @param taken first and last days on ground, where they seed and where their roots grew
     * @param written hours and outlays that were written down for them
     */
    public record Rows<P>(P id, boolean forSeed, double squareMetres, List<Days> taken, Spent written) {
        private boolean over(LocalDate today) {
            return taken.get(0).to().isBefore(today);
        }
    }

    /** Both included. */
    public record Days(LocalDate from, LocalDate to) {}

    /**
     * A lot.
     *
     * @param rows it was picked from, or most of what was transferred into it was
     * @param picked from rows, not come of other lots
     * @param ofSeason whether these are its season's books; else it is there for what came of it
     * @param held back, by whoever decided that
     * @param bench where it stands at the bench; empty while nothing is in it
     * @param written hours and outlays that were written down for it
     */
    public record Lot<L, P>(
            L id,
            P rows,
            boolean picked,
            boolean ofSeason,
            boolean held,
            Optional<Bench> bench,
            Stock stock,
            Spent written) {}

    /**
     * @param mass grams at the last weighing; {@code expected} grams of clean seed that usually come of it
     * @param minutes of one person worked on it
     */
    public record Bench(boolean clean, double mass, Optional<Usual> expected, int minutes) {}

    /**
     * @param filled packets, all runs together, in {@code hours} of one person
     * @param anySold whether anybody has some; {@code anyLeft} whether there is some
     * @param worth of the packets left, at their prices
     */
    public record Stock(int filled, double hours, boolean anySold, boolean anyLeft, double brought, double worth) {}

    /**
     * What some lots cost and brought together.
     *
     * @param spent on them, packing included
     * @param packets what the packets themselves cost
     * @param failed their share of what came to nothing
     */
    public record Money(Spent spent, double packets, double failed, double brought, double worth, Paid paid) {}

    /**
     * @param rows of all the lots, and the others of the season
     * @param givenUp what was written down for rows of the season that were given up
     * @param all lots of the season, those they came of, and those picked from the same rows
     */
    public SeasonBooks(
            Collection<Rows<P>> rows,
            Map<P, Spent> givenUp,
            Collection<Lot<L, P>> all,
            Collection<LotCosts.Transfer<L>> transfers,
            Rates rates,
            LocalDate today) {
        this.rates = rates;
        this.today = today;
        all.forEach(lot -> lots.put(lot.id(), lot));
        Map<P, Rows<P>> byId = rows.stream().collect(Collectors.toMap(Rows::id, one -> one));
        Set<L> transferred = transfers.stream().map(LotCosts.Transfer::from).collect(Collectors.toSet());
        Map<P, Spent> onRows = onRows(rows, all);
        onRows.putAll(givenUp);
        this.costs = LotCosts.of(
                onRows,
                all.stream()
                        .map(lot -> new LotCosts.Lot<>(
                                lot.id(),
                                lot.picked() ? lot.rows() : null,
                                clean(lot),
                                lot.written().plus(atTheBench(lot)),
                                lot.ofSeason()
                                        && !transferred.contains(lot.id())
                                        && isNothing(lot, byId.get(lot.rows())),
                                lot.ofSeason()))
                        .toList(),
                transfers,
                rates.wage());
    }

    /** What was spent on rows whose seed is in lots, or that are over; what still stands there is only growing. */
    private Map<P, Spent> onRows(Collection<Rows<P>> rows, Collection<Lot<L, P>> all) {
        Set<P> picked = new HashSet<>();
        all.stream().filter(Lot::picked).forEach(lot -> picked.add(lot.rows()));
        Map<P, Spent> onRows = new HashMap<>();
        for (Rows<P> one : rows) {
            if (!one.forSeed()) {
                continue;
            }
            if (picked.contains(one.id()) || one.over(today)) {
                onRows.put(one.id(), spentOn(one));
            } else {
                growing += spentOn(one).cost(rates.wage());
            }
        }
        return onRows;
    }

    /** Ground by the days it is taken, roots on theirs too, and what was written down. */
    private Spent spentOn(Rows<P> rows) {
        double days = rows.taken().stream().mapToDouble(this::days).sum();
        double ground = rows.squareMetres() * days / DAYS_OF_A_YEAR * rates.ground();
        return new Spent(rows.squareMetres(), ground, 0, 0, Map.of()).plus(rows.written());
    }

    /** Until today, while it still stands. */
    private double days(Days taken) {
        LocalDate until = taken.to().isAfter(today) ? today : taken.to();
        return Math.max(0, ChronoUnit.DAYS.between(taken.from(), until) + 1);
    }

    private static Spent atTheBench(Lot<?, ?> lot) {
        return lot.bench()
                .map(bench -> Spent.hours(Work.BENCH, bench.minutes() / 60.0))
                .orElse(Spent.NONE);
    }

    /** Grams of clean seed; what is usual to come of it while it is not clean. */
    private static double clean(Lot<?, ?> lot) {
        return lot.bench()
                .map(bench -> bench.clean() || bench.expected().isEmpty()
                        ? bench.mass()
                        : (bench.expected().get().low() + bench.expected().get().high()) / 2)
                .orElse(0.0);
    }

    /** Held back, never picked though its rows are cleared, or nothing left though nobody had any. */
    private boolean isNothing(Lot<L, P> lot, Rows<P> rows) {
        if (lot.stock().anySold()) {
            return false;
        }
        return lot.held()
                || lot.bench()
                        .map(bench -> bench.clean() && !lot.stock().anyLeft())
                        .orElseGet(() -> rows == null || rows.over(today));
    }

    /** What came to nothing, in all; {@link #carriedByNone} where nothing is left that could carry it. */
    public double failed() {
        return costs.failed();
    }

    public double carriedByNone() {
        return costs.carriedByNone();
    }

    /** Cost so far of rows that have no lot yet. */
    public double growing() {
        return growing;
    }

    /** Whether a lot of the season came to nothing, so that others carry what it cost. */
    public boolean cameToNothing(L lot) {
        return !costs.byLot().containsKey(lot);
    }

    /** The money of some lots together; nothing where all of them came to nothing. */
    public Optional<Money> of(Collection<L> some) {
        List<Lot<L, P>> kept =
                some.stream().filter(id -> !cameToNothing(id)).map(lots::get).toList();
        if (kept.isEmpty()) {
            return Optional.empty();
        }
        Spent spent = Spent.NONE;
        double failed = 0;
        double packets = 0;
        double brought = 0;
        double worth = 0;
        for (Lot<L, P> lot : kept) {
            LotCosts.Cost cost = costs.byLot().get(lot.id());
            // Packets are not transferred: they stay with the lot they were filled from.
            spent = spent.plus(cost.spent())
                    .plus(Spent.hours(Work.PACKING, lot.stock().hours()));
            failed += cost.failed();
            packets += lot.stock().filled() * rates.packet();
            brought += lot.stock().brought();
            worth += lot.stock().worth();
        }
        return Optional.of(new Money(
                spent,
                packets,
                failed,
                brought,
                worth,
                Paid.of(brought, rates.fees(), spent, failed + packets, rates.wage())));
    }
}
