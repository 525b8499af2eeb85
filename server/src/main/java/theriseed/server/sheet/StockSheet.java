package theriseed.server.sheet;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.server.base.FarmTime;
import theriseed.server.gate.Gate;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.stall.Difference;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.StockTakings;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** What is there of each lot, in bulk and in packets. Reading it is a stock-taking: what differs is booked, with why. */
@Component
class StockSheet implements Sheet {
    /** As many as one stock-taking has. */
    private static final int MOST = 1000;

    private final Lots lots;
    private final Gate gate;
    private final Stocks stocks;
    private final LotsHere here;
    private final StockTakings stockTakings;
    private final FarmTime time;

    StockSheet(Lots lots, Gate gate, Stocks stocks, LotsHere here, StockTakings stockTakings, FarmTime time) {
        this.lots = lots;
        this.gate = gate;
        this.stocks = stocks;
        this.here = here;
        this.stockTakings = stockTakings;
        this.time = time;
    }

    @Override
    public String name() {
        return "stock";
    }

    @Override
    public int most() {
        return MOST;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.needed("lot", "its number, or the one it had in an older book")
                        .alike("lot_number", "lot_no", "seed_lot", "batch"),
                Column.of("run", "key of the packing run; nothing for bulk"),
                Column.of("holds", "what a packet holds; only written, not read"),
                Column.numbers("packets", "how many there are of the run"),
                Column.numbers("bulk_g", "grams there are in bulk")
                        .alike("weight", "grams", "stock", "in_stock", "left"),
                Column.of(
                        "because",
                        "why it differs from the books: dried_out, spilt, eaten, misweighed, not_written or unknown"));
    }

    private Map<UUID, StockView> stock(List<LotView> of) {
        return stocks.of(gate.of(of));
    }

    @Override
    public Stream<List<Object>> lines() {
        List<LotView> all = here.all();
        Map<UUID, StockView> stock = stock(all);
        List<List<Object>> lines = new ArrayList<>();
        for (LotView lot : all) {
            StockView there = stock.get(lot.id());
            if (there.bulk().signum() > 0) {
                lines.add(Arrays.asList(lot.number(), null, null, null, Line.plain(there.bulk()), null));
            }
            for (PackingRunView run : there.runs()) {
                if (run.left() > 0) {
                    lines.add(Arrays.asList(lot.number(), run.id(), holds(run), run.left(), null, null));
                }
            }
        }
        return lines.stream();
    }

    private static String holds(PackingRunView run) {
        if (run.seeds() != null) {
            return run.seeds() + " seeds";
        }
        return Line.plain(run.grams() == null ? run.fill() : run.grams()) + " g";
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        Map<String, LotView> found = lots.find(Line.all(lines, "lot", 40));
        return new Counting(found, stock(found.values().stream().distinct().toList()));
    }

    /** Gathers what was found, and books it once all of it is known. */
    private final class Counting implements Taker {
        private final Map<String, LotView> lotsFound;
        private final Map<UUID, StockView> stock;
        private final List<StockTakings.Found> found = new ArrayList<>();
        private final Set<String> seen = new HashSet<>();

        Counting(Map<String, LotView> lotsFound, Map<UUID, StockView> stock) {
            this.lotsFound = lotsFound;
            this.stock = stock;
        }

        @Override
        public Effect take(Line line) {
            LotView lot = lotsFound.get(line.needed("lot", 40));
            if (lot == null) {
                throw Line.wrong("lot", line.text("lot", 40), "lot");
            }
            if (!seen.add(lot.number() + " " + line.text("run", 40))) {
                throw Line.wrong("lot", lot.number(), "once");
            }
            if (line.has("packets") == line.has("bulk_g")) {
                throw Line.wrong("packets", line.text("packets", 40), "runOrBulk");
            }
            if (line.has("packets") != line.has("run")) {
                throw Line.wrong("run", line.text("run", 40), "runForPackets");
            }
            PackingRunView run = line.has("run") ? run(line, stock.get(lot.id())) : null;
            BigDecimal expected = run == null ? stock.get(lot.id()).bulk() : BigDecimal.valueOf(run.left());
            BigDecimal there = run == null ? line.decimal("bulk_g") : BigDecimal.valueOf(line.whole("packets"));
            if (there.signum() < 0) {
                throw Line.wrong(run == null ? "bulk_g" : "packets", there.toPlainString(), "zeroOrMore");
            }
            if (there.compareTo(expected) == 0) {
                return Effect.SAME;
            }
            Difference because = line.oneOf("because", Difference.class);
            found.add(new StockTakings.Found(lot.number(), run == null ? null : run.id(), expected, there, because));
            return Effect.CHANGED;
        }

        private static PackingRunView run(Line line, StockView of) {
            return of.runs().stream()
                    .filter(run -> run.id().toString().equals(line.text("run", 40)))
                    .findFirst()
                    .orElseThrow(() -> Line.wrong("run", line.text("run", 40), "runOfLot"));
        }

        @Override
        public Counted all() {
            if (!found.isEmpty()) {
                stockTakings.take(time.today(), "read from a file", found);
            }
            return Counted.NONE;
        }
    }
}
