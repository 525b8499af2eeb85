package theriseed.server.blend;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.MixedUnits;
import theriseed.core.bench.StepKind;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.seedroom.LotSplit;
import theriseed.server.base.Changed;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.bench.Bench;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.harvest.HarvestCorrected;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.NewLots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.TransferView;
import theriseed.server.lot.Transfers;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.Sales;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.stall.WithdrawalView;

/** Blends lots of one variety, and splits lots. Either makes new numbers that know what they came of. */
@Service
class Blends {
    private static final int MOST_PARTS = 50;
    private static final int MOST_STEPS = 6;

    private final Lots lots;
    private final NewLots newLots;
    private final LotsHere here;
    private final Transfers transfers;
    private final Gate gate;
    private final Stocks stocks;
    private final Sales sales;
    private final Bench bench;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Blends(
            Lots lots,
            NewLots newLots,
            LotsHere here,
            Transfers transfers,
            Gate gate,
            Stocks stocks,
            Sales sales,
            Bench bench,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.lots = lots;
        this.newLots = newLots;
        this.here = here;
        this.transfers = transfers;
        this.gate = gate;
        this.stocks = stocks;
        this.sales = sales;
        this.bench = bench;
        this.time = time;
        this.events = events;
    }

    /** @param mass grams to take; null for all there is */
    record Portion(String number, @Maybe BigDecimal mass) {}

    /** A lot, and the others of its variety that stand where it stands, oldest first: what may be blended. */
    @ReadsOnly
    public List<BlendPlan.Ingredient> together(String number) {
        LotView lot = lots.get(number);
        There own = there(lot);
        Stream<There> others = gate.of(here.inBulk(List.of(lot.varietyId()))).stream()
                .filter(other ->
                        !other.lot().id().equals(lot.id()) && other.lot().hold() == null)
                .filter(other -> other.bench() != null
                        && other.bench().underWay() == null
                        && other.bench()
                                .beforeClean()
                                .equals(own.known().bench().beforeClean()))
                .map(this::there)
                .filter(other -> other.available().signum() > 0);
        return Stream.concat(Stream.of(own), others)
                .map(one -> one.taking(one.available()))
                .toList();
    }

    /** What would come of blending these, without doing it. */
    @HandsWork
    @ReadsOnly
    public BlendPlan plan(List<Portion> portions) {
        return BlendPlan.of(taken(portions, lots::get));
    }

    /** Blends lots under a new number. */
    @HandsWork
    @Transactional
    public LotView blend(List<Portion> portions, LocalDate transferredOn) {
        List<Portion> byNumber = new ArrayList<>(portions);
        byNumber.sort(Comparator.comparing(Portion::number));
        List<There.Taken> taken = taken(byNumber, lots::lock);
        taken.forEach(one -> checkDay(one.from(), transferredOn));
        List<NewLots.Portion> transferred = taken.stream()
                .sorted(Comparator.comparing(There.Taken::mass).reversed())
                .map(There.Taken::portion)
                .toList();
        BigDecimal kept = taken.stream().map(one -> goesAlong(one.from())).reduce(BigDecimal.ZERO, BigDecimal::add);
        LotView made = newLots.transfer(Origin.BLEND, transferred, kept, transferredOn);
        bench.goOn(made.id(), taken.get(0).from().known().bench().beforeClean());
        return made;
    }

    /**
     * Parts a lot.
     *
     * @param masses grams of each part; what is left stays under the old number
     */
    @HandsWork
    @Transactional
    public List<LotView> part(String number, List<BigDecimal> masses, LocalDate transferredOn) {
        There whole = there(lots.lock(number));
        return part(
                whole,
                goesAlong(whole),
                masses,
                transferredOn,
                whole.known().bench().beforeClean());
    }

    /**
     * @param kept grams for the farm's own sowing that go with the first part
     * @param left steps the parts still have before them
     */
    private List<LotView> part(
            There whole, BigDecimal kept, List<BigDecimal> masses, LocalDate transferredOn, List<StepKind> left) {
        Range.of(1, MOST_PARTS, "parts").check("masses", masses.size());
        checkNotAllKept(whole);
        for (int i = 0; i < masses.size(); i++) {
            MixedUnits.checkAtMost(
                    "masses[" + i + "]", masses.get(i), whole.available().doubleValue());
        }
        BigDecimal all = masses.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        Range.above(0, whole.available().doubleValue(), "g").because("IS_THERE").check("masses", all);
        checkWhole(whole, all);
        checkDay(whole, transferredOn);
        List<LotView> parts = new ArrayList<>();
        for (BigDecimal mass : masses) {
            LotView made = newLots.transfer(
                    Origin.PART,
                    List.of(new There.Taken(whole, mass).portion()),
                    parts.isEmpty() ? kept.min(mass) : BigDecimal.ZERO,
                    transferredOn);
            bench.goOn(made.id(), left);
            parts.add(made);
        }
        return parts;
    }

