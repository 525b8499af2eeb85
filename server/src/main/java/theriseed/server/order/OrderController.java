package theriseed.server.order;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReasonRequest;
import theriseed.server.stall.SaleKind;

/** Orders over HTTP, and their papers. */
@RestController
class OrderController {
    private final Orders orders;
    private final ShortOrders shorts;
    private final OrderPapers papers;

    OrderController(Orders orders, ShortOrders shorts, OrderPapers papers) {
        this.shorts = shorts;
        this.orders = orders;
        this.papers = papers;
    }

    /** Packets, or grams of bulk; the price a packet or a hundred grams, by the customer's terms where it is not said. */
    record WantedRequest(
            @NotNull UUID varietyId,
            @Maybe Integer seeds,
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            @Maybe BigDecimal price) {
        Orders.Wanted wanted() {
            return new Orders.Wanted(varietyId, seeds, packets, bulk, price);
        }
    }

    record OrderRequest(
            @NotNull UUID customerId,
            @NotNull SaleKind kind,
            @NotNull LocalDate orderedOn,
            @NotNull LocalDate wantedOn,
            @NotNull @Size(max = 300) String note,
            @NotNull List<@NotNull @Valid WantedRequest> lines) {
        Orders.OrderFacts facts() {
            return new Orders.OrderFacts(
                    customerId,
                    kind,
                    orderedOn,
                    wantedOn,
                    note,
                    lines.stream().map(WantedRequest::wanted).toList());
        }
    }

    @HandsWork
    @GetMapping("/api/orders")
    PageOf<OrderView> page(
            @RequestParam(defaultValue = "true") boolean open,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "50") int size) {
        return orders.page(open, page, size);
    }

    @HandsWork
    @GetMapping("/api/orders/{id}")
    OrderView order(@PathVariable UUID id) {
        return orders.get(id);
    }

    @PostMapping("/api/orders")
    OrderView make(@Valid @RequestBody OrderRequest request) {
        return orders.make(request.facts());
    }

    record OrderChange(
            @NotNull LocalDate wantedOn,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/orders/{id}")
    OrderView correct(@PathVariable UUID id, @Valid @RequestBody OrderChange request) {
        return orders.correct(id, new Changed(request.version(), request.reason()), request.wantedOn(), request.note());
    }

    @PostMapping("/api/orders/{id}/allocate")
    OrderView allocate(@PathVariable UUID id) {
        return orders.allocate(id);
    }

    /** What would fill each line that is short. */
    @HandsWork
    @GetMapping("/api/orders/{id}/short")
    List<ShortLine> ways(@PathVariable UUID id) {
        return shorts.of(id);
    }

    /** So many packets of a lot for a line. */
    record FillRequest(
            @NotNull UUID lineId,
            @NotBlank String number,
            @NotNull Integer packets) {}

    @PostMapping("/api/orders/{id}/pack")
    OrderView pack(@PathVariable UUID id, @Valid @RequestBody FillRequest request) {
        return shorts.pack(id, request.lineId(), request.number(), request.packets());
    }

    /** @param only promises that go; absent for all */
    record DeliveryRequest(
            @NotNull LocalDate on,
            @NotNull @Size(max = 300) String note,
            @Maybe Set<@NotNull UUID> only) {}

    @PostMapping("/api/orders/{id}/deliver")
    OrderView deliver(@PathVariable UUID id, @Valid @RequestBody DeliveryRequest request) {
        return orders.deliver(id, request.on(), request.note(), request.only());
    }

    @PostMapping("/api/orders/{id}/deliveries/{delivery}/back")
    OrderView takeBack(@PathVariable UUID id, @PathVariable int delivery, @Valid @RequestBody ReasonRequest request) {
        return orders.takeBack(id, delivery, request.reason());
    }

    @HandsWork
    @GetMapping("/api/orders/{id}/corrections")
    List<CorrectionView> corrections(@PathVariable UUID id) {
        return orders.corrections(id);
    }

    @PostMapping("/api/orders/{id}/cancel")
    OrderView cancel(@PathVariable UUID id, @Valid @RequestBody ReasonRequest request) {
        return orders.cancel(id, request.reason());
    }

    /** What to take from which shelf. */
    @HandsWork
    @GetMapping(value = "/api/orders/{id}/packing-list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> packingList(@PathVariable UUID id) {
        return papers.packingList(orders.get(id));
    }

    @HandsWork
    @GetMapping(value = "/api/orders/{id}/delivery-{delivery}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> deliveryNote(@PathVariable UUID id, @PathVariable int delivery) {
        return papers.deliveryNote(orders.get(id), delivery);
    }
}
