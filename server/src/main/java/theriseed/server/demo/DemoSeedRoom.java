package theriseed.server.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import theriseed.core.seedroom.ShelfKind;
import theriseed.server.farm.FarmClock;
import theriseed.server.history.LotPages;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.seedroom.Container;
import theriseed.server.seedroom.Containers;
import theriseed.server.seedroom.ShelfFacts;
import theriseed.server.seedroom.Shelves;
import theriseed.server.stall.Difference;
import theriseed.server.stall.StockTakings;
import theriseed.server.stall.StockView;
import theriseed.server.stall.TakenFor;
import theriseed.server.stall.Withdrawals;

/** Where the demo farm's clean seed stands, how warm it was there, and what was taken and counted. */
@Component
class DemoSeedRoom {
    private final FarmClock time;
    private final Lots lots;
    private final LotDecisions decisions;
    private final Varieties varieties;
    private final Shelves shelves;
    private final Containers containers;
    private final Withdrawals withdrawals;
    private final StockTakings stockTakings;
    private final LotPages lotPages;

    DemoSeedRoom(
            FarmClock time,
            Lots lots,
            LotDecisions decisions,
            Varieties varieties,
            Shelves shelves,
            Containers containers,
            Withdrawals withdrawals,
            StockTakings stockTakings,
            LotPages lotPages) {
        this.time = time;
        this.lots = lots;
        this.decisions = decisions;
        this.varieties = varieties;
        this.shelves = shelves;
        this.containers = containers;
        this.withdrawals = withdrawals;
        this.stockTakings = stockTakings;
        this.lotPages = lotPages;
    }

    void make() {
        UUID jars = shelf("Cool room, jars", ShelfKind.COOL_ROOM, 12, 52, "north wall; jars with rubber rings");
        UUID open = shelf("Cool room, sacks", ShelfKind.COOL_ROOM, 12.5, 55, "paper and linen, in use");
        UUID fridge = shelf("Fridge", ShelfKind.FRIDGE, 5, 60, "sealed foil only");
        UUID freezer = shelf("Freezer", ShelfKind.FREEZER, -18, 60, "own stock seed");
        for (LocalDate day = LocalDate.of(2024, 9, 7);
                day.isBefore(LocalDate.of(2026, 8, 14));
                day = day.plusDays(14)) {
            double summer = Math.cos(2 * Math.PI * (day.getDayOfYear() - 220) / 365.0);
            read(jars, day, 12.2 + 2.6 * summer, 48 + 5 * summer);
            read(open, day, 12.8 + 2.8 * summer, 52 + 6 * summer);
            read(fridge, day, 5 + 0.4 * summer, 58.0);
            read(freezer, day, -18 + 0.6 * summer, null);
        }
        put("Ferrous", 2024, "2024-10-06", jars, Container.Kind.JAR, true, 2);
        put("Gale Warden", 2024, "2024-11-22", open, Container.Kind.PAPER, false, 1);
        put("Skerrow Early Row", 2024, "2024-10-21", open, Container.Kind.SACK, false, 1);
        put("Lantern Quay", 2025, "2025-09-07", jars, Container.Kind.JAR, true, 1);
        put("Tidewrack", 2025, "2025-10-06", open, Container.Kind.PAPER, false, 1);
        put("Slate", 2025, "2025-09-26", jars, Container.Kind.JAR, true, 1);
        put("Slate", 2025, "2025-12-02", freezer, Container.Kind.FOIL, true, 1);
        put("Anvern Speckle", 2025, "2025-11-12", open, Container.Kind.SACK, false, 2);
        put("Brine", 2025, "2025-10-12", fridge, Container.Kind.FOIL, true, 2);
        put("Lamplighter", 2025, "2025-09-29", jars, Container.Kind.JAR, true, 1);
        on("2026-03-18T17:00", () -> {
            reserve(number("Lantern Quay", 2025), 20);
            reserve(number("Slate", 2025), 5);
        });
        take("Gale Warden", 2024, "2026-06-02", 6, TakenFor.SPOILT, "a corner of the bag got wet");
        counted("2026-06-30");
    }

    private void reserve(String number, int grams) {
        decisions.reserve(number, lots.get(number).version(), BigDecimal.valueOf(grams));
    }

    private UUID shelf(String name, ShelfKind kind, double celsius, double humidity, String note) {
        UUID[] made = new UUID[1];
        on(
                "2024-09-01T09:00",
                () -> made[0] = shelves.make(new ShelfFacts(name, kind, celsius, humidity, note))
                        .id());
        return made[0];
    }

    private void read(UUID shelf, LocalDate day, double celsius, Double humidity) {
        Instant at = instant(day.atTime(8, 0));
        time.at(at, () -> shelves.read(shelf, at, tenth(celsius), humidity == null ? null : tenth(humidity)));
    }

    private static double tenth(double value) {
        return Math.rint(value * 10) / 10;
    }

    private void put(
            String variety, int season, String day, UUID shelf, Container.Kind kind, boolean sealed, int count) {
        on(
                day + "T18:00",
                () -> containers.put(number(variety, season), shelf, kind, sealed, "", count, LocalDate.parse(day)));
    }

    private void take(String variety, int season, String day, int grams, TakenFor why, String note) {
        on(
                day + "T18:00",
                () -> withdrawals.take(
                        number(variety, season),
                        new Withdrawals.WithdrawalFacts(
                                why, LocalDate.parse(day), BigDecimal.valueOf(grams), null, null, note, null)));
    }

    /** Counts what stood there then: one jar had been weighed wrongly. */
    private void counted(String day) {
        on(
                day + "T16:00",
                () -> stockTakings.take(
                        LocalDate.parse(day),
                        "the jars and the open seed",
                        List.of(line("Ferrous", 2024), line("Slate", 2025), line("Tidewrack", 2025))));
    }

    private StockTakings.Found line(String variety, int season) {
        String number = number(variety, season);
        StockView stock = lotPages.page(number).stock();
        boolean wrong = variety.equals("Slate");
        BigDecimal found = wrong ? stock.bulk().subtract(BigDecimal.valueOf(2)) : stock.bulk();
        return new StockTakings.Found(
                number, null, stock.bulk(), found, wrong ? Difference.MISWEIGHED : Difference.SAME);
    }

    private String number(String variety, int season) {
        Map<String, UUID> named = varieties.matching(variety, 0, 50).items().stream()
                .collect(Collectors.toMap(VarietyView::name, VarietyView::id));
        return lots.ofVarieties(List.of(named.get(variety))).stream()
                .filter(lot -> lot.season() == season)
                .map(LotView::number)
                .findFirst()
                .orElseThrow();
    }

    private void on(String moment, Runnable act) {
        time.at(instant(LocalDateTime.parse(moment)), act);
    }

    private Instant instant(LocalDateTime local) {
        return local.atZone(time.zone()).toInstant();
    }
}
