package theriseed.server.order;

import java.util.UUID;

/** A delivery did not leave after all. Whoever cannot have that refuses. */
public record DeliveryTakenBack(UUID orderId, int delivery) {}
