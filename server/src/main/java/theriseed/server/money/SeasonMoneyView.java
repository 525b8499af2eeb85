package theriseed.server.money;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.core.stall.Work;
import theriseed.server.base.Maybe;

/**
 * What a season's seed cost and brought so far. Seed is sold for years: a season is not done while any is left.
 *
 * @param seasons that there is something of
 * @param brought by sales of seed and by-products together
 * @param hours written down or kept by the bench and packing, by kind
 * @param failed cost of what came to nothing, {@code carriedByNone} of it where nothing is left to carry it
 * @param growing cost so far of plantings that have no lot yet
 * @param varieties what they paid, best first by the hour
 * @param plantings for which hours and outlays may be written down
 */
public record SeasonMoneyView(
        int season,
        List<Integer> seasons,
        MoneyRatesView rates,
        double cost,
        double brought,
        Map<Work, Double> hours,
        double failed,
        double carriedByNone,
        double growing,
        List<LotMoney> lots,
        List<VarietyMoney> varieties,
        List<Planted> plantings,
        List<WorkDoneView> work,
        List<OutlayView> outlays,
        List<ByProductSaleView> byProducts) {

    /** A lot's money. @param money absent where it came to nothing */
    public record LotMoney(
            UUID lotId,
            String number,
            String variety,
            String crop,
            @Maybe MoneyView money) {}

    public record VarietyMoney(UUID varietyId, String variety, String crop, int lots, MoneyView money) {}

    public record Planted(UUID id, String variety, String crop, String ground) {}
}
