package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.stall.PacketCost;
import theriseed.core.stall.Work;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Kept;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.Bench;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.TransferView;
import theriseed.server.lot.Transfers;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** Calculates what lots cost and what they brought. */
@Service
public class Money {
    private static final int SEASONS_KEPT = 2;

    private final Spendings spendings;
    private final WorkDoneRepository work;
    private final OutlayRepository outlays;
    private final ByProductSaleRepository byProducts;
    private final Lots lots;
    private final Transfers transfers;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Bench bench;
    private final Stocks stocks;
    private final FarmTime time;
    private final Kept<SeasonOn, Books> kept;

    private record SeasonOn(int season, LocalDate day) {}

    Money(
            Spendings spendings,
            WorkDoneRepository work,
            OutlayRepository outlays,
            ByProductSaleRepository byProducts,
            Lots lots,
            Transfers transfers,
            Plantings plantings,
            Varieties varieties,
            Bench bench,
            Stocks stocks,
            FarmTime time,
            Changes changes) {
        this.spendings = spendings;
        this.work = work;
        this.outlays = outlays;
        this.byProducts = byProducts;
        this.lots = lots;
        this.transfers = transfers;
        this.plantings = plantings;
        this.varieties = varieties;
        this.bench = bench;
        this.stocks = stocks;
        this.time = time;
        this.kept = new Kept<>(changes.of(Object.class), SEASONS_KEPT);
    }

    /** What the seed of a season cost and brought so far. @param asked null for the last that is over */
    @GrowersWork
    @ReadsOnly
    public SeasonMoneyView season(Integer asked) {
        List<Integer> seasons = plantings.planned();
        int season = asked == null ? newestOver(seasons) : asked;
        Books books = books(season);
        Map<UUID, MoneyView> money = new HashMap<>();
        List<SeasonMoneyView.LotMoney> each = books.ofSeason().stream()
                .map(lot -> {
                    MoneyView own = books.of(List.of(lot));
                    if (own != null) {
                        money.put(lot.id(), own);
                    }
                    return new SeasonMoneyView.LotMoney(
                            lot.id(),
                            lot.number(),
                            books.named().get(lot.varietyId()).name(),
                            books.named().get(lot.varietyId()).cropName(),
                            own);
                })
                .toList();
        Map<Work, Double> hours = new EnumMap<>(Work.class);
        money.values().forEach(one -> one.hours().forEach((kind, some) -> hours.merge(kind, some, Double::sum)));
        List<PlantingView> grown = books.planted().values().stream()
                .filter(planting -> planting.season() == season && planting.purpose() == Purpose.SEED)
                .sorted(Comparator.comparing(
                                (PlantingView planting) -> planting.variety().cropName())
                        .thenComparing(planting -> planting.variety().name()))
                .toList();
        Set<UUID> bearers = grown.stream().map(PlantingView::id).collect(Collectors.toSet());
        books.ofSeason().forEach(lot -> bearers.add(lot.id()));
        return new SeasonMoneyView(
                season,
                seasons,
                books.rates(),
                money.values().stream().mapToDouble(MoneyView::cost).sum(),
                money.values().stream()
                        .mapToDouble(one -> one.brought() + one.byProducts())
                        .sum(),
                hours,
                books.failed(),
                books.carriedByNone(),
                books.growing(),
                each,
                books.byVariety(),
                grown.stream()
                        .map(planting -> new SeasonMoneyView.Planted(
                                planting.id(),
                                planting.variety().name(),
                                planting.variety().cropName(),
                                planting.ground()))
                        .toList(),
                books.work().stream()
                        .filter(done -> bearers.contains(done.on()))
                        .map(WorkDone::view)
                        .toList(),
                books.outlays().stream()
                        .filter(outlay -> bearers.contains(outlay.on()))
                        .map(Outlay::view)
                        .toList(),
                books.byProducts().stream()
                        .filter(sold -> bearers.contains(sold.on()))
                        .map(ByProductSale::view)
                        .toList());
    }

    /** What is asked about a lot's packets; null where the farm's own figures do. Percent as in {@link MoneyRatesFacts}. */
    public record Asked(Integer packets, BigDecimal price, Double unsold, Double margin, Double fees) {}

