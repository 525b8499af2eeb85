package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import theriseed.core.stall.LotCosts;
import theriseed.core.stall.Paid;
import theriseed.core.stall.SeasonBooks;
import theriseed.core.stall.Spent;
import theriseed.server.bench.BenchView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Origin;
import theriseed.server.lot.TransferView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Purpose;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.StockView;

/** The books of a season, with everything they were made of. */
final class Books {
    private final List<LotView> ofSeason;
    private final Map<UUID, PlantingView> planted;
    private final Map<UUID, VarietyView> named;
    private final Map<UUID, StockView> stock;
    private final List<WorkDone> work;
    private final List<Outlay> outlays;
    private final List<ByProductSale> byProducts;
    private final MoneyRatesView rates;
    private final Map<UUID, Spent> written = new HashMap<>();
    private final SeasonBooks<UUID, UUID> books;

    /**
     * @param all lots of the season, those they came of, and those picked from the same rows
     * @param planted rows of all of them, and the others of the season
     * @param givenUp plantings of the season that were given up
     */
    Books(
            List<LotView> ofSeason,
            Collection<LotView> all,
            List<TransferView> transfers,
            Map<UUID, PlantingView> planted,
            Map<UUID, VarietyView> named,
            List<UUID> givenUp,
            Map<UUID, BenchView> worked,
            Map<UUID, StockView> stock,
            List<WorkDone> work,
            List<Outlay> outlays,
            List<ByProductSale> byProducts,
            MoneyRatesView rates,
            LocalDate today) {
        this.ofSeason = ofSeason;
        this.planted = planted;
        this.named = named;
        this.stock = stock;
        this.work = work;
        this.outlays = outlays;
        this.byProducts = byProducts;
        this.rates = rates;
        work.forEach(done -> written.merge(done.on(), Spent.hours(done.kind(), done.hours()), Spent::plus));
        outlays.forEach(outlay -> written.merge(outlay.on(), outlay.spent(), Spent::plus));
        byProducts.forEach(sold -> written.merge(sold.on(), sold.brought(), Spent::plus));
        Set<UUID> own = ofSeason.stream().map(LotView::id).collect(Collectors.toSet());
        this.books = new SeasonBooks<>(
                planted.values().stream().map(this::rows).toList(),
                givenUp.stream().collect(Collectors.toMap(id -> id, this::written)),
                all.stream()
                        .map(lot -> new SeasonBooks.Lot<>(
                                lot.id(),
                                lot.plantingId(),
                                lot.origin() == Origin.PICKED,
                                own.contains(lot.id()),
                                lot.hold() != null,
                                Optional.ofNullable(worked.get(lot.id())).map(Books::bench),
                                stock(stock.get(lot.id())),
                                written(lot.id())))
                        .toList(),
                transfers.stream()
                        .map(transfer -> new LotCosts.Transfer<>(
                                transfer.fromId(),
                                transfer.toId(),
                                transfer.mass().doubleValue()))
                        .toList(),
                new SeasonBooks.Rates(
                        rates.wage().doubleValue(),
                        rates.ground().doubleValue(),
                        rates.packet().doubleValue(),
                        rates.fees() / 100),
                today);
    }

    private SeasonBooks.Rows<UUID> rows(PlantingView planting) {
        List<SeasonBooks.Days> taken = new ArrayList<>();
        taken.add(new SeasonBooks.Days(planting.groundFrom(), planting.groundTo()));
        if (planting.rootsFrom() != null && planting.rootsTo() != null) {
            taken.add(new SeasonBooks.Days(planting.rootsFrom(), planting.rootsTo()));
        }
        return new SeasonBooks.Rows<>(
                planting.id(), planting.purpose() == Purpose.SEED, planting.spacing(), taken, written(planting.id()));
    }

    private static SeasonBooks.Bench bench(BenchView steps) {
        return new SeasonBooks.Bench(
                steps.clean(), steps.mass().doubleValue(), Optional.ofNullable(steps.expected()), steps.minutes());
    }

    private static SeasonBooks.Stock stock(StockView there) {
        return new SeasonBooks.Stock(
                there.runs().stream().mapToInt(PackingRunView::packets).sum(),
                there.runs().stream()
                        .filter(run -> run.minutes() != null)
                        .mapToDouble(run -> run.people() * run.minutes() / 60.0)
                        .sum(),
                there.anySold(),
                there.bulk().signum() != 0 || there.packets() != 0,
                there.brought().doubleValue(),
                there.runs().stream()
                        .mapToDouble(run -> run.left() * run.price().doubleValue())
                        .sum());
    }

    private Spent written(UUID plantingOrLot) {
        return written.getOrDefault(plantingOrLot, Spent.NONE);
    }

    List<LotView> ofSeason() {
        return ofSeason;
    }

    Map<UUID, PlantingView> planted() {
        return planted;
    }

    /** The varieties of its lots. */
    Map<UUID, VarietyView> named() {
        return named;
    }

    Map<UUID, StockView> stock() {
        return stock;
    }

    List<WorkDone> work() {
        return work;
    }

    List<Outlay> outlays() {
        return outlays;
    }

    List<ByProductSale> byProducts() {
        return byProducts;
    }

    MoneyRatesView rates() {
        return rates;
    }

    double failed() {
        return books.failed();
    }

    double carriedByNone() {
        return books.carriedByNone();
    }

    double growing() {
        return books.growing();
    }

    List<SeasonMoneyView.VarietyMoney> byVariety() {
        return ofSeason.stream().collect(Collectors.groupingBy(LotView::varietyId)).entrySet().stream()
                .filter(variety -> of(variety.getValue()) != null)
                .map(variety -> new SeasonMoneyView.VarietyMoney(
                        variety.getKey(),
                        named.get(variety.getKey()).name(),
                        named.get(variety.getKey()).cropName(),
                        variety.getValue().size(),
                        of(variety.getValue())))
                .sorted(Comparator.comparing(
                                (SeasonMoneyView.VarietyMoney one) ->
                                        one.money().perHour(),
                                Comparator.nullsFirst(Comparator.<Double>naturalOrder()))
                        .reversed()
                        .thenComparing(SeasonMoneyView.VarietyMoney::variety))
                .toList();
    }

    /** The money of some lots together; null where all of them came to nothing. */
    MoneyView of(List<LotView> some) {
        return books.of(some.stream().map(LotView::id).toList())
                .map(money -> view(money, some))
                .orElse(null);
    }

    private MoneyView view(SeasonBooks.Money money, List<LotView> some) {
        List<StockView> there = some.stream()
                .filter(lot -> !books.cameToNothing(lot.id()))
                .map(lot -> stock.get(lot.id()))
                .toList();
        Spent spent = money.spent();
        Paid paid = money.paid();
        return new MoneyView(
                spent.area(),
                spent.ground(),
                spent.byWork(),
                spent.hours() * rates.wage().doubleValue(),
                spent.materials(),
                spent.ownSeed(),
                money.packets(),
                money.failed(),
                paid.cost(),
                money.brought(),
                spent.byProducts(),
                money.brought() * rates.fees() / 100,
                paid.left(),
                paid.perHour().isPresent() ? paid.perHour().getAsDouble() : null,
                paid.perSquareMetre().isPresent() ? paid.perSquareMetre().getAsDouble() : null,
                there.stream().mapToInt(StockView::packetsSold).sum(),
                there.stream().mapToInt(StockView::packets).sum(),
                there.stream().map(StockView::bulk).reduce(BigDecimal.ZERO, BigDecimal::add),
                money.worth());
    }
}