    /** Parts all of a lot into so many, alike to a gram. */
    @HandsWork
    @Transactional
    public List<LotView> partAlike(String number, int parts, LocalDate transferredOn) {
        Range.of(2, MOST_PARTS, "parts").check("parts", parts);
        There whole = there(lots.lock(number));
        double[] shares = new double[parts];
        Arrays.fill(shares, 1.0 / parts);
        long[] grams =
                LotSplit.of(whole.available().doubleValue() / 1000, shares, 0).grams();
        List<BigDecimal> masses = new ArrayList<>(
                Arrays.stream(grams).mapToObj(BigDecimal::valueOf).toList());
        BigDecimal sum = masses.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        masses.set(0, masses.get(0).add(whole.available()).subtract(sum));
        return part(
                whole,
                goesAlong(whole),
                masses,
                transferredOn,
                whole.known().bench().beforeClean());
    }

    /**
     * Clean seed goes back to the bench: under its own number while none of it was taken or promised, else the rest under a
     * new one, for it is no longer the seed that was sold, and what is promised stays clean. What is kept for the farm's own
     * sowing goes along.
     *
     * @return the lot that goes on
     */
    @HandsWork
    @Transactional
    public LotView cleanAgain(String number, List<StepKind> again, LocalDate on) {
        Range.of(1, MOST_STEPS, "steps").check("steps", again.size());
        There whole = there(lots.lock(number)).withKept();
        if (!whole.known().bench().clean()) {
            throw new Refused("number", number, "lot.notCleanYet", "lot", number);
        }
        if (whole.available().signum() == 0) {
            throw new Refused("number", number, "blend.allPromised", "lot", number);
        }
        SeasonDates.check("on", on, whole.known().harvest().lastOn(), time.today());
        boolean allThere = whole.available().compareTo(whole.known().bench().mass()) == 0;
        if (allThere && !stocks.anyTaken(whole.lot().id())) {
            bench.further(whole.lot(), again);
            return whole.lot();
        }
        return part(whole, whole.kept(), List.of(whole.available()), on, again).get(0);
    }

    /**
     * What was transferred of a clean lot turns out to have been more or less, or on another day. The lot it came of must have
     * had so much, and what was since taken of the one it went into must still be there.
     */
    @HandsWork
    @Transactional
    public TransferView correctTransfer(UUID id, Changed made, BigDecimal mass, LocalDate transferredOn) {
        TransferView transfer = transfers.get(id);
        Map<UUID, LotView> locked = lots.lockAll(List.of(transfer.fromId(), transfer.toId())).stream()
                .collect(Collectors.toMap(LotView::id, lot -> lot));
        There from = there(locked.get(transfer.fromId()));
        if (!from.known().bench().clean() && mass.compareTo(transfer.mass()) != 0) {
            throw new Refused("mass", mass, "blend.allWentOn", "from", transfer.from(), "to", transfer.to());
        }
        Range.above(0, from.available().add(transfer.mass()).doubleValue(), "g")
                .because("WAS_THERE")
                .check("mass", mass);
        LotKnown into = gate.of(locked.get(transfer.toId()));
        SeasonDates.check("transferredOn", transferredOn, from.known().harvest().lastOn(), untouchedUntil(into));
        BigDecimal before =
                bench.of(locked.values()).picked().get(transfer.toId()).mass();
        TransferView corrected = transfers.correct(id, made, mass, transferredOn);
        events.publishEvent(new HarvestCorrected(
                transfer.toId(), before, before.subtract(transfer.mass()).add(mass), made.because()));
        StockView left = stocks.of(gate.of(locked.get(transfer.toId())));
        if (left.bulk().compareTo(left.promised()) < 0) {
            throw new Refused("mass", mass, "blend.wouldLeaveTooLittle", "lot", transfer.to());
        }
        return corrected;
    }

