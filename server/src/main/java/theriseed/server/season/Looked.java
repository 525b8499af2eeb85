package theriseed.server.season;

import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import java.util.Optional;
import org.hibernate.annotations.Formula;
import theriseed.core.bloom.BloomSeen;

/**
 * What looks at the bloom of a planting have seen, read from their records; of a planting in a scheme, those at the one it
 * was copied from.
 */
@Embeddable
class Looked {
    private static final String OF = " from bloom_look l where l.planting_id = coalesce(copied_from, id) and l.seen = ";

    @Formula("(select max(l.seen_on)" + OF + "'NOT_YET')")
    private LocalDate notYetOn;

    @Formula("(select min(l.seen_on)" + OF + "'IN_BLOOM')")
    private LocalDate bloomingFrom;

    @Formula("(select max(l.seen_on)" + OF + "'IN_BLOOM')")
    private LocalDate bloomingUntil;

    @Formula("(select min(l.seen_on)" + OF + "'OVER')")
    private LocalDate overOn;

    protected Looked() {}

    static BloomSeen of(Looked looked) {
        return looked == null
                ? BloomSeen.NOTHING
                : new BloomSeen(
                        Optional.ofNullable(looked.notYetOn),
                        Optional.ofNullable(looked.bloomingFrom),
                        Optional.ofNullable(looked.bloomingUntil),
                        Optional.ofNullable(looked.overOn));
    }
}
