package theriseed.server.stall;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.Lots;
import theriseed.server.season.SeedStock;

/** What is left in bulk of the farm's own seed, for whoever plans what to sow. */
@Component
class SeedLeft implements SeedStock {
    private final Lots lots;
    private final Gate gate;
    private final Stall stall;
    private final Crops crops;

    SeedLeft(Lots lots, Gate gate, Stall stall, Crops crops) {
        this.lots = lots;
        this.gate = gate;
        this.stall = stall;
        this.crops = crops;
    }

    @Override
    @ReadsOnly
    public Map<UUID, OnHand> of(Collection<UUID> varietyIds) {
        if (varietyIds.isEmpty()) {
            return Map.of();
        }
        List<LotKnown> known = gate.of(lots.ofVarieties(varietyIds));
        Map<UUID, StockView> stock = stall.stock(known);
        Map<UUID, OnHand> left = new HashMap<>();
        for (LotKnown lot : known) {
            double grams = stock.get(lot.lot().id()).bulk().doubleValue();
            if (grams > 0 && lot.lot().hold() == null) {
                double germination = lot.tests().germination() == null
                        ? crops.get(lot.planting().variety().cropKey()).germinationStandard()
                        : lot.tests().germination().result().mean();
                left.merge(
                        lot.lot().varietyId(),
                        new OnHand(grams, germination, lot.lot().season()),
                        (older, newer) ->
                                new OnHand(older.grams() + newer.grams(), newer.germination(), newer.harvested()));
            }
        }
        return left;
    }
}
