package theriseed.server.invoice;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.stall.InvoiceSum;
import theriseed.server.base.Maybe;

/**
 * An invoice as others see it.
 *
 * @param order number of the order, and {@code customer} whose it is
 * @param firstDelivery of that order to {@code lastDelivery} are what it is for
 * @param paidOn absent while it is not paid
 * @param cancelledBecause absent while it stands
 */
public record InvoiceView(
        UUID id,
        int version,
        String number,
        UUID orderId,
        String order,
        String customer,
        int firstDelivery,
        int lastDelivery,
        LocalDate invoicedOn,
        LocalDate dueOn,
        InvoiceSum sum,
        @Maybe LocalDate paidOn,
        @Maybe String cancelledBecause,
        String recordedBy) {}
