package theriseed.server.lot;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;

/** Tells whether anything of a lot was written since something was calculated of it. */
@Component
public class LotStates {
    private final LotKeptRepository kept;

    LotStates(LotKeptRepository kept) {
        this.kept = kept;
    }

    /** The state each of these lots is in: another whenever anything of it, or of a lot it came of, was written. */
    @ReadsOnly
    public Map<UUID, UUID> of(Collection<UUID> lots) {
        return lots.isEmpty()
                ? Map.of()
                : kept.states(lots.toArray(UUID[]::new)).stream()
                        .collect(Collectors.toMap(lot -> (UUID) lot[0], lot -> (UUID) lot[1]));
    }
}
