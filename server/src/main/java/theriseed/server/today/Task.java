package theriseed.server.today;

import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;
import theriseed.server.gate.LotKnown;
import theriseed.server.season.PlantingView;

/**
 * Something that waits to be done, and where.
 *
 * @param when part of the day it belongs to
 * @param urgent whether it cannot wait
 * @param plantingId absent where it is about what grows beyond the fence; {@code variety} is its name then
 * @param lot absent where it is about plants, or about an order
 * @param orderId absent where it is about no order; {@code variety} is the customer's name where it is there
 * @param stallDayId absent where it is about no day at the stall; {@code variety} is the market's name where it is there
 */
public record Task(
        ToDo toDo,
        When when,
        boolean urgent,
        String variety,
        String crop,
        String plot,
        @Maybe UUID plantingId,
        @Maybe UUID neighbourId,
        @Maybe String lot,
        @Maybe UUID orderId,
        @Maybe UUID stallDayId) {

    /** Work runs on the day's own clock: damp mornings for wet seed, dry hours for the rows, evenings for the table. */
    public enum When {
        WHILE_WET,
        WHILE_DRY,
        BY_EVENING
    }

    static Task of(PlantingView planting, ToDo toDo, When when, boolean urgent) {
        return new Task(
                toDo,
                when,
                urgent,
                planting.variety().name(),
                planting.variety().cropName(),
                planting.plotName(),
                planting.id(),
                null,
                null,
                null,
                null);
    }

    static Task of(LotKnown known, ToDo toDo, When when, boolean urgent) {
        PlantingView planting = known.planting();
        return new Task(
                toDo,
                when,
                urgent,
                known.variety().name(),
                known.variety().cropName(),
                planting == null ? "" : planting.plotName(),
                planting == null ? null : planting.id(),
                null,
                known.lot().number(),
                null,
                null);
    }

    static Task ofOrder(UUID orderId, String customer, ToDo toDo, boolean urgent) {
        return new Task(toDo, When.BY_EVENING, urgent, customer, "", "", null, null, null, orderId, null);
    }

    static Task ofStallDay(UUID stallDayId, String market, ToDo toDo, boolean urgent) {
        return new Task(toDo, When.BY_EVENING, urgent, market, "", "", null, null, null, null, stallDayId);
    }

    /** Who only looks sees no customers. */
    public static List<Task> ofNoCustomer(List<Task> tasks) {
        return tasks.stream()
                .filter(task -> task.orderId() == null && task.stallDayId() == null)
                .toList();
    }

    /** The same, said where it is. */
    Task where(String ground) {
        return new Task(toDo, when, urgent, variety, crop, ground, plantingId, neighbourId, lot, orderId, stallDayId);
    }
}
