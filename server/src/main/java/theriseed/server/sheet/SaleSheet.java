package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.SaleKind;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.Sales;
import theriseed.server.stall.Stall;

/** What left the farm. A sale that is there already is only compared; a new one passes what the counter asks of it. */
@Component
class SaleSheet implements Sheet {
    /** Characters. */
    private static final int MOST_NOTE = 300;

    private final Stall stall;
    private final Sales sales;
    private final Lots lots;
    private final FarmTime time;

    SaleSheet(Stall stall, Sales sales, Lots lots, FarmTime time) {
        this.time = time;
        this.stall = stall;
        this.sales = sales;
        this.lots = lots;
    }

    @Override
    public String name() {
        return "sales";
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.of("sale", "its key; nothing for a new one"),
                Column.needed("customer", "name; a new one is added").alike("to", "buyer", "who", "customer_name"),
                Column.needed("lot", "its number, or the one it had in an older book")
                        .alike("lot_number", "lot_no", "seed_lot", "batch"),
                Column.of("kind", "sale, gift or swap; a sale where nothing stands"),
                Column.day("sold_on", "day").needed().alike("date", "sold", "day", "date_sold"),
                Column.of("run", "key of the packing run; nothing for the oldest that has so many"),
                Column.numbers("packets", "how many, below 0 where they came back; nothing for bulk")
                        .alike("packs", "pkts", "quantity", "qty", "number"),
                Column.numbers(
                        "packet_g",
                        "grams in a packet, of packets that were filled before there were these records; they are taken out of"
                                + " bulk"),
                Column.numbers("bulk_g", "grams of bulk, below 0 where they came back; nothing for packets")
                        .alike("weight", "grams", "amount"),
                Column.numbers("price", "in all; nothing for the customer's terms")
                        .alike("paid", "total", "sum", "income"),
                Column.note("note", "what came back for a swap, or anything else"));
    }

    @Override
    public Map<String, String> called() {
        return Map.of("bulk", "bulk_g");
    }

    @Override
    public Stream<List<Object>> lines() {
        Map<String, String> numbers = lots.numbersById().entrySet().stream()
                .collect(Collectors.toMap(lot -> lot.getKey().toString(), Map.Entry::getValue));
        return sales.every()
                .map(sale -> Arrays.asList(
                        sale.id(),
                        sale.customer(),
                        numbers.get(sale.lotId()),
                        sale.kind(),
                        sale.soldOn(),
                        sale.packingRunId(),
                        sale.packets(),
                        null,
                        sale.bulk(),
                        sale.price(),
                        sale.note()));
    }

    @Override
    public boolean linesStandAlone() {
        return true;
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        Map<String, LotView> found = lots.find(Line.all(lines, "lot", 40));
        Stall.Till till =
                stall.till(lots.lockAll(found.values().stream().map(LotView::id).collect(Collectors.toSet())));
        Map<UUID, SaleView> known = sales.byIds(lines.stream()
                .filter(line -> line.has("sale"))
                .map(line -> key(line, "sale"))
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
        Map<UUID, Instant> written =
                lots.recordedAt(found.values().stream().map(LotView::id).collect(Collectors.toSet()));
        Past past = new Past(sales.ofLots(written.keySet()));
        return line -> {
            LotView lot = found.get(line.needed("lot", 40));
            if (lot == null) {
                throw Line.wrong("lot", line.text("lot", 40), "lot");
            }
            SaleKind kind = line.has("kind") ? line.oneOf("kind", SaleKind.class) : SaleKind.SALE;
            String customer = line.needed("customer", 80);
            UUID run = line.has("run") ? needed(line, "run") : null;
            if (line.has("packets") == line.has("bulk_g")) {
                throw Line.wrong("packets", line.text("packets", 40), "packetsOrGrams");
            }
            if (line.has("sale")) {
                return same(line, known.get(needed(line, "sale")), lot, run, customer, kind);
            }
            Leaving how =
                    new Leaving(kind, line.day("sold_on"), line.maybeDecimal("price"), line.text("note", 300), null);
            if (before(how.on(), written.get(lot.id())) && run == null) {
                return past.take(lot, grams(line), customer, noted(line, how), till);
            }
            if (line.has("packets")) {
                till.sell(lot.id(), run, line.whole("packets"), customer, how);
            } else {
                till.sell(lot.id(), line.decimal("bulk_g"), customer, how);
            }
            return Effect.NEW;
        };
    }

    /** What left before there were these records. A book that is read a second time says nothing new. */
    private static final class Past {
        private final Map<String, Integer> there = new HashMap<>();

        Past(List<SaleView> known) {
            known.stream()
                    .filter(sale -> sale.bulk() != null)
                    .forEach(sale -> there.merge(
                            key(sale.lotId(), sale.bulk(), sale.customer(), sale.kind(), sale.soldOn()),
                            1,
                            Integer::sum));
        }

        private static String key(UUID lot, BigDecimal grams, String customer, SaleKind kind, LocalDate on) {
            return String.join("\n", lot.toString(), Line.plain(grams), customer, kind.name(), on.toString())
                    .toLowerCase(Locale.ROOT);
        }

        Effect take(LotView lot, BigDecimal grams, String customer, Leaving how, Stall.Till till) {
            String key = key(lot.id(), grams, customer, how.kind(), how.on());
            if (there.merge(key, -1, Integer::sum) >= 0) {
                return Effect.SAME;
            }
            till.leftBefore(lot.id(), grams, customer, how);
            return Effect.NEW;
        }
    }

    /** Whether something left before its lot was written down here. */
    private boolean before(LocalDate soldOn, Instant written) {
        return soldOn.isBefore(LocalDate.ofInstant(written, time.zone()));
    }

    /** Packets that were filled elsewhere than in these records are so many grams of bulk. */
    private static BigDecimal grams(Line line) {
        return line.has("packets")
                ? line.decimal("packet_g").multiply(BigDecimal.valueOf(line.whole("packets")))
                : line.decimal("bulk_g");
    }

    private static Leaving noted(Line line, Leaving how) {
        if (!line.has("packets")) {
            return how;
        }
        String note = "packets: " + line.whole("packets") + (how.note().isBlank() ? "" : "; " + how.note());
        return new Leaving(
                how.kind(), how.on(), how.price(), note.substring(0, Math.min(note.length(), MOST_NOTE)), null);
    }

    private static Effect same(Line line, SaleView there, LotView lot, UUID run, String customer, SaleKind kind) {
        if (there == null) {
            throw Line.wrong("sale", line.text("sale", 40), "saleOrNew");
        }
        BigDecimal price = line.maybeDecimal("price");
        boolean same = there.lotId().equals(lot.id())
                && there.customer().equalsIgnoreCase(customer)
                && there.kind() == kind
                && there.soldOn().equals(line.day("sold_on"))
                && (run == null || run.equals(there.packingRunId()))
                && Objects.equals(there.packets(), line.maybeWhole("packets"))
                && Objects.equals(Line.plain(there.bulk()), Line.plain(line.maybeDecimal("bulk_g")))
                && (price == null || there.price().compareTo(price) == 0)
                && there.note().equals(line.text("note", 300).strip());
        if (!same) {
            throw new Refused("sale", line.text("sale", 40), "sheet.saleOtherwise");
        }
        return Effect.SAME;
    }

    private static UUID needed(Line line, String column) {
        UUID key = key(line, column);
        if (key == null) {
            throw Line.wrong(column, line.text(column, 40), "key");
        }
        return key;
    }

    private static UUID key(Line line, String column) {
        String typed = line.text(column, 40);
        return typed.matches("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}") ? UUID.fromString(typed) : null;
    }
}
