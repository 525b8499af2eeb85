package theriseed.server.order;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.server.stall.Promises;

/** What is promised to orders. */
@Component
class OrderPromises implements Promises {
    private final AllocationRepository allocations;

    OrderPromises(AllocationRepository allocations) {
        this.allocations = allocations;
    }

    @Override
    public List<Promise> of(Collection<UUID> lotIds) {
        return allocations.findByLotIdInAndSaleIdIsNull(lotIds).stream()
                .map(Allocation::promise)
                .toList();
    }
}
