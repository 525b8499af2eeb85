package theriseed.server.stall;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.search.Hit;
import theriseed.server.search.SearchWords;
import theriseed.server.search.Searched;

/** Customers by name and address, and what was sold to them. */
@Component
class CustomerSearch implements Searched {
    private final Customers customers;
    private final SaleRepository sales;
    private final Lots lots;

    CustomerSearch(Customers customers, SaleRepository sales, Lots lots) {
        this.customers = customers;
        this.sales = sales;
        this.lots = lots;
    }

    @Override
    public boolean forVisitors() {
        return false;
    }

    @Override
    @ReadsOnly
    public List<Hit> hits(SearchWords words, int most) {
        Stream<Hit> people = customers.searched(words, most).stream()
                .map(customer -> new Hit(Hit.Kind.CUSTOMER, customer.id(), customer.name(), customer.address()));
        List<SaleView> sold = sales.searched(words.patterns(), Limit.of(most)).stream()
                .map(Sale::view)
                .toList();
        Map<UUID, LotView> of = lots.byIds(sold.stream().map(SaleView::lotId).collect(Collectors.toSet())).stream()
                .collect(Collectors.toMap(LotView::id, Function.identity()));
        Stream<Hit> bought = sold.stream().map(sale -> {
            String number = of.get(sale.lotId()).number();
            return new Hit(Hit.Kind.SALE, number, sale.customer(), number, sale.soldOn());
        });
        return Stream.concat(people, bought).toList();
    }
}
