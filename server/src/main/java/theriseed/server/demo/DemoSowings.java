package theriseed.server.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.server.farm.FarmClock;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.sown.Elsewhere;
import theriseed.server.sown.ElsewhereFacts;
import theriseed.server.sown.Sowings;
import theriseed.server.stall.TakenFor;
import theriseed.server.stall.Withdrawals;

/** What the demo farm's seed crops were sown with: the first of each with seed from elsewhere, the later with its own lots. */
@Component
class DemoSowings {
    private static final LocalDate TODAY = LocalDate.of(2026, 8, 14);
    private static final List<Integer> SEASONS = List.of(2024, 2025, 2026, 2027);

    /** Whose first seed is not from a jar of one's own. */
    private static final Map<String, String> SUPPLIERS = Map.of(
            "Skerrow Early Row", "a neighbour’s jar",
            "Lantern Quay", "swapped at the winter seed day",
            "Rope Green", "swapped at the winter seed day");

    private final FarmClock time;
    private final Plantings plantings;
    private final Lots lots;
    private final Withdrawals withdrawals;
    private final Elsewhere elsewhere;
    private final Sowings sowings;

    DemoSowings(
            FarmClock time,
            Plantings plantings,
            Lots lots,
            Withdrawals withdrawals,
            Elsewhere elsewhere,
            Sowings sowings) {
        this.time = time;
        this.plantings = plantings;
        this.lots = lots;
        this.withdrawals = withdrawals;
        this.elsewhere = elsewhere;
        this.sowings = sowings;
    }

    void make() {
        own("Ferrous", 2026, 2024, "0.6");
        own("Lantern Quay", 2026, 2025, "0.2");
        own("Skerrow Early Row", 2026, 2024, "95");
        own("Tidewrack", 2026, 2025, "1");
        own("Ferrous", 2027, 2024, "0.5");
        own("Brine", 2027, 2025, "4");
        for (int season : SEASONS) {
            plantings.of(season).stream()
                    .filter(planting -> planting.purpose() == Purpose.SEED)
                    .filter(planting -> planting.sownOn().isBefore(TODAY))
                    .filter(planting -> sowings.with(planting.id()).own().isEmpty())
                    .forEach(this::elsewhere);
        }
    }

    private void own(String variety, int season, int lotOf, String grams) {
        PlantingView planting = plantings.of(season).stream()
                .filter(one -> one.variety().name().equals(variety))
                .findFirst()
                .orElseThrow();
        String number = lots.ofVarieties(List.of(planting.variety().id())).stream()
                .filter(lot -> lot.season() == lotOf)
                .map(LotView::number)
                .findFirst()
                .orElseThrow();
        on(planting.sownOn(), () -> withdrawals.take(number, facts(planting, new BigDecimal(grams))));
    }

    private static Withdrawals.WithdrawalFacts facts(PlantingView planting, BigDecimal grams) {
        return new Withdrawals.WithdrawalFacts(TakenFor.SOWN, planting.sownOn(), grams, null, null, "", planting.id());
    }

    private void elsewhere(PlantingView planting) {
        UUID id = planting.id();
        LocalDate day = planting.sownOn();
        String supplier = SUPPLIERS.getOrDefault(planting.variety().name(), "own jar, from before lots were numbered");
        on(day, () -> elsewhere.sow(id, new ElsewhereFacts(day, supplier, "", day.getYear() - 1, "", null, "")));
    }

    private void on(LocalDate day, Runnable act) {
        time.at(day.atTime(18, 0).atZone(time.zone()).toInstant(), act);
    }
}