    /** The day on which anything was first done with a lot; today where nothing was. */
    private LocalDate untouchedUntil(LotKnown known) {
        UUID id = known.lot().id();
        StockView stock = stocks.of(known);
        return Stream.of(
                        known.bench().steps().stream()
                                .map(step -> step.begunAt().atZone(time.zone()).toLocalDate()),
                        transfers.of(List.of(id)).stream()
                                .filter(transfer -> transfer.fromId().equals(id))
                                .map(TransferView::transferredOn),
                        stock.runs().stream().map(PackingRunView::packedOn),
                        stock.withdrawals().stream().map(WithdrawalView::takenOn),
                        sales.firstSold(id).stream(),
                        Stream.of(time.today()))
                .flatMap(days -> days)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private List<There.Taken> taken(List<Portion> portions, Function<String, LotView> get) {
        Range.of(2, MOST_PARTS, "lots").check("parts", portions.size());
        Set<String> seen = new HashSet<>();
        List<There.Taken> taken = new ArrayList<>();
        for (int i = 0; i < portions.size(); i++) {
            There there = there(get.apply(portions.get(i).number()));
            if (!seen.add(there.lot().number())) {
                throw new Refused("parts[" + i + "].number", there.lot().number(), "blend.twice");
            }
            if (i > 0) {
                checkTogether(i, taken.get(0).from(), there);
            }
            checkNotAllKept(there);
            BigDecimal mass = portions.get(i).mass() == null
                    ? there.available()
                    : portions.get(i).mass();
            MixedUnits.checkAtMost(
                    "parts[" + i + "].mass", mass, there.available().doubleValue(), "IS_THERE");
            checkWhole(there, mass);
            taken.add(new There.Taken(there, mass));
        }
        return taken;
    }

    private There there(LotView lot) {
        LotKnown known = gate.of(lot);
        if (known.bench() == null) {
            throw new Refused("number", lot.number(), "lot.empty", "lot", lot.number());
        }
        if (known.bench().underWay() != null) {
            throw new Refused("number", lot.number(), "lot.stepUnderWay", "lot", lot.number());
        }
        return there(known);
    }

    /** Whoever wants it all the same keeps less of it first. */
    private static void checkNotAllKept(There there) {
        if (there.available().signum() == 0 && there.kept().signum() > 0) {
            throw new Refused(
                    "mass", there.kept(), "blend.allKept", "lot", there.lot().number(), "kept", there.kept());
        }
    }

    /** Clean seed in bulk that nobody is promised and is not kept for the farm's own sowing, or all that is at the bench. */
    private There there(LotKnown known) {
        if (known.bench().clean()) {
            StockView stock = stocks.of(known);
            BigDecimal unpromised = stock.bulk().subtract(stock.promised()).max(BigDecimal.ZERO);
            return new There(known, stock.free(), unpromised.subtract(stock.free()));
        }
        BigDecimal mass =
                known.bench().transferred() ? BigDecimal.ZERO : known.bench().mass();
        return new There(known, mass, known.lot().reserved().min(mass));
    }

    /** Grams for the farm's own sowing that go along where all of a lot goes. */
    private static BigDecimal goesAlong(There from) {
        return from.known().bench().clean() ? BigDecimal.ZERO : from.kept();
    }

    private static void checkTogether(int i, There first, There other) {
        String field = "parts[" + i + "].number";
        LotView lot = other.lot();
        if (!lot.varietyId().equals(first.lot().varietyId())) {
            throw new Refused(
                    field,
                    lot.number(),
                    "blend.otherVariety",
                    "lot",
                    lot.number(),
                    "variety",
                    other.known().variety().name());
        }
        if (!other.known().bench().beforeClean().equals(first.known().bench().beforeClean())) {
            throw new Refused(
                    field, lot.number(), "blend.otherStep", "first", first.lot().number(), "lot", lot.number());
        }
        for (There one : List.of(first, other)) {
            if (one.lot().hold() != null) {
                throw new Refused(
                        one == first ? "parts[0].number" : field,
                        one.lot().number(),
                        "blend.onHold",
                        "lot",
                        one.lot().number(),
                        "why",
                        one.lot().hold().reason());
            }
        }
    }

    /** What stays behind in the middle of its chain would have no number of its own. */
    private static void checkWhole(There there, BigDecimal mass) {
        if (!there.known().bench().clean() && mass.compareTo(there.available()) != 0) {
            throw new Refused(
                    "mass",
                    mass.toPlainString(),
                    "blend.takeAll",
                    "lot",
                    there.lot().number(),
                    "all",
                    there.available());
        }
    }

    private void checkDay(There from, LocalDate transferredOn) {
        SeasonDates.check("transferredOn", transferredOn, from.known().harvest().lastOn(), time.today());
    }
}
