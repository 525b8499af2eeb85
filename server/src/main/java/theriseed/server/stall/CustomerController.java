package theriseed.server.stall;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;

/** Customers and their terms over HTTP. */
@RestController
class CustomerController {
    private final Customers customers;
    private final PriceLists priceLists;

    CustomerController(Customers customers, PriceLists priceLists) {
        this.customers = customers;
        this.priceLists = priceLists;
    }

    record CustomerRequest(
            @NotBlank String name,
            @NotNull CustomerKind kind,
            @Maybe @Size(max = 300) String address,
            @Maybe @Size(max = 300) String note,
            @Maybe UUID priceListId,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        Customers.CustomerFacts facts() {
            return new Customers.CustomerFacts(
                    name, kind, address == null ? "" : address, note == null ? "" : note, priceListId);
        }
    }

    /** Those that still are. */
    @HandsWork
    @GetMapping("/api/customers")
    List<CustomerView> customers() {
        return customers.all();
    }

    @PostMapping("/api/customers")
    CustomerView make(@Valid @RequestBody CustomerRequest request) {
        return customers.make(request.facts());
    }

    @PutMapping("/api/customers/{id}")
    CustomerView correct(@PathVariable UUID id, @Valid @RequestBody CustomerRequest request) {
        return customers.correct(id, new Changed(request.version(), request.reason()), request.facts());
    }

    @PostMapping("/api/customers/{id}/end")
    CustomerView end(@PathVariable UUID id, @Valid @RequestBody Changed made) {
        return customers.end(id, made);
    }

    /** @param share percent of the price on the packet */
    record PriceListRequest(
            @NotBlank String name,
            @NotNull Double share,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @HandsWork
    @GetMapping("/api/price-lists")
    List<PriceListView> priceLists() {
        return priceLists.all();
    }

    @PostMapping("/api/price-lists")
    PriceListView makeList(@Valid @RequestBody PriceListRequest request) {
        return priceLists.make(request.name(), request.share());
    }

    @PutMapping("/api/price-lists/{id}")
    void correctList(@PathVariable UUID id, @Valid @RequestBody PriceListRequest request) {
        priceLists.correct(id, new Changed(request.version(), request.reason()), request.name(), request.share());
    }

    /** @param price absent for the list's share of the price on the packet */
    record ListPriceRequest(
            @NotNull UUID varietyId,
            @Maybe Integer seeds,
            @NotNull Boolean byWeight,
            @Maybe BigDecimal price,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/price-lists/{id}/prices")
    void price(@PathVariable UUID id, @Valid @RequestBody ListPriceRequest request) {
        priceLists.price(
                id,
                new ListPriceFacts(request.varietyId(), request.seeds(), request.byWeight(), request.price()),
                new Changed(request.version(), request.reason()));
    }
}
