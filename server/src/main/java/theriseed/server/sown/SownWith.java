package theriseed.server.sown;

import java.math.BigDecimal;
import java.util.List;
import theriseed.server.stall.WithdrawalView;

/** What a planting was sown with: seed of the farm's lots, and seed from elsewhere, each by day. */
public record SownWith(List<SownLot> own, List<ElsewhereView> elsewhere) {

    /** Seed of a lot of the farm that was sown. @param grams in all, of packets what they hold */
    public record SownLot(String number, WithdrawalView withdrawal, BigDecimal grams) {}
}
