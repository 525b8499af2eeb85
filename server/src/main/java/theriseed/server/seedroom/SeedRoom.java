package theriseed.server.seedroom;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import theriseed.core.lot.LotNeed;
import theriseed.core.lot.LotNeeds;
import theriseed.core.seedroom.OwnSeed;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Kept;
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
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.LotsShown;
import theriseed.server.lot.LotsShown.WrongLot;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.TestsView;
import theriseed.server.season.Plantings;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** The seed room as one walks in: every lot where it hangs, and what it waits for. */
@Service
class SeedRoom {
    private final Lots lots;
    private final Gate gate;
    private final Stocks stocks;
    private final LotsHere here;
    private final Keepings keepings;
    private final Containers containers;
    private final Shelves shelves;
    private final Crops crops;
    private final Plantings plantings;
    private final Needs needs;
    private final FarmTime time;
    private final Kept<Asked, Ordered> kept;

    SeedRoom(
            Lots lots,
            Gate gate,
            Stocks stocks,
            LotsHere here,
            Keepings keepings,
            Containers containers,
            Shelves shelves,
            Crops crops,
            Plantings plantings,
            Needs needs,
            FarmTime time,
            Changes changes) {
        this.lots = lots;
        this.gate = gate;
        this.stocks = stocks;
        this.here = here;
        this.keepings = keepings;
        this.containers = containers;
        this.shelves = shelves;
        this.crops = crops;
        this.plantings = plantings;
        this.needs = needs;
        this.time = time;
        this.kept = new Kept<>(changes.of(Object.class), Order.values().length);
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

    /** @param transferred whether all of it went into other lots; {@code mass} grams at the last weighing */
    record AtBench(boolean clean, boolean transferred, BigDecimal mass) {}

    /** How many of the lots that are here wait for a test, and are held. */
    record Waiting(int tests, int held) {}

    /** @param ever lots that ever were, here or gone; {@code wrong} of those that are here */
    record Room(List<ShelfView> shelves, PageOf<Hanging> lots, long ever, Waiting waiting, List<WrongLot> wrong) {}

    /** By what the lots that are here are ordered, all of them; of several the most pressing first. */
    enum Order {
        NEED,
        CROP,
        PLACE
    }

    /**
     * A page of the lots that are here.
     *
     * @param gone whether lots that are sold out are shown too, then newest first
     */
    @ReadsOnly
    public Room room(int page, int size, boolean gone, Order by) {
        Ordered here = ordered(by);
        PageOf<LotView> found = gone ? lots.page(page, size) : PageOf.of(here.lots(), page, size);
        LotsShown<Hanging> shown = LotsShown.of(Wrong.each(found.items(), this::hanging));
        return new Room(
                shelves.all(),
                found.with(shown.lots()),
                lots.ever(),
                here.waiting(),
                gone ? shown.wrong() : here.wrong());
    }

    /** All lots that are here, in order. */
    private record Ordered(List<LotView> lots, Waiting waiting, List<WrongLot> wrong) {}

    /** What they are ordered by, and when: some of what they wait for comes with the hour. */
    private record Asked(Order by, Instant minute) {}

    private Ordered ordered(Order by) {
        return kept.of(new Asked(by, time.now().truncatedTo(ChronoUnit.MINUTES)), () -> order(by));
    }

    /** A lot with what it waits for. */
    private record Waits(LotView lot, LotNeed pressing, Need hangs, String crop, String place) {}

    private Ordered order(Order by) {
        LotsShown<Waits> all = LotsShown.of(Wrong.each(here.all(), this::placed));
        Comparator<Waits> pressing = Comparator.comparing(Waits::pressing, LotNeeds.MOST_PRESSING_FIRST);
        Comparator<Waits> order = switch (by) {
            case NEED -> pressing;
            case CROP -> Comparator.comparing(Waits::crop).thenComparing(pressing);
            case PLACE -> Comparator.comparing(Waits::place).thenComparing(pressing);
        };
        return new Ordered(
                all.lots().stream().sorted(order).map(Waits::lot).toList(),
                new Waiting(
                        (int) all.lots().stream()
                                .filter(one -> one.hangs() instanceof Need.Count
                                        || one.hangs() instanceof Need.Test
                                        || one.hangs() instanceof Need.Retest)
                                .count(),
                        (int) all.lots().stream()
                                .filter(one -> one.hangs() instanceof Need.Held)
                                .count()),
                all.wrong());
    }

    private List<Waits> placed(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        Map<UUID, StockView> stock = stocks.of(known);
        Map<UUID, Keepings.Standing> standing = keepings.standing(known);
        return known.stream()
                .map(one -> {
                    UUID id = one.lot().id();
                    Keepings.Standing stands = standing.get(id);
                    List<LotNeed> waits =
                            needs.of(one, stock.get(id), stands.keeping().orElse(null));
                    return new Waits(
                            one.lot(),
                            waits.stream().min(LotNeeds.MOST_PRESSING_FIRST).orElseThrow(),
                            hangs(waits),
                            one.variety().cropName(),
                            stands.shelves().isEmpty() ? "" : stands.shelves().get(0));
                })
                .toList();
    }

    private List<Hanging> hanging(List<LotView> some) {
        List<LotKnown> known = gate.of(some);
        Map<UUID, StockView> stock = stocks.of(known);
        Map<UUID, Keepings.Standing> standing = keepings.standing(known);
        return known.stream()
                .map(one -> {
                    UUID id = one.lot().id();
                    return hanging(one, stock.get(id), standing.get(id));
                })
                .toList();
    }

    private Hanging hanging(LotKnown known, StockView stock, Keepings.Standing standing) {
        KeepingView kept = standing.keeping().orElse(null);
        BenchView bench = known.bench();
        GerminationView germination = known.tests().germination();
        return new Hanging(
                known.lot(),
                known.variety(),
                bench == null ? null : new AtBench(bench.clean(), bench.transferred(), bench.mass()),
                germination == null ? null : germination.result().reported(),
                known.tests().running(),
                known.gate(),
                stock,
                kept,
                hangs(needs.of(known, stock, kept)),
                standing.shelves());
    }

    private static Need hangs(List<LotNeed> waits) {
        return waits.stream()
                .flatMap(need -> hangingFor(need).stream())
                .findFirst()
                .orElseThrow();
    }

    /** What of it shows where a lot hangs; what is done at the bench or with weevils is done elsewhere. */
    private static Optional<Need> hangingFor(LotNeed need) {
        if (need instanceof LotNeed.DecideHold hold) {
            return Optional.of(new Need.Held(hold.why()));
        } else if (need instanceof LotNeed.CountGermination count) {
            return Optional.of(new Need.Count(count.due(), count.now()));
        } else if (need instanceof LotNeed.NoneLeft none) {
            return Optional.of(new Need.NoneLeft(none.transferred()));
        } else if (need instanceof LotNeed.Test test) {
            return Optional.of(new Need.Test(test.because()));
        } else if (need instanceof LotNeed.HeldBack held) {
            return Optional.of(new Need.HeldBack(held.because()));
        } else if (need instanceof LotNeed.Retest retest) {
            return Optional.of(new Need.Retest(retest.since()));
        } else if (need instanceof LotNeed.Falling falling) {
            return Optional.of(new Need.Falling(falling.on()));
        } else if (need instanceof LotNeed.Low) {
            return Optional.of(new Need.Low());
        } else if (need instanceof LotNeed.Nothing nothing) {
            return Optional.of(new Need.Nothing(nothing.keepsUntil().orElse(null)));
        } else if (need instanceof LotNeed.Freeze
                || need instanceof LotNeed.LookForWeevils
                || need instanceof LotNeed.Pack) {
            return Optional.empty();
        }
        return Optional.of(new Need.AtBench());
    }

    /**
     * A lot's place in the seed room.
     *
     * @param ownSeed grams the farm needs for one sowing of the plants its grade needs; absent while its seed weight is
     *     not known
     * @param sowable plantings of its variety that some of it may have been sown in, newest season first
     */
    record Stored(
            LotView lot,
            StockView stock,
            @Maybe KeepingView keeping,
            List<ContainerView> containers,
            List<ShelfView> shelves,
            @Maybe OwnSeed ownSeed,
            List<Sowable> sowable) {}

    /** A planting in the plan. */
    record Sowable(UUID plantingId, int season, String ground) {}

    @ReadsOnly
    public Stored stored(String number) {
        LotView lot = lots.get(number);
        LotKnown known = gate.of(lot);
        return new Stored(
                lot,
                stocks.of(known),
                keepings.of(List.of(known)).get(lot.id()),
                containers.views(lot),
                shelves.all(),
                ownSeed(known),
                sowable(lot));
    }

    private List<Sowable> sowable(LotView lot) {
        return plantings.grownOn(plantings.idsOfVariety(lot.varietyId())).values().stream()
                .map(one -> new Sowable(one.planting().id(), one.planting().season(), one.ground()))
                .filter(one -> !one.plantingId().equals(lot.plantingId()) && one.season() >= lot.season())
                .sorted(Comparator.comparing(Sowable::season).reversed().thenComparing(Sowable::plantingId))
                .toList();
    }

    private OwnSeed ownSeed(LotKnown known) {
        TestsView tests = known.tests();
        if (tests.seedWeight() == null || tests.germination() == null) {
            return null;
        }
        return OwnSeed.of(
                        crops.get(known.variety().cropKey()),
                        known.lot().grade(),
                        tests.germination().result().mean(),
                        tests.seedWeight().result().thousandSeedWeight(),
                        known.purity())
                .orElse(null);
    }
}
