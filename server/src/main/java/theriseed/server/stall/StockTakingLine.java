package theriseed.server.stall;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What was expected of a lot's bulk, grams, or of a run's packets, and what was found. */
@Entity
class StockTakingLine extends Recorded {
    private UUID stockTakingId;
    private UUID lotId;
    private UUID packingRunId;
    private BigDecimal expected;
    private BigDecimal found;

    @Enumerated(EnumType.STRING)
    private Difference because;

    protected StockTakingLine() {}

    StockTakingLine(
            UUID stockTakingId,
            UUID lotId,
            UUID packingRunId,
            BigDecimal expected,
            BigDecimal found,
            Difference because,
            Stamp stamp) {
        super(stamp);
        this.stockTakingId = stockTakingId;
        this.lotId = lotId;
        this.packingRunId = packingRunId;
        this.expected = expected;
        this.found = found;
        this.because = because;
    }

    UUID stockTakingId() {
        return stockTakingId;
    }

    UUID lotId() {
        return lotId;
    }

    StockTakings.CountedLine view(String lot) {
        return new StockTakings.CountedLine(lot, packingRunId, expected, found, because);
    }
}
