package theriseed.server.seedroom;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.lot.Finding;
import theriseed.core.lot.SaleGate;
import theriseed.core.population.PopulationPlan;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.bench.BenchView;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsShown;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.quality.GerminationView;
import theriseed.server.season.VarietyView;
import theriseed.server.seedroom.Containers.Placed;
import theriseed.server.stall.LotsHere;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;

/** The seed room as one walks in: every lot where it hangs, and what it waits for. */
@Service
class SeedRoom {
    /** A lot is running low when less than this share of its clean seed is left to sell. */
    private static final double LOW = 0.1;

    private static final int FALLING_MONTHS = 6;

    private final Lots lots;
    private final Gate gate;
    private final Stall stall;
    private final LotsHere here;
    private final Keepings keepings;
    private final Containers containers;
    private final Shelves shelves;
    private final Crops crops;
    private final FarmTime time;

    SeedRoom(
            Lots lots,
            Gate gate,
            Stall stall,
            LotsHere here,
            Keepings keepings,
            Containers containers,
            Shelves shelves,
            Crops crops,
            FarmTime time) {
        this.lots = lots;
        this.gate = gate;
        this.stall = stall;
        this.here = here;
        this.keepings = keepings;
        this.containers = containers;
        this.shelves = shelves;
        this.crops = crops;
        this.time = time;
    }

    /**
     * A lot as it hangs there.
     *
     * @param bench absent while nothing is picked into it
     * @param germination percent by the last test
     * @param running tests that are not counted yet
     * @param shelves it stands on, by name; none while nobody put it away
     */
    record Hanging(
            LotView lot,
            VarietyView variety,
            @Maybe AtBench bench,
            @Maybe Integer germination,
            List<GerminationView> running,
            LotKnown.GateView gate,
            StockView stock,
            @Maybe KeepingView keeping,
            Need need,
            List<String> shelves) {}

    /** @param poured whether all of it went into other lots; {@code mass} grams at the last weighing */
    record AtBench(boolean clean, boolean poured, BigDecimal mass) {}

    /** @param ever lots that ever were, here or gone */
    record Room(List<ShelfView> shelves, PageOf<Hanging> lots, long ever, List<WrongLot> wrong) {}

    /** @param gone whether lots that are sold out are shown too; else only those that are here */
    @ReadsOnly
    public Room room(int page, int size, boolean gone) {
        PageOf<LotView> found = gone ? lots.page(page, size) : here.page(page, size);
        LotsShown<Hanging> shown = LotsShown.of(Wrong.each(found.items(), this::hanging));
        return new Room(shelves.all(), found.with(shown.lots()), lots.ever(), shown.wrong());
    }

    /** Every lot with seed left, to be counted. */
    @ReadsOnly
    public LotsShown<Hanging> stocked() {
        LotsShown<Hanging> all = LotsShown.of(Wrong.each(here.all(), this::hanging));
        return all.with(all.lots().stream().filter(lot -> lot.stock().any()).toList());
    }

    private List<Hanging> hanging(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        Map<UUID, StockView> stock = stall.stock(known);
        Map<UUID, List<Placed>> placed =
                containers.of(some.stream().map(LotView::id).toList());
        Map<UUID, KeepingView> kept = keepings.of(known, placed);
        Map<UUID, List<String>> on = containers.shelvesOf(placed);
        return known.stream()
                .map(one -> {
                    UUID id = one.lot().id();
                    return hanging(one, stock.get(id), kept.get(id), on.getOrDefault(id, List.of()));
                })
                .toList();
    }

    private Hanging hanging(LotKnown known, StockView stock, KeepingView kept, List<String> on) {
        BenchView bench = known.bench();
        GerminationView germination = known.tests().germination();
        return new Hanging(
                known.lot(),
                known.planting().variety(),
                bench == null ? null : new AtBench(bench.clean(), bench.poured(), bench.mass()),
                germination == null ? null : germination.result().reported(),
                known.tests().running(),
                known.gate(),
                stock,
                kept,
                need(known, stock, kept),
                on);
    }

