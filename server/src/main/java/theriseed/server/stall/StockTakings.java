package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/**
 * Counting what is there. A difference is explained and booked, so that the books say what the shelves hold; what was
 * expected is kept beside it.
 */
@Service
public class StockTakings {
    private static final int MOST_LINES = 1000;

    private final StockTakingRepository stockTakings;
    private final StockTakingLineRepository lines;
    private final WithdrawalRepository withdrawals;
    private final Lots lots;
    private final Gate gate;
    private final Stocks stocks;
    private final Stamps stamps;
    private final FarmTime time;

    StockTakings(
            StockTakingRepository stockTakings,
            StockTakingLineRepository lines,
            WithdrawalRepository withdrawals,
            Lots lots,
            Gate gate,
            Stocks stocks,
            Stamps stamps,
            FarmTime time) {
        this.stockTakings = stockTakings;
        this.lines = lines;
        this.withdrawals = withdrawals;
        this.lots = lots;
        this.gate = gate;
        this.stocks = stocks;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * What was found of a lot.
     *
     * @param packingRunId whose packets were counted; null for grams of bulk
     * @param expected as the books said when it was counted: when they say something else by now, it is counted anew
     */
    public record Found(
            String number, @Maybe UUID packingRunId, BigDecimal expected, BigDecimal found, Difference because) {}

    /** A lot's line of a stock-taking; grams, or packets of a run. */
    public record CountedLine(
            String number, @Maybe UUID packingRunId, BigDecimal expected, BigDecimal found, Difference because) {}

    /** A stock-taking. @param differences lines on which something else was found; {@code counted} how many in all */
    public record Taken(
            UUID id, LocalDate countedOn, String note, String recordedBy, int counted, List<CountedLine> differences) {}

    @HandsWork
    @Transactional
    public Taken take(LocalDate countedOn, String note, List<Found> found) {
        Range.of(1, MOST_LINES, "lines").check("lines", found.size());
        SeasonDates.check("countedOn", countedOn, time.today().minusYears(1), time.today());
        checkOnce(found);
        StockTaking taking = stockTakings.save(new StockTaking(countedOn, note, stamps.now()));
        Map<String, LotView> locked =
                lots.lock(found.stream().map(Found::number).toList());
        List<LotKnown> known = gate.of(Set.copyOf(locked.values()));
        Map<UUID, StockView> stock = stocks.of(known);
        for (int i = 0; i < found.size(); i++) {
            LotView lot = locked.get(found.get(i).number());
            book(taking, lot, stock.get(lot.id()), found.get(i), "lines[" + i + "].");
        }
        lines.flush();
        return views(List.of(taking)).get(0);
    }

    private static void checkOnce(List<Found> found) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < found.size(); i++) {
            if (!seen.add(found.get(i).number() + found.get(i).packingRunId())) {
                throw new Refused("lines[" + i + "].number", found.get(i).number(), "stockTaking.twice");
            }
        }
    }

    private void book(StockTaking taking, LotView lot, StockView stock, Found one, String at) {
        UUID run = one.packingRunId();
        BigDecimal expected =
                run == null ? stock.bulk() : BigDecimal.valueOf(stock.run(run).left());
        Range.of(0, 1e8, run == null ? "g" : "packets").check(at + "found", one.found());
        if (run != null && one.found().stripTrailingZeros().scale() > 0) {
            throw new Refused(at + "found", one.found().toPlainString(), "notA.wholeNumber");
        }
        if (one.expected().compareTo(expected) != 0) {
            throw new Refused(
                    at + "expected",
                    one.expected().toPlainString(),
                    "stockTaking.changed",
                    "lot",
                    lot.number(),
                    "books",
                    expected,
                    "unit",
                    run == null ? "g" : "packets");
        }
        BigDecimal difference = expected.subtract(one.found());
        if (difference.signum() != 0 && one.because() == Difference.SAME) {
            throw new Refused(at + "because", "nothing", "stockTaking.because", "lot", lot.number());
        }
        lines.save(new StockTakingLine(
                taking.id(),
                lot.id(),
                run,
                expected,
                one.found(),
                difference.signum() == 0 ? Difference.SAME : one.because(),
                stamps.now()));
        if (difference.signum() != 0) {
            withdrawals.save(new Withdrawal(
                    lot.id(),
                    run,
                    TakenFor.COUNTED,
                    taking.countedOn(),
                    run == null ? difference : null,
                    run == null ? null : difference.intValueExact(),
                    "",
                    null,
                    stamps.now()));
        }
    }

    @ReadsOnly
    public PageOf<Taken> page(int page, int size) {
        Page<StockTaking> found = stockTakings.findAllByOrderByCountedOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, views(found.getContent()));
    }

    private List<Taken> views(List<StockTaking> of) {
        if (of.isEmpty()) {
            return List.of();
        }
        List<StockTakingLine> all = lines.findByStockTakingIdInOrderById(
                of.stream().map(StockTaking::id).toList());
        Map<UUID, String> numbers =
                lots.byIds(all.stream().map(StockTakingLine::lotId).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(LotView::id, LotView::number));
        Map<UUID, List<CountedLine>> by = all.stream()
                .collect(Collectors.groupingBy(
                        StockTakingLine::stockTakingId,
                        Collectors.mapping(line -> line.view(numbers.get(line.lotId())), Collectors.toList())));
        return of.stream()
                .map(taking -> {
                    List<CountedLine> own = by.getOrDefault(taking.id(), List.of());
                    return new Taken(
                            taking.id(),
                            taking.countedOn(),
                            taking.note(),
                            taking.recordedBy(),
                            own.size(),
                            own.stream()
                                    .filter(line -> line.because() != Difference.SAME)
                                    .toList());
                })
                .toList();
    }
}
