package theriseed.server.stall;

import java.util.List;
import java.util.UUID;

/** Terms: {@code share} percent of the price on the packet, but for what has a price of its own. */
public record PriceListView(UUID id, int version, String name, double share, List<ListPriceView> prices) {}
