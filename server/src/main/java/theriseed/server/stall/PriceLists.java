package theriseed.server.stall;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/** On which terms seed is sold: a share of the price on the packet, and prices of their own for some varieties. */
@Service
public class PriceLists {
    private final PriceListRepository lists;
    private final ListPriceRepository prices;
    private final CustomerRepository customers;
    private final Varieties varieties;
    private final Corrections corrections;
    private final Stamps stamps;

    PriceLists(
            PriceListRepository lists,
            ListPriceRepository prices,
            CustomerRepository customers,
            Varieties varieties,
            Corrections corrections,
            Stamps stamps) {
        this.lists = lists;
        this.prices = prices;
        this.customers = customers;
        this.varieties = varieties;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    /** All of them by name, each with its prices by variety. */
    @ReadsOnly
    public List<PriceListView> all() {
        List<ListPrice> some = prices.findByPriceNotNull();
        Map<UUID, VarietyView> named =
                varieties.byIds(some.stream().map(ListPrice::varietyId).collect(Collectors.toSet()));
        Map<UUID, List<ListPriceView>> byList = some.stream()
                .collect(Collectors.groupingBy(
                        ListPrice::priceListId,
                        Collectors.mapping(
                                one -> one.view(named.get(one.varietyId()).name()), Collectors.toList())));
        return lists.findAllByOrderByName().stream()
                .map(list -> list.view(byList.getOrDefault(list.id(), List.of())))
                .toList();
    }

    @GrowersWork
    @Transactional
    public PriceListView make(String name, double share) {
        checkName(name, null);
        return lists.saveAndFlush(new PriceList(name, share, stamps.now())).view(List.of());
    }

    @GrowersWork
    @Transactional
    public void correct(UUID id, Changed made, String name, double share) {
        PriceList list = find(id);
        Clash.check(list, made.from(), list.view(List.of()));
        checkName(name, id);
        Map<String, Object> before = list.correctable();
        list.change(name, share);
        corrections.keep("price list", id, before, list.correctable(), made.because());
    }

    /**
     * What a list asks for a variety from now on; what it asked before is kept.
     *
     * @param made from the price that stands there; of no record where there is none
     */
    @GrowersWork
    @Transactional
    public void price(UUID listId, ListPriceFacts facts, Changed made) {
        find(listId);
        String variety = varieties.get(facts.varietyId()).name();
        Optional<ListPrice> there = prices.findByPriceListId(listId).stream()
                .filter(one -> one.is(facts.varietyId(), facts.seeds(), facts.byWeight()))
                .findFirst();
        if (there.isEmpty()) {
            if (facts.price() == null) {
                throw new Refused("price", "nothing", "price.says", "variety", variety);
            }
            prices.saveAndFlush(new ListPrice(listId, facts, stamps.now()));
            return;
        }
        ListPrice price = there.get();
        Clash.check(price, made.from(), price.view(variety));
        Map<String, Object> before = price.correctable();
        price.change(facts.price());
        corrections.keep("list price", price.id(), before, price.correctable(), made.because());
    }

    /** The terms of a customer. */
    @ReadsOnly
    public Terms of(UUID customerId) {
        return of(customers.findById(customerId).orElseThrow(NotFound.of("customer")));
    }

    /** The terms of a list. @param id null for the prices on the packets */
    @ReadsOnly
    public Terms ofList(UUID id) {
        return of(id == null ? null : find(id));
    }

    /** What a list is called. @param id null for the prices on the packets, which have no name */
    @ReadsOnly
    public String name(UUID id) {
        return id == null ? "" : find(id).name();
    }

    Terms of(Customer customer) {
        return of(customer.priceList());
    }

    private Terms of(PriceList list) {
        return list == null
                ? Terms.ON_PACKET
                : new Terms(
                        list.share(),
                        prices.findByPriceListId(list.id()).stream()
                                .filter(one -> one.price() != null)
                                .toList());
    }

    private PriceList find(UUID id) {
        return lists.findById(id).orElseThrow(NotFound.of("price list"));
    }

    private void checkName(String name, UUID own) {
        lists.findByNameIgnoreCase(name.strip())
                .filter(other -> !other.id().equals(own))
                .ifPresent(other -> {
                    throw new Refused("name", name, "name.taken", "other", other.name());
                });
    }
}
