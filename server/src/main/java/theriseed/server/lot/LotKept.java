package theriseed.server.lot;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/**
 * What the database keeps of a lot, in the transaction of every write to its records, by counting it again; the program
 * only reads it. Its state is another whenever anything of the lot, or of a lot it came of, was written.
 */
@Entity
@Immutable
class LotKept {
    @Id
    private UUID lotId;

    private UUID state;

    /** Grams at the last weighing, less all that left; null while nothing was ever in it. */
    private BigDecimal bulk;

    private long packets;
    private boolean testing;

    /** Null while nobody has told since its last step. */
    private Boolean clean;

    protected LotKept() {}
}
