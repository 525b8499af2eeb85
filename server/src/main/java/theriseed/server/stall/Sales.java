package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import theriseed.server.base.Changes;
import theriseed.server.base.Kept;
import theriseed.server.base.PageOf;
import theriseed.server.base.PartOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** What was sold, given and swapped, and who has it. */
@Service
public class Sales {
    private final SaleRepository sales;
    private final WithdrawalRepository withdrawals;
    private final Lots lots;
    private final Kept<LocalDate, Map<UUID, BigDecimal>> used;

    Sales(SaleRepository sales, WithdrawalRepository withdrawals, Lots lots, Changes changes) {
        this.sales = sales;
        this.withdrawals = withdrawals;
        this.lots = lots;
        this.used = new Kept<>(changes.of(Sale.class, Withdrawal.class, PackingRun.class), 1);
    }

    /** The sales with these ids. */
    @ReadsOnly
    public Map<UUID, SaleView> byIds(Collection<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : sales.findByIdIn(ids).stream().map(Sale::view).collect(Collectors.toMap(SaleView::id, sale -> sale));
    }

    /** All sales of these lots. */
    @ReadsOnly
    public List<SaleView> ofLots(Collection<UUID> lotIds) {
        return sales.findByLotIdIn(lotIds).stream().map(Sale::view).toList();
    }

    /** What lots were sold for since a day; those not sold are left out. */
    @ReadsOnly
    public Map<UUID, BigDecimal> earned(Collection<UUID> ofLots, LocalDate since) {
        return ofLots.isEmpty()
                ? Map.of()
                : sales.earned(ofLots, since).stream()
                        .collect(Collectors.toMap(SaleRepository.Earned::getLotId, SaleRepository.Earned::getMoney));
    }

    /** Every sale, newest first; to be read within the transaction. */
    @ReadsOnly
    public Stream<ListedSale> every() {
        return sales.listed();
    }

    /** A sale with its lot's number. */
    public record Sold(SaleView sale, String number) {}

    /** The newest sales with their lots' numbers, a part of them. */
    @ReadsOnly
    public PartOf<Sold> sold(int page, int size) {
        PartOf<SaleView> found = PartOf.of(sales.newest(PageOf.request(page, size)), Sale::view);
        Map<UUID, String> numbers =
                lots.byIds(found.items().stream().map(SaleView::lotId).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(LotView::id, LotView::number));
        return found.with(found.items().stream()
                .map(sale -> new Sold(sale, numbers.get(sale.lotId())))
                .toList());
    }

    /** The newest sales of a lot, newest first, without those that turned out not to have been. @param most so many */
    @ReadsOnly
    public List<SaleView> last(UUID lotId, int most) {
        return sales.last(lotId, Limit.of(most)).stream().map(Sale::view).toList();
    }

    /** First day on which seed of a lot was sold. */
    @ReadsOnly
    public Optional<LocalDate> firstSold(UUID lotId) {
        return sales.firstSold(lotId);
    }

    /** First day on which packets of a run were sold or taken. @param stock of its lot */
    Optional<LocalDate> firstLeft(UUID runId, StockView stock) {
        return Stream.concat(
                        sales.firstSoldOf(runId).stream(),
                        stock.withdrawals().stream()
                                .filter(withdrawal -> runId.equals(withdrawal.packingRunId()))
                                .map(WithdrawalView::takenOn))
                .min(Comparator.naturalOrder());
    }

    /** Ids of the sales of a lot that were corrected. */
    @ReadsOnly
    public List<UUID> changed(UUID lotId) {
        return sales.changed(lotId);
    }

    /** Everyone who got seed of these lots, by name and lot, a part of them. */
    @ReadsOnly
    public PartOf<HolderView> holders(Collection<UUID> lotIds, int page, int size) {
        return PartOf.of(sales.holders(lotIds, PageOf.request(page, size)), Sales::holder);
    }

    /** All of them, by name and lot. */
    @ReadsOnly
    public List<HolderView> holders(Collection<UUID> lotIds) {
        return sales.holders(lotIds, Pageable.unpaged()).getContent().stream()
                .map(Sales::holder)
                .toList();
    }

    private static HolderView holder(SaleRepository.Holding one) {
        return new HolderView(
                one.getCustomerId(),
                one.getCustomer(),
                one.getLotId(),
                one.getMix(),
                one.getPackets(),
                one.getBulk(),
                one.getFirstOn(),
                one.getLastOn());
    }

    /** What of a lot is with others by itself, not in a mix: packets and bulk grams, the last of it, and with how many customers. */
    public record LeftLot(UUID lotId, long packets, BigDecimal bulk, LocalDate lastOn, int customers) {}

    /** What is with others: of each lot of which some is, and of all together, whose lot and last day may be null. */
    public record LeftLots(List<LeftLot> each, LeftLot together) {}

    /** What of these lots is with others. */
    @ReadsOnly
    public LeftLots left(Collection<UUID> lotIds) {
        if (lotIds.isEmpty()) {
            return new LeftLots(List.of(), new LeftLot(null, 0, BigDecimal.ZERO, null, 0));
        }
        List<SaleRepository.Left> found = sales.left(lotIds);
        return new LeftLots(
                found.stream()
                        .filter(one -> one.getLotId() != null && one.getMixId() == null)
                        .map(Sales::left)
                        .toList(),
                found.stream()
                        .filter(one -> one.getLotId() == null)
                        .map(Sales::left)
                        .findFirst()
                        .orElseThrow());
    }

    private static LeftLot left(SaleRepository.Left one) {
        return new LeftLot(one.getLotId(), one.getPackets(), one.getBulk(), one.getLastOn(), one.getCustomers());
    }

    /**
     * Grams of each lot that left since a day, in packets or not, and those that were sown or put into a mix; lots that were
     * not used are not there.
     */
    @ReadsOnly
    public Map<UUID, BigDecimal> usedSince(LocalDate since) {
        return used.of(since, () -> grams(since));
    }

    private Map<UUID, BigDecimal> grams(LocalDate since) {
        return Stream.of(sales.grams(since), withdrawals.grams(List.of(TakenFor.SOWN, TakenFor.MIXED), since))
                .flatMap(List::stream)
                .collect(Collectors.toMap(SaleRepository.Grams::lotId, SaleRepository.Grams::mass, BigDecimal::add));
    }
}
