package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.search.SearchWords;

/** Who seed goes to, and on which terms. Nobody is deleted: who once had seed stays known. */
@Service
public class Customers {
    private final CustomerRepository customers;
    private final PriceListRepository priceLists;
    private final ApplicationEventPublisher events;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Customers(
            CustomerRepository customers,
            PriceListRepository priceLists,
            ApplicationEventPublisher events,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.customers = customers;
        this.priceLists = priceLists;
        this.events = events;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** @param priceListId null for the price on the packet */
    public record CustomerFacts(String name, CustomerKind kind, String address, String note, UUID priceListId) {}

    /** Those that still are, by name, at most 500. */
    @ReadsOnly
    public List<CustomerView> all() {
        return customers.findTop500ByEndedOnIsNullOrderByName().stream()
                .map(Customer::view)
                .toList();
    }

    /** All of them that still are, page by page. */
    @ReadsOnly
    public PageOf<CustomerView> page(int page, int size) {
        Page<Customer> found = customers.findByEndedOnIsNullOrderByNameAscIdAsc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Customer::view).toList());
    }

    /** Those that still are, in whose name and address all the words stand, by name, at most so many. */
    @ReadsOnly
    public List<CustomerView> searched(SearchWords words, int most) {
        return customers.searched(words.patterns(), Limit.of(most)).stream()
                .map(Customer::view)
                .toList();
    }

    @ReadsOnly
    public CustomerView get(UUID id) {
        return find(id).view();
    }

    @ReadsOnly
    public Map<UUID, CustomerView> byIds(Collection<UUID> ids) {
        return customers.findByIdIn(ids).stream()
                .map(Customer::view)
                .collect(Collectors.toMap(CustomerView::id, customer -> customer));
    }

    /** Somebody new, or one that had gone and is back. */
    @GrowersWork
    @Transactional
    public CustomerView make(CustomerFacts facts) {
        Optional<Customer> gone =
                customers.findByNameIgnoreCase(facts.name().strip()).filter(Customer::ended);
        if (gone.isPresent()) {
            return back(gone.get(), facts);
        }
        checkName(facts.name(), null);
        Customer customer = new Customer(facts.name(), facts.note(), stamps.now());
        customer.change(facts.name(), facts.kind(), facts.address(), facts.note(), list(facts.priceListId()));
        return customers.saveAndFlush(customer).view();
    }

    private CustomerView back(Customer customer, CustomerFacts facts) {
        Map<String, Object> before = customer.correctable();
        customer.comesBack();
        customer.change(facts.name(), facts.kind(), facts.address(), facts.note(), list(facts.priceListId()));
        corrections.keep("customer", customer.id(), before, customer.correctable(), "added again");
        return customers.saveAndFlush(customer).view();
    }

    @GrowersWork
    @Transactional
    public CustomerView correct(UUID id, Changed made, CustomerFacts facts) {
        Customer customer = find(id);
        Clash.check(customer, made.from(), customer.view());
        checkName(facts.name(), id);
        Map<String, Object> before = customer.correctable();
        customer.change(facts.name(), facts.kind(), facts.address(), facts.note(), list(facts.priceListId()));
        corrections.keep("customer", id, before, customer.correctable(), made.because());
        return customers.saveAndFlush(customer).view();
    }

    /** Nothing goes there any more; refused while an order is open. */
    @GrowersWork
    @Transactional
    public CustomerView end(UUID id, Changed made) {
        Customer customer = find(id);
        Clash.check(customer, made.from(), customer.view());
        events.publishEvent(new CustomerEnds(id, customer.name()));
        Map<String, Object> before = customer.correctable();
        customer.end(time.today());
        corrections.keep("customer", id, before, customer.correctable(), made.because());
        return customers.saveAndFlush(customer).view();
    }

    /** Whoever has that name, on the list again where they had gone; else somebody new. */
    @GrowersWork
    @Transactional
    public CustomerView whoever(String name) {
        return named(name).view();
    }

    Customer named(String name) {
        Range.of(1, 80, "characters").check("customer", name.strip().length());
        Customer customer = customers
                .findByNameIgnoreCase(name.strip())
                .orElseGet(() -> customers.save(new Customer(name, "", stamps.now())));
        if (customer.ended()) {
            Map<String, Object> before = customer.correctable();
            customer.comesBack();
            corrections.keep("customer", customer.id(), before, customer.correctable(), "got seed again");
        }
        return customer;
    }

    Customer find(UUID id) {
        return customers.findById(id).orElseThrow(NotFound.of("customer"));
    }

    private PriceList list(UUID id) {
        return id == null ? null : priceLists.findById(id).orElseThrow(NotFound.of("price list"));
    }

    private void checkName(String name, UUID own) {
        customers
                .findByNameIgnoreCase(name.strip())
                .filter(other -> !other.id().equals(own))
                .ifPresent(other -> {
                    throw new Refused("name", name, "name.taken", "other", other.name());
                });
    }
}
