package theriseed.server.market;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.server.stall.Promises;

/** What was taken along to a stall and is not counted yet. */
@Component
class StallDayPromises implements Promises {
    private final StallDayLineRepository lines;

    StallDayPromises(StallDayLineRepository lines) {
        this.lines = lines;
    }

    @Override
    public List<Promise> of(Collection<UUID> lotIds) {
        return lines.findByLotIdInAndReturnedIsNull(lotIds).stream()
                .map(StallDayLine::promise)
                .toList();
    }
}
