package theriseed.server.money;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.SeedWorth;
import theriseed.server.stall.Sales;

/** What the seed of varieties earned in the year up to today. */
@Component
class SeedEarns implements SeedWorth {
    private final Lots lots;
    private final Sales sales;
    private final Spendings spendings;
    private final FarmTime time;

    SeedEarns(Lots lots, Sales sales, Spendings spendings, FarmTime time) {
        this.lots = lots;
        this.sales = sales;
        this.spendings = spendings;
        this.time = time;
    }

    @Override
    @ReadsOnly
    public Map<UUID, Earned> of(Collection<UUID> varietyIds) {
        if (varietyIds.isEmpty()) {
            return Map.of();
        }
        Map<UUID, UUID> varieties =
                lots.ofVarieties(varietyIds).stream().collect(Collectors.toMap(LotView::id, LotView::varietyId));
        Map<UUID, BigDecimal> earned = new HashMap<>();
        sales.earned(varieties.keySet(), time.today().minusYears(1))
                .forEach((lot, money) -> earned.merge(varieties.get(lot), money, BigDecimal::add));
        double wage = spendings.rates().wage().doubleValue();
        return earned.entrySet().stream()
                .filter(one -> one.getValue().signum() > 0 && wage > 0)
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        one -> new Earned(
                                one.getValue().doubleValue(), one.getValue().doubleValue() / wage)));
    }
}
