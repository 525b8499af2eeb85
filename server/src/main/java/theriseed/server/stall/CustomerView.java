package theriseed.server.stall;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * Someone seed goes to.
 *
 * @param priceListId on which terms; absent for the price on the packet
 * @param endedOn since when nothing goes there any more
 */
public record CustomerView(
        UUID id,
        int version,
        String name,
        CustomerKind kind,
        String address,
        String note,
        @Maybe UUID priceListId,
        @Maybe String priceList,
        @Maybe LocalDate endedOn) {}
