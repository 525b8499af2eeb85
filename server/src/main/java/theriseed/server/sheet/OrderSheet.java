package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.measure.OutOfRange;
import theriseed.server.base.PageOf;
import theriseed.server.base.Refused;
import theriseed.server.order.OrderView;
import theriseed.server.order.Orders;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.SaleKind;

/**
 * Orders, a line for each thing asked for. Lines of a new order carry the same word in {@code order}, which then gets its
 * number; an order that is there already is only compared.
 */
@Component
class OrderSheet implements Sheet {
    private final Orders orders;
    private final Customers customers;
    private final Varieties varieties;
    private final VarietyWords varietyWords;

    OrderSheet(Orders orders, Customers customers, Varieties varieties, VarietyWords varietyWords) {
        this.varietyWords = varietyWords;
        this.orders = orders;
        this.customers = customers;
        this.varieties = varieties;
    }

    @Override
    public String name() {
        return "orders";
    }

    /** Each promises seed, which takes its time. */
    @Override
    public int most() {
        return 2000;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.needed("order", "its number; for a new one any word that is the same on all its lines"),
                Column.needed("customer", "name of one who is there"),
                Column.of("kind", "sale, gift or swap; a sale where nothing stands"),
                Column.day("ordered_on", "day").needed().alike("date", "ordered", "order_date"),
                Column.day("wanted_on", "day").needed().alike("wanted", "deliver_by", "delivery_date"),
                Column.needed("crop", "crop in the Handbook, by its key, name or species"),
                Column.needed("variety", "name"),
                Column.numbers("seeds", "in a packet; nothing for any"),
                Column.numbers("packets", "how many; nothing for bulk"),
                Column.numbers("bulk_g", "grams of bulk; nothing for packets"),
                Column.numbers("price", "a packet or a hundred grams; nothing for the customer's terms"),
                Column.note("note", "anything else"),
                Column.numbers("delivered", "packets or grams that went; only written, not read"),
                Column.of("state", "how far it is; only written, not read"));
    }

    @Override
    public Map<String, String> called() {
        return Map.of("bulk", "bulk_g", "varietyId", "variety", "customerId", "customer");
    }

    private List<OrderView> all() {
        return Pages.all(page -> orders.page(false, page, PageOf.LARGEST_SIZE));
    }

    private Map<UUID, String> crops(List<OrderView> of) {
        return varieties
                .byIds(of.stream()
                        .flatMap(order -> order.lines().stream())
                        .map(OrderView.OrderedLine::varietyId)
                        .collect(Collectors.toSet()))
                .values()
                .stream()
                .collect(Collectors.toMap(VarietyView::id, VarietyView::cropKey));
    }

    @Override
    public Stream<List<Object>> lines() {
        return Pages.each(orders.ids(), ids -> lines(orders.byIds(ids)));
    }

    private Stream<List<Object>> lines(List<OrderView> some) {
        Map<UUID, String> crops = crops(some);
        return some.stream().flatMap(order -> order.lines().stream().map(line -> cells(order, line, crops)));
    }

    private static List<Object> cells(OrderView order, OrderView.OrderedLine line, Map<UUID, String> crops) {
        return Arrays.asList(
                order.number(),
                order.customer().name(),
                Line.word(order.kind()),
                order.orderedOn(),
                order.wantedOn(),
                crops.get(line.varietyId()),
                line.variety(),
                line.seeds(),
                line.bulk() ? null : Line.plain(line.wanted()),
                line.bulk() ? Line.plain(line.wanted()) : null,
                Line.plain(line.price()),
                order.note(),
                Line.plain(line.delivered()),
                Line.word(order.state()));
    }

    /** What is compared of a line that is there already. */
    private static String compared(
            Object customer,
            Object kind,
            Object on,
            Object wanted,
            String variety,
            Object seeds,
            String much,
            String price) {
        return String.join(
                        "\n",
                        Stream.of(customer, kind, on, wanted, variety, seeds, much, price)
                                .map(cell -> cell == null ? "" : cell.toString())
                                .toList())
                .toLowerCase(Locale.ROOT);
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        List<OrderView> all = all();
        Map<UUID, String> crops = crops(all);
        Set<String> numbers = new HashSet<>();
        Map<String, Set<String>> known = new HashMap<>();
        for (OrderView order : all) {
            numbers.add(order.number());
            Set<String> its = known.computeIfAbsent(order.number(), number -> new HashSet<>());
            order.lines()
                    .forEach(line -> its.add(compared(
                            order.customer().name(),
                            order.kind(),
                            order.orderedOn(),
                            order.wantedOn(),
                            crops.get(line.varietyId()) + " " + line.variety(),
                            line.seeds(),
                            (line.bulk() ? "g " : "p ") + Line.plain(line.wanted()),
                            Line.plain(line.price()))));
        }
        Map<String, UUID> who = new HashMap<>();
        Pages.all(page -> customers.page(page, PageOf.LARGEST_SIZE))
                .forEach((CustomerView customer) -> who.put(customer.name().toLowerCase(Locale.ROOT), customer.id()));
        return new Ordering(numbers, known, who, varietyWords.reading());
    }

    /** One new order of the file, with the lines it is made of. */
    private record New(
            UUID customer, SaleKind kind, LocalDate on, LocalDate wanted, String note, List<Orders.Wanted> lines) {
        boolean same(New other) {
            return customer.equals(other.customer)
                    && kind == other.kind
                    && on.equals(other.on)
                    && wanted.equals(other.wanted);
        }
    }

    /** Gathers the lines of new orders, and makes each once all of it is known. */
    private final class Ordering implements Taker {
        private final Set<String> numbers;
        private final Map<String, Set<String>> known;
        private final Map<String, UUID> who;
        private final VarietyWords.Reading named;
        private final Map<String, New> fresh = new LinkedHashMap<>();

        Ordering(
                Set<String> numbers,
                Map<String, Set<String>> known,
                Map<String, UUID> who,
                VarietyWords.Reading named) {
            this.numbers = numbers;
            this.known = known;
            this.who = who;
            this.named = named;
        }

        @Override
        public Effect take(Line line) {
            String order = line.needed("order", 40);
            String customer = line.needed("customer", 80);
            String crop = named.crops().key(line);
            String variety = crop + " " + line.needed("variety", 80);
            SaleKind kind = line.has("kind") ? line.oneOf("kind", SaleKind.class) : SaleKind.SALE;
            Integer packets = line.maybeWhole("packets");
            BigDecimal bulk = line.maybeDecimal("bulk_g");
            BigDecimal price = line.maybeDecimal("price");
            if (numbers.contains(order)) {
                boolean same = known.get(order)
                        .contains(compared(
                                customer,
                                kind,
                                line.day("ordered_on"),
                                line.day("wanted_on"),
                                variety,
                                line.maybeWhole("seeds"),
                                bulk == null ? "p " + packets : "g " + Line.plain(bulk),
                                Line.plain(price)));
                if (!same) {
                    throw new Refused("order", order, "sheet.orderOtherwise");
                }
                return Effect.SAME;
            }
            UUID customerId = who.get(customer.toLowerCase(Locale.ROOT));
            if (customerId == null) {
                throw Line.wrong("customer", customer, "customer");
            }
            UUID varietyId = named.id(line);
            New one = new New(
                    customerId,
                    kind,
                    line.day("ordered_on"),
                    line.day("wanted_on"),
                    line.text("note", 300),
                    new ArrayList<>());
            New made = fresh.computeIfAbsent(order, word -> one);
            if (!made.same(one)) {
                throw Line.wrong("order", order, "sameOrder");
            }
            Orders.Wanted wanted = new Orders.Wanted(varietyId, line.maybeWhole("seeds"), packets, bulk, price);
            wanted.check("");
            made.lines().add(wanted);
            return Effect.NEW;
        }

        @Override
        public Counted all() {
            fresh.forEach((word, one) -> {
                try {
                    orders.make(new Orders.OrderFacts(
                            one.customer(), one.kind(), one.on(), one.wanted(), one.note(), one.lines()));
                } catch (Refused | OutOfRange wrong) {
                    throw new Refused("order", word, "sheet.order", "why", wrong.getMessage());
                }
            });
            return Counted.NONE;
        }
    }
}
