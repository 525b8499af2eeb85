package theriseed.server.stall;

import java.util.UUID;

/** Terms: {@code share} percent of the price on the packet. */
public record PriceListView(UUID id, int version, String name, double share) {}
