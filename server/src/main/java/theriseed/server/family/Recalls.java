package theriseed.server.family;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PartOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.mix.MixView;
import theriseed.server.mix.Mixes;
import theriseed.server.stall.Customers;
import theriseed.server.stall.HolderView;
import theriseed.server.stall.Sales;

/** Calls seed back: what of it is here is held, and everyone who has some is told. */
@Service
class Recalls {
    private final SeedFamily family;
    private final Lots lots;
    private final LotsHere here;
    private final LotDecisions decisions;
    private final Mixes mixes;
    private final Sales sales;
    private final Customers customers;
    private final ToldRepository told;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Recalls(
            SeedFamily family,
            Lots lots,
            LotsHere here,
            LotDecisions decisions,
            Mixes mixes,
            Sales sales,
            Customers customers,
            ToldRepository told,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.family = family;
        this.lots = lots;
        this.here = here;
        this.decisions = decisions;
        this.mixes = mixes;
        this.sales = sales;
        this.customers = customers;
        this.told = told;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** Who has seed that may be of a lot, by name and lot, a part of them. */
    @ReadsOnly
    public PartOf<FamilyView.Holder> holders(String number, int page, int size) {
        LotView lot = lots.get(number);
        Map<UUID, String> numbers = carriers(lot);
        PartOf<HolderView> found = sales.holders(numbers.keySet(), page, size);
        return found.with(holders(lot, numbers, found.items()));
    }

    /** All of them. */
    @ReadsOnly
    public List<FamilyView.Holder> holders(String number) {
        LotView lot = lots.get(number);
        Map<UUID, String> numbers = carriers(lot);
        return holders(lot, numbers, sales.holders(numbers.keySet()));
    }

    private Map<UUID, String> carriers(LotView lot) {
        return family.carriers(lot).stream().collect(Collectors.toMap(LotView::id, LotView::number));
    }

    private List<FamilyView.Holder> holders(LotView lot, Map<UUID, String> numbers, List<HolderView> found) {
        Map<UUID, Told> last = told
                .findByLotIdAndCustomerIdInAndUndoneFalseOrderByToldOnAscIdAsc(
                        lot.id(), found.stream().map(HolderView::customerId).collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(Told::customerId, one -> one, (earlier, later) -> later));
        return found.stream()
                .map(one -> new FamilyView.Holder(
                        one.customerId(),
                        one.customer(),
                        numbers.get(one.lotId()),
                        one.mix(),
                        one.packets(),
                        one.bulk(),
                        one.firstOn(),
                        one.lastOn(),
                        since(last.get(one.customerId()), one.lastOn())))
                .toList();
    }

    /** Who got more of it since was not told of that. */
    private static ToldView since(Told told, LocalDate lastOn) {
        return told == null || told.view().toldOn().isBefore(lastOn) ? null : told.view();
    }

    /** Holds every lot that may carry seed of one, and every mix with some in it, that is here and not on hold already. */
    @HandsWork
    @Transactional
    public FamilyView hold(String number, String reason) {
        List<LotView> carriers = family.carriers(lots.get(number));
        Map<UUID, LotsHere.Left> left =
                here.left(carriers.stream().map(LotView::id).toList());
        List<LotView> free = carriers.stream()
                .filter(lot -> lot.hold() == null && left.get(lot.id()).any())
                .sorted(Comparator.comparing(LotView::number))
                .toList();
        List<MixView> mixed = mixes.holding(carriers.stream().map(LotView::id).toList()).stream()
                .filter(mix ->
                        mix.onHold() == null && (mix.packets() > 0 || mix.bulk().signum() > 0))
                .toList();
        if (free.isEmpty() && mixed.isEmpty()) {
            throw new Refused("reason", reason, "recall.nothingToHold", "lot", number);
        }
        free.forEach(lot -> decisions.hold(lot.number(), reason));
        mixed.forEach(mix -> mixes.hold(mix.number(), reason));
        return family.of(number);
    }

    /** Somebody who has some was told. */
    @HandsWork
    @Transactional
    public ToldView tell(String number, UUID customerId, LocalDate toldOn, String how) {
        checkDay(toldOn);
        return told.saveAndFlush(new Told(
                        lots.get(number).id(), customers.get(customerId).id(), toldOn, how, stamps.now()))
                .view();
    }

    @HandsWork
    @Transactional
    public ToldView correct(UUID id, Changed made, LocalDate toldOn, String how) {
        checkDay(toldOn);
        return change(id, made, one -> one.change(toldOn, how));
    }

    /** Nobody was told after all. */
    @HandsWork
    @Transactional
    public ToldView undo(UUID id, Changed made) {
        return change(id, made, Told::undo);
    }

    private void checkDay(LocalDate toldOn) {
        SeasonDates.check("toldOn", toldOn, time.today().minusYears(1), time.today());
    }

    private ToldView change(UUID id, Changed made, Consumer<Told> how) {
        Told one = told.findById(id).orElseThrow(NotFound.of("record of who was told"));
        Clash.check(one, made.from(), one.view());
        Map<String, Object> before = one.correctable();
        how.accept(one);
        corrections.keep("told", id, before, one.correctable(), made.because());
        return told.saveAndFlush(one).view();
    }
}