    private Need need(LotKnown known, StockView stock, KeepingView keeping) {
        LocalDate today = time.today();
        if (known.lot().hold() != null) {
            return new Need.Held(known.lot().hold().reason());
        }
        if (!known.tests().running().isEmpty()) {
            GerminationView test = known.tests().running().get(0);
            LocalDate due = test.firstOn() == null ? test.firstDue() : test.finalDue();
            return new Need.Count(due, !due.isAfter(today));
        }
        boolean transferred = known.bench() != null && known.bench().poured();
        if (known.bench() == null || !known.bench().clean()) {
            return transferred ? new Need.NoneLeft(true) : new Need.AtBench();
        }
        if (stock.bulk().signum() <= 0 && stock.packets() == 0) {
            return new Need.NoneLeft(transferred);
        }
        List<Finding> holding = known.gate().against().stream()
                .filter(one -> one.overruled() == null)
                .map(LotKnown.Objection::finding)
                .toList();
        Optional<Finding> tested = holding.stream()
                .filter(finding -> aTestSettles(finding.reason()))
                .findFirst();
        if (tested.isPresent()) {
            return new Need.Test(tested.get());
        }
        if (!holding.isEmpty()) {
            return new Need.HeldBack(holding.get(0));
        }
        if (keeping != null && !keeping.retestOn().isAfter(today)) {
            return new Need.Retest(keeping.retestOn());
        }
        LocalDate below = keeping == null ? null : keeping.below().middle();
        if (below != null && below.isBefore(today.plusMonths(FALLING_MONTHS))) {
            return new Need.Falling(below);
        }
        return low(known, stock) ? new Need.Low() : new Need.Nothing(below);
    }

    private static boolean aTestSettles(SaleGate.Reason reason) {
        return switch (reason) {
            case SEED_WEIGHT_UNKNOWN, SEED_WEIGHT_UNEVEN, UNTESTED, REPLICATES_DISAGREE, TOO_FEW_TESTED, TEST_RUN_OUT ->
                true;
            default -> false;
        };
    }

    private static boolean low(LotKnown known, StockView stock) {
        double packed = stock.runs().stream()
                .mapToDouble(run -> run.left() * run.fill().doubleValue())
                .sum();
        return stock.free().doubleValue() + packed < LOW * known.bench().mass().doubleValue();
    }

    /**
     * A lot's place in the seed room.
     *
     * @param ownSeed grams the farm needs for one sowing of the plants its grade needs; absent while its seed weight is
     *     not known
     */
    record Stored(
            LotView lot,
            StockView stock,
            @Maybe KeepingView keeping,
            List<ContainerView> containers,
            List<ShelfView> shelves,
            @Maybe OwnSeed ownSeed) {}

    /** @param plants wanted, and {@code seeds} to sow for them */
    record OwnSeed(int plants, int seeds, double grams) {}

    @ReadsOnly
    public Stored stored(String number) {
        LotView lot = lots.get(number);
        LotKnown known = gate.of(lot);
        return new Stored(
                lot,
                stall.stock(known),
                keepings.of(List.of(known)).get(lot.id()),
                containers.views(lot),
                shelves.all(),
                ownSeed(known));
    }

    private OwnSeed ownSeed(LotKnown known) {
        if (known.tests().seedWeight() == null || known.tests().germination() == null) {
            return null;
        }
        double germination = known.tests().germination().result().mean();
        if (germination <= 0) {
            return null;
        }
        Crop crop = crops.get(known.planting().variety().cropKey());
        int plants = (int) crop.plants().of(known.lot().grade());
        int seeds = PopulationPlan.of(crop, known.lot().grade(), plants, germination, 1)
                .seedToSow()
                .seeds();
        double each = known.tests().seedWeight().result().thousandSeedWeight() / 1000;
        return new OwnSeed(
                plants,
                seeds,
                BigDecimal.valueOf(seeds * each / (known.purity() / 100))
                        .setScale(1, RoundingMode.UP)
                        .doubleValue());
    }
}
