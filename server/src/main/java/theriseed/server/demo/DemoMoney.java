package theriseed.server.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.stereotype.Component;
import theriseed.core.stall.Work;
import theriseed.server.base.Changed;
import theriseed.server.farm.FarmClock;
import theriseed.server.lot.Lots;
import theriseed.server.money.Bears;
import theriseed.server.money.MoneyRatesFacts;
import theriseed.server.money.OutlayFacts;
import theriseed.server.money.OutlayKind;
import theriseed.server.money.Spendings;
import theriseed.server.money.WorkDoneFacts;
import theriseed.server.season.Varieties;

/** What an hour and the ground cost on the demo farm, and the hours and outlays of its seasons that are over. */
@Component
class DemoMoney {
    private final FarmClock time;
    private final Spendings spendings;
    private final Lots lots;
    private final Varieties varieties;

    DemoMoney(FarmClock time, Spendings spendings, Lots lots, Varieties varieties) {
        this.time = time;
        this.spendings = spendings;
        this.lots = lots;
        this.varieties = varieties;
    }

    void make() {
        time.at(LocalDateTime.parse("2026-01-10T19:00").atZone(time.zone()).toInstant(), () -> {
            spendings.reckonWith(
                    new MoneyRatesFacts(amount("15.00"), amount("0.40"), amount("0.14"), 4, 15, 20),
                    new Changed(null, null));
            Rows tomato = rows("Lantern Quay", 2025);
            tomato.worked(Work.GROUND, "2025-05-12", 2, 90, "");
            tomato.worked(Work.SOWING, "2025-05-20", 1, 240, "");
            tomato.worked(Work.TENDING, "2025-06-30", 1, 600, "side shoots, strings, water; June");
            tomato.worked(Work.TENDING, "2025-07-31", 1, 480, "the same, July");
            tomato.worked(Work.WALKING, "2025-06-20", 1, 60, "");
            tomato.worked(Work.PICKING, "2025-08-05", 3, 120, "");
            tomato.worked(Work.SELLING, "2025-12-01", 1, 300, "list, letters, parcels");
            tomato.paid(OutlayKind.MATERIALS, "2025-05-20", "38.00", "strings and stakes");
            tomato.paid(OutlayKind.MATERIALS, "2025-04-02", "22.50", "potting soil");
            Rows lettuce = rows("Tidewrack", 2025);
            lettuce.worked(Work.SOWING, "2025-04-10", 1, 90, "");
            lettuce.worked(Work.TENDING, "2025-07-20", 1, 420, "hoeing, rain cover");
            lettuce.worked(Work.PICKING, "2025-09-08", 2, 150, "shaken three times");
            lettuce.paid(OutlayKind.MATERIALS, "2025-07-01", "54.00", "film for the rain cover");
            Rows poppy = rows("Slate", 2025);
            poppy.worked(Work.SOWING, "2025-04-02", 1, 40, "");
            poppy.worked(Work.TENDING, "2025-05-15", 1, 200, "thinning, hoeing");
            poppy.worked(Work.PICKING, "2025-08-25", 2, 60, "");
            poppy.worked(Work.SELLING, "2026-01-08", 1, 60, "");
            Rows bean = rows("Anvern Speckle", 2025);
            bean.worked(Work.SOWING, "2025-05-18", 1, 120, "");
            bean.worked(Work.TENDING, "2025-07-05", 1, 360, "");
            bean.worked(Work.PICKING, "2025-10-01", 2, 240, "");
            Rows beet = rows("Brine", 2025);
            beet.worked(Work.TENDING, "2025-06-10", 1, 300, "staking");
            beet.worked(Work.PICKING, "2025-09-04", 1, 150, "");
            Rows pea = rows("Skerrow Early Row", 2024);
            pea.worked(Work.SOWING, "2024-03-20", 1, 90, "");
            pea.worked(Work.TENDING, "2024-05-20", 1, 300, "hoeing, netting");
            pea.worked(Work.PICKING, "2024-08-02", 2, 180, "");
            pea.paid(OutlayKind.MATERIALS, "2024-04-15", "41.00", "netting");
            Rows carrot = rows("Ferrous", 2024);
            carrot.worked(Work.TENDING, "2024-06-15", 1, 480, "");
            carrot.worked(Work.PICKING, "2024-09-02", 2, 120, "");
        });
    }

    private Rows rows(String variety, int season) {
        return new Rows(
                spendings,
                new Bears(
                        lots
                                .ofVarieties(List.of(varieties
                                        .matching(variety, 0, 1)
                                        .items()
                                        .get(0)
                                        .id()))
                                .stream()
                                .filter(lot -> lot.season() == season)
                                .findFirst()
                                .orElseThrow()
                                .plantingId(),
                        null));
    }

    private static BigDecimal amount(String written) {
        return new BigDecimal(written);
    }

    /** One planting. */
    private record Rows(Spendings spendings, Bears on) {
        void worked(Work kind, String day, int people, int minutes, String note) {
            spendings.worked(on, new WorkDoneFacts(kind, LocalDate.parse(day), people, minutes, note));
        }

        void paid(OutlayKind kind, String day, String amount, String what) {
            spendings.spent(on, new OutlayFacts(kind, LocalDate.parse(day), amount(amount), what));
        }
    }
}
