package theriseed.server.invoice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
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
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;

/** Invoices over HTTP. */
@RestController
class InvoiceController {
    private final Invoices invoices;
    private final InvoicePaper paper;

    InvoiceController(Invoices invoices, InvoicePaper paper) {
        this.invoices = invoices;
        this.paper = paper;
    }

    @HandsWork
    @GetMapping("/api/invoices")
    PageOf<InvoiceView> page(
            @RequestParam(defaultValue = "true") boolean open,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "50") int size) {
        return invoices.page(open, page, size);
    }

    @HandsWork
    @GetMapping("/api/orders/{id}/invoices")
    List<InvoiceView> ofOrder(@PathVariable UUID id) {
        return invoices.of(id);
    }

    record InvoiceRequest(@NotNull LocalDate invoicedOn) {}

    /** Asks for what was delivered and not yet asked for. */
    @PostMapping("/api/orders/{id}/invoices")
    InvoiceView make(@PathVariable UUID id, @Valid @RequestBody InvoiceRequest request) {
        return invoices.make(id, request.invoicedOn());
    }

    /** @param paidOn absent where it turns out not to be paid */
    record PaidRequest(
            @Maybe LocalDate paidOn,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/invoices/{id}/paid")
    InvoiceView paid(@PathVariable UUID id, @Valid @RequestBody PaidRequest request) {
        return invoices.paid(id, new Changed(request.version(), request.reason()), request.paidOn());
    }

    @PutMapping("/api/invoices/{id}/cancelled")
    InvoiceView cancel(@PathVariable UUID id, @Valid @RequestBody Changed request) {
        return invoices.cancel(id, request);
    }

    @HandsWork
    @GetMapping(value = "/api/invoices/{id}/invoice.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id) {
        return paper.of(invoices.get(id));
    }
}
