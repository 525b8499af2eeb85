package theriseed.server.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.invoice.InvoiceView;
import theriseed.server.invoice.Invoices;
import theriseed.server.order.OrderView;
import theriseed.server.order.Orders;

/** What orders wait for: seed that is missing, the day they are wanted, money that is due. */
@Component
class OrderTasks {
    /** So many days before an order is wanted it is packed up. */
    private static final int DAYS_TO_PACK_UP = 3;

    /** So many days before it is wanted what is missing cannot wait. */
    private static final int DAYS_TO_FILL = 7;

    private final Orders orders;
    private final Invoices invoices;

    OrderTasks(Orders orders, Invoices invoices) {
        this.orders = orders;
        this.invoices = invoices;
    }

    @ReadsOnly
    public List<Task> of(LocalDate today) {
        return Stream.concat(
                        orders.waiting().stream().flatMap(order -> task(order, today).stream()),
                        invoices.overdue().stream().map(OrderTasks::task))
                .toList();
    }

    private static Optional<Task> task(OrderView order, LocalDate today) {
        if (order.state() == OrderView.State.SHORT) {
            long lines = order.lines().stream()
                    .filter(line -> line.missing().signum() > 0)
                    .count();
            return Optional.of(Task.ofOrder(
                    order.id(),
                    order.customer().name(),
                    new ToDo.FillOrder(order.number(), order.wantedOn(), Math.toIntExact(lines)),
                    !today.isBefore(order.wantedOn().minusDays(DAYS_TO_FILL))));
        }
        boolean soon = !today.isBefore(order.wantedOn().minusDays(DAYS_TO_PACK_UP));
        boolean late = today.isAfter(order.wantedOn());
        return soon
                ? Optional.of(Task.ofOrder(
                        order.id(),
                        order.customer().name(),
                        new ToDo.DeliverOrder(order.number(), order.wantedOn(), late),
                        late))
                : Optional.empty();
    }

    private static Task task(InvoiceView invoice) {
        return Task.ofOrder(
                invoice.orderId(),
                invoice.customer(),
                new ToDo.AskForPayment(invoice.number(), invoice.dueOn()),
                false);
    }
}
