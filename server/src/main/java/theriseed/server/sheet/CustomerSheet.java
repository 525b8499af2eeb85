package theriseed.server.sheet;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.server.base.Changed;
import theriseed.server.base.PageOf;
import theriseed.server.stall.CustomerKind;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.PriceListView;
import theriseed.server.stall.PriceLists;

/** Who seed goes to; a name makes one. Those to whom nothing goes any more are not in it. */
@Component
class CustomerSheet implements Sheet {
    private final Customers customers;
    private final PriceLists priceLists;

    CustomerSheet(Customers customers, PriceLists priceLists) {
        this.customers = customers;
        this.priceLists = priceLists;
    }

    @Override
    public String name() {
        return "customers";
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.needed("name", "of the customer").alike("customer", "customer_name", "company", "who"),
                Column.needed("kind", "grower, shop, market, swap or other").alike("type", "customer_type", "sort"),
                Column.of("price_list", "name of a price list; nothing for the price on the packet"),
                Column.of("address", "of the customer").alike("street", "postal_address"),
                Column.note("note", "anything else, such as telephone or e-mail"));
    }

    private List<CustomerView> all() {
        return Pages.all(page -> customers.page(page, PageOf.LARGEST_SIZE));
    }

    @Override
    public Stream<List<Object>> lines() {
        return all().stream()
                .map(customer -> Arrays.asList(
                        customer.name(),
                        Line.word(customer.kind()),
                        customer.priceList(),
                        customer.address(),
                        customer.note()));
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        Map<String, UUID> lists =
                priceLists.all().stream().collect(Collectors.toMap(PriceListView::name, PriceListView::id));
        Map<String, CustomerView> known = new HashMap<>();
        all().forEach(customer -> known.put(customer.name().toLowerCase(Locale.ROOT), customer));
        return line -> {
            String name = line.needed("name", 80);
            String key = name.toLowerCase(Locale.ROOT);
            CustomerView there = known.get(key);
            Optional<CustomerView> already = Optional.ofNullable(there);
            String list = line.text(
                    "price_list", 60, already.map(CustomerView::priceList).orElse(""));
            if (!list.isEmpty() && !lists.containsKey(list)) {
                throw Line.wrong("price_list", list, "priceList");
            }
            Customers.CustomerFacts facts = new Customers.CustomerFacts(
                    name,
                    line.oneOf("kind", CustomerKind.class),
                    line.text("address", 300, already.map(CustomerView::address).orElse("")),
                    line.text("note", 300, already.map(CustomerView::note).orElse("")),
                    lists.get(list));
            if (there == null) {
                known.put(key, customers.make(facts));
                return Effect.NEW;
            }
            if (facts.equals(facts(there))) {
                return Effect.SAME;
            }
            known.put(key, customers.correct(there.id(), new Changed(there.version(), "read from a file"), facts));
            return Effect.CHANGED;
        };
    }

    private static Customers.CustomerFacts facts(CustomerView customer) {
        return new Customers.CustomerFacts(
                customer.name(), customer.kind(), customer.address(), customer.note(), customer.priceListId());
    }
}
