package theriseed.server.sheet;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
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
    private final Stall stall;
    private final Sales sales;
    private final Lots lots;

    SaleSheet(Stall stall, Sales sales, Lots lots) {
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
                Column.needed("customer", "name; a new one is added"),
                Column.needed("lot", "its number"),
                Column.of("kind", "sale, gift or swap; a sale where nothing stands"),
                Column.needed("sold_on", "day, as 2026-08-14"),
                Column.of("run", "key of the packing run; nothing for the oldest that has so many"),
                Column.of("packets", "how many, below 0 where they came back; nothing for bulk"),
                Column.of("bulk_g", "grams of bulk, below 0 where they came back; nothing for packets"),
                Column.of("price", "in all; nothing for the customer's terms"),
                Column.of("note", "what came back for a swap, or anything else"));
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
            if (line.has("packets")) {
                till.sell(lot.id(), run, line.whole("packets"), customer, how);
            } else {
                till.sell(lot.id(), line.decimal("bulk_g"), customer, how);
            }
            return Effect.NEW;
        };
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
