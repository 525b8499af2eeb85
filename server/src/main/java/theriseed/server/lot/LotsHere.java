package theriseed.server.lot;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;

/**
 * The lots one would find: with seed left, at the bench, being tested, or numbered lately and still empty. The database
 * keeps what is left of each, so that those that were sold out long ago are not even looked at.
 */
@Service
public class LotsHere {
    /** Seed older than that is not sold. */
    private static final int YEARS = 12;

    private final LotKeptRepository kept;
    private final FarmTime time;

    LotsHere(LotKeptRepository kept, FarmTime time) {
        this.kept = kept;
        this.time = time;
    }

    /** All of the last twelve seasons, newest first. */
    @ReadsOnly
    public List<LotView> all() {
        return kept.here(since(), lately()).stream().map(Lot::view).toList();
    }

    /** All of them, with whether they are clean; among them those that are still empty. */
    @ReadsOnly
    public List<FilledLot> filled() {
        return kept.filledHere(since(), lately());
    }

    /** Those of these varieties of which some is left in bulk, oldest first. */
    @ReadsOnly
    public List<LotView> inBulk(Collection<UUID> varieties) {
        return varieties.isEmpty()
                ? List.of()
                : kept.inBulk(varieties).stream().map(Lot::view).toList();
    }

    /** What is left of a lot, clean or not. @param bulk grams; null where nothing is in it yet */
    public record Left(UUID lotId, BigDecimal bulk, long packets) {
        /** Whether some of it is here, or is still to come. */
        public boolean any() {
            return bulk == null || bulk.signum() > 0 || packets > 0;
        }
    }

    /** What is left of each of these lots. */
    @ReadsOnly
    public Map<UUID, Left> left(Collection<UUID> lotIds) {
        return kept.left(lotIds.toArray(UUID[]::new)).stream()
                .collect(Collectors.toMap(
                        LotKeptRepository.Left::getLotId,
                        left -> new Left(left.getLotId(), left.getBulk(), left.getPackets())));
    }

    /** Season of what is numbered and not picked yet. */
    private int lately() {
        return time.today().getYear() - 1;
    }

    /** Season from which on seed is still sold. */
    public int since() {
        return time.today().getYear() - YEARS;
    }
}
