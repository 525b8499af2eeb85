package theriseed.server.order;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import theriseed.core.stall.SeedOffers;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.Lots;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PriceLists;
import theriseed.server.stall.SaleKind;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.stall.Terms;

/**
 * Promises seed to orders: out of the oldest lot that may be sold on the day it is wanted, as far as it goes. What is
 * promised is nobody else's, whoever sells at the same moment.
 */
@Component
class Promising {
    private final OrderLineRepository lines;
    private final AllocationRepository allocations;
    private final PriceLists priceLists;
    private final Lots lots;
    private final Gate gate;
    private final Stocks stocks;
    private final Stamps stamps;

    Promising(
            OrderLineRepository lines,
            AllocationRepository allocations,
            PriceLists priceLists,
            Lots lots,
            Gate gate,
            Stocks stocks,
            Stamps stamps) {
        this.lines = lines;
        this.allocations = allocations;
        this.priceLists = priceLists;
        this.lots = lots;
        this.gate = gate;
        this.stocks = stocks;
        this.stamps = stamps;
    }

    /** Takes the lines of a new order, at the prices that are asked or usual, and promises what there is of them. */
    void take(SeedOrder order, List<Orders.Wanted> wanted) {
        Offers offers = offers(wanted.stream().map(Orders.Wanted::varietyId).collect(Collectors.toSet()));
        Terms terms = priceLists.of(order.customerId());
        List<OrderLine> made = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            BigDecimal price = price(wanted.get(i), order.kind(), terms, offers, "lines[" + i + "].");
            made.add(lines.save(new OrderLine(order.id(), wanted.get(i), price, stamps.now())));
        }
        promise(order, made, offers);
    }

    /** Promises what is missing of these lines. */
    void promise(SeedOrder order, List<OrderLine> of) {
        promise(order, of, offers(of.stream().map(OrderLine::varietyId).collect(Collectors.toSet())));
    }

    /** What of these lines was promised and not delivered is everybody's again. */
    void release(List<OrderLine> of) {
        allocations.deleteAll(allocations
                .findByOrderLineIdInOrderById(of.stream().map(OrderLine::id).toList())
                .stream()
                .filter(one -> one.saleId() == null)
                .toList());
        allocations.flush();
    }

    private static BigDecimal price(Orders.Wanted wanted, SaleKind kind, Terms terms, Offers offers, String at) {
        if (kind != SaleKind.SALE) {
            return BigDecimal.ZERO;
        }
        if (wanted.price() != null) {
            return wanted.price();
        }
        return (wanted.packets() == null
                        ? terms.bulk(wanted.varietyId())
                        : terms.packet(wanted.varietyId(), wanted.seeds(), offers.priceOf(wanted)))
                .orElseThrow(() -> new Refused(
                        at + "price", "nothing", wanted.packets() == null ? "order.bulkPrice" : "order.packetPrice"));
    }

    /** What may be promised of some varieties: their lots, oldest first, locked so that nobody else promises them. */
    private final class Offers {
        private final Map<UUID, List<LotKnown>> byVariety;
        private final Map<UUID, StockView> stock;
        private final Map<UUID, SeedOffers<UUID, UUID>> offers = new HashMap<>();

        Offers(List<LotKnown> known) {
            byVariety = known.stream()
                    .collect(Collectors.groupingBy(lot -> lot.lot().varietyId()));
            stock = stocks.of(known);
        }

        List<LotKnown> of(UUID variety) {
            return byVariety.getOrDefault(variety, List.of());
        }

        /** The price on the newest packets of a kind; null where there never were any. */
        BigDecimal priceOf(Orders.Wanted wanted) {
            BigDecimal price = null;
            LocalDate newest = LocalDate.MIN;
            for (LotKnown lot : of(wanted.varietyId())) {
                for (PackingRunView run : stock.get(lot.lot().id()).runs()) {
                    if (fits(run, wanted.seeds()) && !run.packedOn().isBefore(newest)) {
                        newest = run.packedOn();
                        price = run.price();
                    }
                }
            }
            return price;
        }

        /** Promises as much of a line as is missing and there is. */
        List<SeedOffers.Promise<UUID, UUID>> promise(OrderLine line, BigDecimal missing, LocalDate day) {
            SeedOffers<UUID, UUID> some = offers.computeIfAbsent(line.varietyId(), this::offersOf);
            return line.bulk() == null
                    ? some.packets(missing.intValueExact(), Optional.ofNullable(line.seeds()), day)
                    : some.bulk(missing, day);
        }

        private SeedOffers<UUID, UUID> offersOf(UUID variety) {
            return new SeedOffers<>(of(variety).stream()
                    .map(lot -> {
                        StockView of = stock.get(lot.lot().id());
                        return new SeedOffers.Lot<>(
                                lot.lot().id(),
                                lot.gate().mayBeSold(),
                                Optional.ofNullable(lot.gate().testRunsOut()),
                                of.free(),
                                of.runs().stream()
                                        .map(run -> new SeedOffers.Run<>(
                                                run.id(), Optional.ofNullable(run.seeds()), run.free()))
                                        .toList());
                    })
                    .toList());
        }
    }

    private static boolean fits(PackingRunView run, Integer seeds) {
        return seeds == null || seeds.equals(run.seeds());
    }

    private Offers offers(Collection<UUID> varietyIds) {
        return new Offers(gate.of(lots.lockOfVarieties(varietyIds)));
    }

    private void promise(SeedOrder order, List<OrderLine> of, Offers offers) {
        Map<UUID, BigDecimal> spoken =
                allocations
                        .findByOrderLineIdInOrderById(
                                of.stream().map(OrderLine::id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(
                                Allocation::orderLineId,
                                Collectors.reducing(BigDecimal.ZERO, Allocation::much, BigDecimal::add)));
        for (OrderLine line : of) {
            BigDecimal missing = line.much().subtract(spoken.getOrDefault(line.id(), BigDecimal.ZERO));
            for (SeedOffers.Promise<UUID, UUID> promise : offers.promise(line, missing, order.wantedOn())) {
                allocations.save(new Allocation(
                        line.id(),
                        promise.lot(),
                        promise.run().orElse(null),
                        promise.run().isPresent() ? promise.packets() : null,
                        promise.run().isPresent() ? null : promise.bulk(),
                        stamps.now()));
            }
        }
        allocations.flush();
    }
}
