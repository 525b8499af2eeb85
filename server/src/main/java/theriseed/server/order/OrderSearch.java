package theriseed.server.order;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;

/** Orders by number, customer and note. */
@Component
class OrderSearch implements Searched {
    private final SeedOrderRepository orders;
    private final Customers customers;

    OrderSearch(SeedOrderRepository orders, Customers customers) {
        this.orders = orders;
        this.customers = customers;
    }

    @Override
    public boolean forVisitors() {
        return false;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        UUID[] theirs =
                customers.searched(words, most).stream().map(CustomerView::id).toArray(UUID[]::new);
        List<SeedOrder> found = orders.searched(words.patterns(), theirs, Limit.of(most));
        Map<UUID, CustomerView> who =
                customers.byIds(found.stream().map(SeedOrder::customerId).collect(Collectors.toSet()));
        return found.stream()
                .map(order -> new Hit(
                        Hit.Kind.ORDER,
                        order.id().toString(),
                        order.number(),
                        who.get(order.customerId()).name(),
                        order.wantedOn()))
                .toList();
    }
}