    /** What a lot cost and brought, and what its packets must bring. */
    @GrowersWork
    @ReadsOnly
    public LotPriceView lot(String number, Asked asked) {
        LotView lot = lots.get(number);
        Books books = books(lot.season());
        VarietyView variety = books.named().get(lot.varietyId());
        StockView stock = books.stock().get(lot.id());
        MoneyView money = books.of(List.of(lot));
        MoneyRatesView rates = books.rates();
        int filled = stock.runs().stream().mapToInt(PackingRunView::packets).sum();
        Integer packets = asked.packets() != null ? asked.packets() : filled == 0 ? null : Integer.valueOf(filled);
        double unsold = asked.unsold() == null ? rates.unsold() : asked.unsold();
        double margin = asked.margin() == null ? rates.margin() : asked.margin();
        double fees = asked.fees() == null ? rates.fees() : asked.fees();
        BigDecimal price = asked.price() != null || stock.runs().isEmpty()
                ? asked.price()
                : stock.runs().get(stock.runs().size() - 1).price();
        return new LotPriceView(
                lot.id(),
                lot.plantingId(),
                lot.number(),
                variety.name(),
                variety.cropName(),
                rates,
                money,
                packets,
                unsold,
                margin,
                fees,
                price,
                money == null || packets == null
                        ? null
                        : PacketCost.of(
                                money.ground(),
                                money.materials() + money.failed(),
                                money.hours().values().stream()
                                        .mapToDouble(Double::doubleValue)
                                        .sum(),
                                rates.wage().doubleValue(),
                                money.ownSeed(),
                                rates.packet().doubleValue(),
                                packets,
                                unsold / 100,
                                margin / 100,
                                fees / 100,
                                price == null ? Double.NaN : price.doubleValue()),
                books.work().stream()
                        .filter(done -> done.concerns(lot))
                        .map(WorkDone::view)
                        .toList(),
                books.outlays().stream()
                        .filter(outlay -> outlay.concerns(lot))
                        .map(Outlay::view)
                        .toList(),
                books.byProducts().stream()
                        .filter(sold -> sold.concerns(lot))
                        .map(ByProductSale::view)
                        .toList());
    }

    /** The last season that is over, whose seed is sold now; else the one under way. */
    private int newestOver(List<Integer> seasons) {
        int year = time.today().getYear();
        return seasons.stream()
                .filter(season -> season < year)
                .max(Comparator.naturalOrder())
                .orElse(year);
    }

    /** The books of a season; the same for all who ask on a day until something is written. */
    private Books books(int season) {
        return kept.of(new SeasonOn(season, time.today()), () -> read(season));
    }

    /** All that the money of a season hangs on, in a number of queries that does not grow with its lots. */
    private Books read(int season) {
        Map<UUID, LotView> found = new HashMap<>();
        List<LotView> ofSeason = lots.ofSeason(season);
        ofSeason.forEach(lot -> found.put(lot.id(), lot));
        Set<UUID> newest = new HashSet<>(found.keySet());
        while (!newest.isEmpty()) {
            Set<UUID> into = newest;
            newest = transfers.of(into).stream()
                    .filter(transfer -> into.contains(transfer.toId()) && !found.containsKey(transfer.fromId()))
                    .map(TransferView::fromId)
                    .collect(Collectors.toSet());
            lots.byIds(newest).forEach(lot -> found.put(lot.id(), lot));
        }
        Set<UUID> rows = found.values().stream()
                .map(LotView::plantingId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        lots.of(rows).forEach(lot -> found.put(lot.id(), lot));
        rows.addAll(plantings.idsOfSeason(season));
        List<UUID> givenUp = plantings.givenUpIn(season);
        Map<UUID, PlantingView> planted = plantings.all(rows);
        LotsAtBench at = bench.of(found.values());
        rows.addAll(givenUp);
        return new Books(
                ofSeason,
                found.values(),
                transfers.of(found.keySet()),
                planted,
                varieties.byIds(ofSeason.stream().map(LotView::varietyId).collect(Collectors.toSet())),
                givenUp,
                at.worked(),
                stocks.of(at),
                work.of(rows, found.keySet()),
                outlays.of(rows, found.keySet()),
                byProducts.of(rows, found.keySet()),
                spendings.rates(),
                time.today());
    }
}
