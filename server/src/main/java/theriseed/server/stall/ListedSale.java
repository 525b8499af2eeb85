package theriseed.server.stall;

/**
 * A sale, gift or swap as the file of all sales says it, so that a million of them are only passed on: days as
 * 2026-08-14, numbers without what is not needed of them; null where nothing stands.
 *
 * @param lotId as text
 * @param packingRunId as text; null for bulk
 * @param bulk grams
 * @param price in all
 */
public record ListedSale(
        String id,
        String customer,
        String lotId,
        String kind,
        String soldOn,
        String packingRunId,
        String packets,
        String bulk,
        String price,
        String note) {}
