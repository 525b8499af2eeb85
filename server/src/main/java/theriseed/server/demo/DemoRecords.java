package theriseed.server.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.MonthDay;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;
import theriseed.core.isolation.NeighbourReport;
import theriseed.core.isolation.PollenControl;
import theriseed.server.bench.Quantity;
import theriseed.server.farm.FarmClock;
import theriseed.server.farm.Farms;
import theriseed.server.ground.Ground;
import theriseed.server.ground.Seen;
import theriseed.server.quality.Method;
import theriseed.server.season.Aim;
import theriseed.server.season.Keeping;
import theriseed.server.season.PlantingDays;
import theriseed.server.season.PlantingFacts;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.season.Sowing;
import theriseed.server.season.Stretch;
import theriseed.server.season.TrueToType;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyFacts;
import theriseed.server.season.Where;
import theriseed.server.weather.SimulatedStation;
import theriseed.server.weather.Weathers;

/** Three seasons of the made-up farm, with the troubles that the app is to find. */
@Component
class DemoRecords {
    private static final double TURNED = -3;

    private final FarmClock time;
    private final Farms farms;
    private final Weathers weathers;
    private final Ground ground;
    private final Varieties varieties;
    private final Plantings plantings;
    private final DemoWork work;
    private final DemoBreeding breeding;
    private final DemoSowings sowings;
    private final DemoSeedRoom seedRoom;
    private final DemoStall stall;
    private final DemoMoney money;

    private final Map<Integer, UUID> plots = new HashMap<>();
    private final Map<Integer, UUID> beds = new HashMap<>();
    private final Map<String, UUID> named = new HashMap<>();

    DemoRecords(
            FarmClock time,
            Farms farms,
            Ground ground,
            Weathers weathers,
            Varieties varieties,
            Plantings plantings,
            DemoWork work,
            DemoBreeding breeding,
            DemoSowings sowings,
            DemoSeedRoom seedRoom,
            DemoStall stall,
            DemoMoney money) {
        this.time = time;
        this.farms = farms;
        this.weathers = weathers;
        this.ground = ground;
        this.varieties = varieties;
        this.plantings = plantings;
        this.work = work;
        this.breeding = breeding;
        this.sowings = sowings;
        this.seedRoom = seedRoom;
        this.stall = stall;
        this.money = money;
    }

    void make() {
        farms.frosts(farms.get().version(), MonthDay.of(4, 20), MonthDay.of(10, 28));
        plots.clear();
        beds.clear();
        named.clear();
        ground();
        varieties();
        season2024();
        season2025();
        season2026();
        plan2027();
        sowings.make();
        seedRoom.make();
        stall.make();
        money.make();
        breeding.carrot(named.get("carrot of 2024"), named.get("carrot of 2026"), named.get("carrot of 2027"));
        on(
                "2026-08-14T06:00",
                () -> weathers.takeDown(new SimulatedStation(farms.get().climate()), LocalDate.of(2023, 7, 1)));
    }

    private void ground() {
        double[][] middles = {
            {-229, 198}, {-115, 206}, {-237, 112}, {-132, 121}, {11, 145}, {-11, 59},
            {-133, 34}, {-242, 10}, {115, 53}, {125, 142}, {12, -35}, {144, -55}
        };
        LocalPlane farm = ground.plane();
        for (int i = 0; i < middles.length; i++) {
            Place shape = Place.rectangle(farm, middles[i][0], middles[i][1], 90, 55, TURNED);
            plots.put(i + 1, ground.makePlot("Plot " + (i + 1), shape, 3).id());
        }
        for (int plot : List.of(2, 4, 6, 7, 10)) {
            for (int bed = 1; bed <= 6; bed++) {
                Place shape = Place.rectangle(
                        farm, middles[plot - 1][0], middles[plot - 1][1] + 21.25 - 8.5 * (bed - 1), 82, 7, TURNED);
                beds.put(
                        plot * 10 + bed,
                        ground.makeBed(plots.get(plot), "Bed " + bed, shape).id());
            }
        }
        barrier("Wood", Barrier.Kind.WOOD, 12, Place.rectangle(farm, -340, 60, 70, 560, 4));
        barrier("Farmstead", Barrier.Kind.BUILDING, 7, Place.rectangle(farm, 20, 240, 30, 14, 12));
        barrier("Stone barn", Barrier.Kind.BUILDING, 8, Place.rectangle(farm, 205, 10, 24, 12, -8));
        barrier("Lane hedge", Barrier.Kind.HEDGE, 2.5, Place.rectangle(farm, -40, -130, 440, 3, -12));
        on("2026-05-10T17:00", () -> {
            seen("Croft, west", "kale", -640, -330, 60, "2026-04-08", "2026-05-16", "2026-05-10", false);
            seen("Inn garden", "pumpkin-pepo", 980, 520, 30, "2026-07-01", "2026-09-10", "2026-05-10", true);
            seen("School plot", "lettuce", 620, -380, 12, null, null, "2026-05-10", true);
            seen("Lane, wild carrot", "carrot", 60, -160, 40, "2026-06-20", "2026-08-25", "2026-05-10", false);
        });
        on("2026-08-10T17:00", () -> {
            seen("Croft, west", "kale", -640, -330, 80, "2027-04-10", "2027-05-18", "2026-08-10", false);
            seen("Inn garden", "pumpkin-pepo", 980, 520, 30, "2027-07-01", "2027-09-10", "2026-08-10", false);
        });
    }

    private void barrier(String name, Barrier.Kind kind, double height, Place place) {
        ground.makeBarrier(name, place, kind, height, kind.usuallyHeld());
    }

    private void seen(
            String name,
            String crop,
            double east,
            double north,
            double area,
            String first,
            String last,
            String seenOn,
            boolean sure) {
        boolean wild = name.startsWith("Lane");
        ground.note(new Seen(
                name,
                wild ? NeighbourReport.Kind.WILD : NeighbourReport.Kind.TENDED,
                crop,
                Place.spot(ground.plane().spot(east, north)),
                10,
                area,
                LocalDate.parse(seenOn).getYear() + (first == null || first.startsWith(seenOn.substring(0, 4)) ? 0 : 1),
                first == null ? null : LocalDate.parse(first),
                last == null ? null : LocalDate.parse(last),
                LocalDate.parse(seenOn),
                sure,
                null,
                null));
    }

    private void varieties() {
        variety("tomato", "Lantern Quay", 2021);
        variety("tomato", "Small Hours", 2022);
        variety("pea", "Skerrow Early Row", 2019);
        variety("common-bean", "Anvern Speckle", 2018);
        variety("lettuce", "Tidewrack", 2020);
        variety("sweet-pepper", "Coalshed Sweet", 2022);
        variety("hot-pepper", "Gannet's Tongue", 2023);
        variety("broad-bean", "Barn Owl", 2020);
        variety("kale", "Ninefold", 2017);
        variety("cabbage", "Slack Water", 2022);
        variety("courgette", "Long Ferry", 2021);
        variety("pumpkin-pepo", "Barrow Moon", 2020);
        variety("squash-maxima", "Harbourmaster", 2021);
        variety("cucumber", "Rope Green", 2022);
        variety("melon", "Late Boat", 2023);
        variety("carrot", "Ferrous", 2019);
        variety("leek", "Gale Warden", 2020);
        variety("onion", "Net Loft", 2022);
        variety("sunflower", "South Light", 2021);
        variety("beetroot", "Brine", 2020);
        variety("chard", "Oyster Stem", 2021);
        variety("spinach", "Lee Side", 2022);
        variety("flour-maize", "Threshold", 2019);
        variety("calendula", "Lamplighter", 2018);
        variety("poppy", "Slate", 2018);
        variety("garlic", "Anchor", 2017);
        variety("potato-tuber", "Ballast", 2020);
        named.put(
                "Kite Market",
                varieties
                        .make(
                                "melon",
                                new VarietyFacts(
                                        "Kite Market",
                                        "swap at the market",
                                        2023,
                                        true,
                                        true,
                                        false,
                                        "",
                                        TrueToType.NOT_WRITTEN))
                        .id());
    }

    private void variety(String crop, String name, int year) {
        named.put(
                name,
                varieties
                        .make(
                                crop,
                                new VarietyFacts(name, "kept on the farm", year, false, false, false, "", points(name)))
                        .id());
    }

    /** What true plants look like, for the varieties the grower has described. */
    private static TrueToType points(String variety) {
        return switch (variety) {
            case "Threshold" ->
                new TrueToType(
                        "broad, dark, arched",
                        "two metres, one ear at chest height",
                        "straw tassel, pale silk",
                        "tassel in the first week of August",
                        "",
                        "twelve rows, soft cream kernels");
            case "Ninefold" ->
                new TrueToType(
                        "deeply curled, blue-green, waxed",
                        "knee high, single stem",
                        "no purple",
                        "bolts in April",
                        "",
                        "");
            case "Ferrous" ->
                new TrueToType(
                        "fine, mid green", "", "", "no stalk in the first year", "blunt, dark orange to the core", "");
            case "Brine" ->
                new TrueToType("dark with red veins", "", "stalk red", "", "round, dark, unzoned, small crown", "");
            case "Barrow Moon" ->
                new TrueToType("cut, grey-mottled", "long vine", "", "", "", "round, ribbed, deep orange, hard rind");
            case "Lantern Quay" ->
                new TrueToType(
                        "regular leaf",
                        "tall, side-shooting",
                        "",
                        "ripe from late July",
                        "",
                        "round, orange, two in the hand");
            default -> TrueToType.NOT_WRITTEN;
        };
    }

    private void season2024() {
        UUID carrot = plant(2024, "Ferrous", bed(6, 1), Grade.MARKET, "2023-06-20", null, 110);
        named.put("carrot of 2024", carrot);
        on("2024-06-01T10:00", () -> work.walk(carrot, "first flower", 110, 1, "wild carrot"));
        work.lot(carrot)
                .picked("2024-09-02", 5200, 104)
                .dry("2024-09-10", 4700, 10)
                .clean("THRESH", "2024-09-11", 2350, 2270, "stalk and chaff")
                .clean("SCREEN", "2024-09-11", 2010, 300, "chaff, bristles")
                .clean("WINNOW", "2024-09-12", 1820, 170, "light seed")
                .clean("HAND_PICK", "2024-09-12", 1790, 22, "odd seed")
                .weighed("2024-09-20", 0.121, 0.118, 0.125, 0.119)
                .metered("2024-10-04", 6.8, 7.1, 6.9)
                .germinated("2024-10-04", 88, 84, 86, 89)
                .packed("2024-11-02", 500, 400, "3.20")
                .sold("2025-03-01", 240, "Market, spring", "768.00")
                .germinated("2026-02-20", 63, 58, 66, 61);
        UUID leek = plant(2024, "Gale Warden", plot(1), Grade.MARKET, "2023-04-02", null, 120);
        on("2024-05-20T10:00", () -> work.walk(leek, "first flower", 120, 0, ""));
        work.lot(leek)
                .picked("2024-10-08", 2900, 118)
                .dry("2024-10-24", 2450, 9)
                .clean("THRESH", "2024-10-25", 990, 1430, "stalk and capsules")
                .clean("SCREEN", "2024-10-25", 880, 96, "capsules")
                .clean("WINNOW", "2024-10-26", 790, 82, "light seed")
                .clean("HAND_PICK", "2024-10-26", 784, 5, "odd seed")
                .weighed("2024-11-03", 0.270, 0.268, 0.275, 0.272)
                .germinated("2024-11-20", 86, 82, 84, 88);
        UUID pea = plant(2024, "Skerrow Early Row", bed(10, 1), Grade.MARKET, "2024-03-20", null, 260);
        on("2024-06-08T10:00", () -> work.walk(pea, "first flower", 260, 1, "tall rogue"));
        work.lot(pea)
                .picked("2024-08-02", 14000, 258)
                .dry("2024-08-10", 12600, 12)
                .clean("THRESH", "2024-08-11", 5600, 6900, "haulm and pods")
                .clean("SCREEN", "2024-08-11", 5350, 240, "broken and small seed")
                .clean("WINNOW", "2024-08-12", 5210, 130, "chaff")
                .clean("HAND_PICK", "2024-08-12", 5050, 150, "split seed")
                .weighed("2024-08-20", 24.1, 23.8, 24.6, 24.0)
                .germinated("2024-09-05", 94, 92, 95, 91)
                .packed("2024-10-20", 100, 180, "2.90")
                .sold("2025-02-15", 120, "Croft, east", "348.00")
                .home("2026-07-30", 43);
    }

    private void season2025() {
        UUID tomato = plant(2025, "Lantern Quay", bed(4, 1), Grade.MARKET, "2025-03-12", "2025-05-20", 24);
        cleanTwice("2025-06-20T08:30", tomato, "ripe fruit", 24);
        work.lot(tomato)
                .picked("2025-08-05", 41000, 24)
                .wet("EXTRACT", "2025-08-05T15:00", 7400, 0, 33500, "flesh", "sauce, inn kitchen")
                .ferment("2025-08-05T16:00", "2025-08-08T09:00", 22, 7100)
                .rinse("2025-08-08T10:00", 12000, 640, 3600, "skins and floaters")
                .dryWet("2025-08-12", 214, 5.8)
                .weighed("2025-08-20", 0.292, 0.295, 0.288, 0.297)
                .germinated("2025-09-05", 92, 90, 93, 91)
                .packed("2025-11-10", 25, 900, "2.80")
                .sold("2026-02-14", 380, "Market, spring", "1064.00")
                .sold("2026-03-20", 120, "Inn shop", "300.00");
        UUID lettuce = plant(2025, "Tidewrack", bed(2, 2), Grade.MARKET, "2025-04-10", null, 70);
        cleanTwice("2025-06-25T10:00", lettuce, "head at eating stage", 70);
        work.lot(lettuce)
                .picked("2025-09-08", 6100, 68)
                .dry("2025-09-15", 5200, 10)
                .clean("THRESH", "2025-09-16", 1500, 3650, "stalk and fluff")
                .clean("SCREEN", "2025-09-16", 980, 490, "fluff")
                .clean("WINNOW", "2025-09-17", 690, 270, "light seed and fluff")
                .clean("HAND_PICK", "2025-09-17", 680, 8, "odd seed")
                .weighed("2025-09-24", 0.112, 0.110, 0.113, 0.111)
                .germinated("2025-10-05", 96, 84, 93, 91)
                .set("2026-08-05", Method.PAPER, 4, 100);
        UUID poppy = plant(2025, "Slate", bed(7, 1), Grade.MARKET, "2025-04-02", null, 90);
        cleanTwice("2025-07-01T10:00", poppy, "first flower", 90);
        String slate = work.lot(poppy)
                .picked("2025-08-25", 1900, 88)
                .dry("2025-09-01", 1700, 9)
                .clean("THRESH", "2025-09-01", 680, 1000, "capsules")
                .clean("SCREEN", "2025-09-02", 610, 62, "chaff")
                .clean("WINNOW", "2025-09-02", 596, 12, "dust")
                .clean("HAND_PICK", "2025-09-02", 592, 3, "odd seed")
                .weighed("2025-09-09", 0.048, 0.047, 0.048, 0.049)
                .pure("2025-09-10", "2.004", "1.981", "0.002", "0.001", "0.019")
                .metered("2025-09-10", 5.1, 5.3, 5.0)
                .germinated("2025-09-25", 88, 86, 90, 87)
                .packed("2025-12-01", 500, 260, "2.60")
                .sold("2026-04-04", 90, "Market, spring", "234.00")
                .number();
        UUID bean = plant(2025, "Anvern Speckle", bed(10, 4), Grade.MARKET, "2025-05-18", null, 240);
        on("2025-07-20T10:00", () -> work.walk(bean, "first flower", 240, 1, "white flower"));
        work.lot(bean)
                .picked("2025-10-01", 15800, 236)
                .dry("2025-10-14", 13900, 13)
                .clean("THRESH", "2025-10-15", 7300, 6500, "haulm and pods")
                .clean("SCREEN", "2025-10-15", 7000, 280, "small and broken seed")
                .clean("WINNOW", "2025-10-16", 6890, 100, "chaff")
                .clean("HAND_PICK", "2025-10-17", 6600, 280, "stained and bored seed")
                .weighed("2025-10-24", 41.2, 40.6, 42.0, 41.1)
                .germinated("2025-11-10", 90, 92, 88, 91)
                .metered("2026-07-20", 9.6, 9.9, 9.7)
                .cutOpen("2026-07-20", 46, 0, 3, 1)
                .weevils("2026-07-20", 400, 6)
                .frozen("2026-07-21", "2026-07-29")
                .held("2026-08-03", "weevil: 6 bored in 400, frozen a week, second look due");
        UUID beet = plant(2025, "Brine", plot(5), Grade.MARKET, "2024-07-01", null, 32);
        cleanTwice("2025-05-25T10:00", beet, "bolting", 32);
        work.lot(beet)
                .picked("2025-09-04", 3600, 31)
                .dry("2025-09-14", 3250, 11)
                .clean("THRESH", "2025-09-15", 1500, 1720, "stalk")
                .clean("SCREEN", "2025-09-15", 1380, 110, "small clusters")
                .clean("WINNOW", "2025-09-16", 1330, 46, "light clusters")
                .clean("HAND_PICK", "2025-09-16", 1322, 6, "odd seed")
                .weighed("2025-09-24", 1.72, 1.69, 1.75, 1.70)
                .metered("2025-10-10", 7.3, 7.1, 7.4)
                .germinated("2025-10-10", 66, 62, 64, 67);
        UUID calendula = plant(2025, "Lamplighter", bed(7, 2), Grade.MARKET, "2025-04-12", null, 60);
        cleanTwice("2025-07-05T10:00", calendula, "first flower", 60);
        work.lot(calendula)
                .picked("2025-08-30", 1500, 58)
                .dry("2025-09-06", 1320, 9)
                .clean("THRESH", "2025-09-06", 760, 545, "heads")
                .clean("SCREEN", "2025-09-07", 690, 66, "chaff")
                .clean("WINNOW", "2025-09-07", 660, 28, "light seed")
                .clean("HAND_PICK", "2025-09-07", 655, 4, "odd seed")
                .weighed("2025-09-14", 0.98, 1.01, 0.99, 1.00)
                .metered("2025-09-28", 6.1, 6.3, 6.0)
                .germinated("2025-09-28", 85, 82, 86, 84)
                .mixed("2025-11-22", "Strip for bees", 40, slate, 12)
                .held("2025-12-05", "label came off in the store: this or the poppy jar beside it");
    }

    private void season2026() {
        UUID lantern = plant(2026, "Lantern Quay", bed(4, 3, 0, 20), Grade.MARKET, "2026-03-10", "2026-05-18", 24);
        UUID small = plant(2026, "Small Hours", bed(7, 4, 0, 20), Grade.MARKET, "2026-03-14", "2026-05-20", 22);
        UUID kale = plant(2026, "Ninefold", plot(1), Grade.MARKET, "2025-07-05", null, 74);
        UUID ferry = plant(2026, "Long Ferry", plot(3), Grade.MARKET, "2026-04-22", "2026-05-26", 16);
        UUID moon = plant(2026, "Barrow Moon", plot(5), Grade.MARKET, "2026-04-24", "2026-05-28", 14);
        UUID harbour = byHand(2026, "Harbourmaster", plot(9), "2026-04-24", "2026-05-28", 14);
        UUID cucumber = plant(2026, "Rope Green", bed(10, 2), Grade.MARKET, "2026-03-20", "2026-05-20", 18);
        UUID maize = plant(2026, "Threshold", plot(12), Grade.MARKET, "2026-04-02", "2026-05-22", 1400);
        UUID beet = plant(2026, "Brine", plot(8), Grade.MARKET, "2025-06-28", null, 66);
        UUID chard = plant(2026, "Oyster Stem", plot(11), Grade.MARKET, "2025-07-02", null, 62);
        UUID carrot = plant(2026, "Ferrous", bed(6, 4), Grade.MARKET, "2025-06-18", null, 96);
        named.put("carrot of 2026", carrot);
        UUID pea = plant(2026, "Skerrow Early Row", bed(2, 1), Grade.MARKET, "2026-03-22", null, 300);
        UUID lettuce = plant(2026, "Tidewrack", bed(2, 5), Grade.MARKET, "2026-04-08", null, 64);
        eat(2026, "Slack Water", bed(6, 6), "2025-05-10", "2026-03-20", 120);
        UUID garlic = stock(2026, "Anchor", bed(7, 5, 0, 30), "2025-10-08", "2026-07-20", 400);
        stock(2026, "Ballast", bed(7, 6), "2026-04-18", "2026-09-05", 180);

        on("2026-06-12T09:00", () -> work.walk(lantern, "green fruit", 24, 0, ""));
        cleanTwice("2026-07-14T09:00", lantern, "ripe fruit", 24);
        cleanTwice("2026-07-20T09:00", small, "ripe fruit", 22);
        on("2026-04-18T11:00", () -> work.walk(kale, "after winter", 74, 0, ""));
        cleanTwice("2026-05-02T11:00", kale, "first flower", 74);
        on("2026-06-02T10:00", () -> work.walk(pea, "first flower", 300, 1, "tall rogue"));
        on("2026-06-18T09:00", () -> work.walkInBloom(chard, "first buds", 62, 2, "wrong midrib colour", "2026-06-12"));
        breeding.squash(harbour);
        breeding.tomato(lantern);
        on("2026-08-06T11:00", () -> work.ripens(lettuce, 4));
        on("2026-08-12T11:00", () -> work.ripens(lettuce, 17));
        breeding.counted(garlic, kale);
        on("2026-08-06T10:00", () -> work.walk(maize, "tassels showing", 310, 9, "white silks"));
        on("2026-06-22T09:30", () -> work.walk(ferry, "before flowering", 16, 0, ""));
        on("2026-06-22T10:00", () -> work.walk(moon, "before flowering", 14, 0, ""));
        on("2026-06-24T09:30", () -> work.walk(harbour, "before flowering", 14, 0, ""));
        on("2026-05-10T09:00", () -> work.walk(beet, "bolting", 66, 0, ""));
        on("2026-05-10T10:00", () -> work.walk(chard, "bolting", 40, 1, "wrong midrib colour"));
        on("2026-05-28T09:00", () -> work.walk(carrot, "bolting", 96, 2, "early bolters"));
        on("2026-06-20T09:00", () -> work.walk(lettuce, "head at eating stage", 64, 0, ""));
        on("2026-07-18T10:00", () -> work.walk(cucumber, "eating-stage fruit", 18, 0, ""));

        work.lot(lantern)
                .picked("2026-07-24", 36200, 22)
                .wet("EXTRACT", "2026-07-24T14:00", 6100, 0, 30100, "flesh", "sauce, inn kitchen")
                .ferment("2026-07-24T15:30", "2026-07-27T09:00", 22, 5900)
                .rinse("2026-07-27T09:30", 11000, 560, 3100, "skins and floaters")
                .dryWet("2026-07-31", 204, 6.1)
                .weighed("2026-08-03", 0.294, 0.291, 0.297, 0.293)
                .pure("2026-08-03", "3.010", "2.996", "0", "0", "0.012")
                .germinated("2026-08-12", 93, 88, 92, 91)
                .packed("2026-08-13", 25, 312, "2.80")
                .sold("2026-08-13", 188, "Market, summer", "526.40");
        work.lot(small)
                .picked("2026-08-11", 21500, 20)
                .wet("EXTRACT", "2026-08-11T15:00", 4300, 0, 17000, "flesh", "stock feed")
                .fermenting("2026-08-11T16:00", 26.5);
        work.lot(cucumber)
                .picked("2026-08-08", 26500, 12)
                .wet("EXTRACT", "2026-08-08T10:00", 5200, 0, 21100, "flesh", "compost")
                .ferment("2026-08-08T11:00", "2026-08-09T14:00", 23, 5100)
                .rinse("2026-08-09T15:00", 8000, 480, 2500, "skins and floaters")
                .drying("2026-08-09T17:00", 48)
                .read(Quantity.AIR, "2026-08-09T17:05", 21)
                .read(Quantity.HUMIDITY, "2026-08-09T17:05", 58)
                .read(Quantity.MASS, "2026-08-10T17:00", 372)
                .read(Quantity.MASS, "2026-08-11T17:00", 322)
                .read(Quantity.MASS, "2026-08-12T17:00", 302)
                .read(Quantity.AIR, "2026-08-13T19:00", 19.5)
                .read(Quantity.HUMIDITY, "2026-08-13T19:00", 76)
                .read(Quantity.MASS, "2026-08-13T19:00", 308);
        work.lot(kale)
                .picked("2026-07-22", 9800, 72)
                .drying("2026-07-22T18:00", 24)
                .read(Quantity.MASS, "2026-07-26T18:00", 8900)
                .read(Quantity.MASS, "2026-08-01T18:00", 8300)
                .read(Quantity.MASS, "2026-08-11T18:00", 8020);
        work.lot(pea)
                .picked("2026-07-28", 15200, 290)
                .dry("2026-08-05", 13300, 12)
                .clean("THRESH", "2026-08-06", 6100, 7100, "haulm and pods")
                .clean("SCREEN", "2026-08-07", 5100, 260, "broken and small seed");
    }

    private void plan2027() {
        on("2026-07-10T20:00", () -> {
            plant(2027, "Gale Warden", bed(2, 6), Grade.MARKET, "2026-04-05", null, 110);
            named.put("carrot of 2027", plant(2027, "Ferrous", bed(10, 6), Grade.MARKET, "2026-06-20", null, 100));
            plant(2027, "Long Ferry", plot(8), Grade.MARKET, "2027-04-22", "2027-05-26", 16);
            plant(2027, "Barrow Moon", plot(11), Grade.MARKET, "2027-04-24", "2027-05-28", 14);
            plant(2027, "Anvern Speckle", bed(2, 3), Grade.MARKET, "2027-05-16", null, 240);
            plant(2027, "Lantern Quay", bed(4, 5), Grade.STOCK, "2027-03-10", "2027-05-18", 60);
            plant(2027, "Lamplighter", bed(6, 2), Grade.MARKET, "2027-04-12", null, 60);
        });
        root(2027, "Brine", plot(12), bed(6, 1), "2026-07-04", 70);
        root(2027, "Oyster Stem", plot(9), bed(6, 3), "2026-07-04", 64);
        time.at(
                instant(LocalDateTime.parse("2026-05-12T18:00")),
                () -> plantings.make(
                        new PlantingFacts(
                                2027,
                                named.get("Slack Water"),
                                plot(1),
                                Aim.seed(Grade.OWN_USE),
                                PlantingDays.sown(LocalDate.parse("2026-05-12"), null),
                                Sowing.usual(24, 88),
                                Keeping.NOTHING,
                                "the only plot in the lee of the wood; its soil was found clean in spring"),
                        null));
    }

    private Where plot(int plot) {
        return Where.plot(plots.get(plot));
    }

    private Where bed(int plot, int bed) {
        return bed(plot, bed, 0, 82);
    }

    private Where bed(int plot, int bed, double from, double to) {
        return new Where(plots.get(plot), List.of(new Stretch(beds.get(plot * 10 + bed), from, to)), null, List.of());
    }

    private UUID plant(
            int season, String variety, Where where, Grade grade, String sownOn, String setOutOn, int plants) {
        LocalDate sown = LocalDate.parse(sownOn);
        PlantingDays days = PlantingDays.sown(sown, setOutOn == null ? null : LocalDate.parse(setOutOn));
        return planned(season, variety, where, Aim.seed(grade), days, plants);
    }

    private UUID byHand(int season, String variety, Where where, String sownOn, String setOutOn, int plants) {
        PlantingDays days = PlantingDays.sown(LocalDate.parse(sownOn), LocalDate.parse(setOutOn));
        Keeping byHand = Keeping.NOTHING.controlled(PollenControl.Kind.HAND_POLLINATED, false);
        return planned(season, variety, where, Aim.seed(Grade.MARKET), days, plants, byHand);
    }

    /** Roots lifted in November, kept in sand, the best planted again in spring. */
    private void root(int season, String variety, Where where, Where roots, String sownOn, int plants) {
        PlantingDays days = new PlantingDays(
                LocalDate.parse(sownOn), null, LocalDate.of(season - 1, 11, 5), LocalDate.of(season, 4, 2), null);
        Where twice = new Where(where.plotId(), where.stretches(), roots.plotId(), roots.stretches());
        planned(season, variety, twice, Aim.seed(Grade.MARKET), days, plants);
    }

    private UUID stock(int season, String variety, Where where, String plantedOn, String liftedOn, int plants) {
        PlantingDays days = new PlantingDays(LocalDate.parse(plantedOn), null, null, null, LocalDate.parse(liftedOn));
        return planned(season, variety, where, new Aim(Purpose.PLANTING_STOCK, Grade.MARKET, true), days, plants);
    }

    private void eat(int season, String variety, Where where, String sownOn, String clearedOn, int plants) {
        PlantingDays days = new PlantingDays(LocalDate.parse(sownOn), null, null, null, LocalDate.parse(clearedOn));
        planned(season, variety, where, new Aim(Purpose.EATING, Grade.OWN_USE, false), days, plants);
    }

    /** Planned on the day of sowing, or of today's plan when that is still to come. */
    private UUID planned(int season, String variety, Where where, Aim aim, PlantingDays days, int plants) {
        return planned(season, variety, where, aim, days, plants, Keeping.NOTHING);
    }

    private UUID planned(
            int season, String variety, Where where, Aim aim, PlantingDays days, int plants, Keeping keeping) {
        PlantingFacts facts =
                new PlantingFacts(season, named.get(variety), where, aim, days, Sowing.usual(plants, 88), keeping, "");
        UUID[] made = new UUID[1];
        LocalDateTime evening = days.sownOn().atTime(18, 0);
        LocalDateTime planning = LocalDateTime.parse("2026-07-10T20:00");
        time.at(
                instant(evening.isBefore(planning) ? evening : planning),
                () -> made[0] = plantings.make(facts, null).id());
        return made[0];
    }

    private Instant instant(LocalDateTime local) {
        return local.atZone(time.zone()).toInstant();
    }

    /** A small stand is shown true only by a second walk: an eye overlooks one off-type in ten. */
    private void cleanTwice(String moment, UUID planting, String stage, int plants) {
        LocalDateTime first = LocalDateTime.parse(moment);
        for (LocalDateTime walk : List.of(first, first.plusDays(1))) {
            time.at(instant(walk), () -> work.walk(planting, stage, plants, 0, ""));
        }
    }

    private void on(String moment, Runnable act) {
        time.at(instant(LocalDateTime.parse(moment)), act);
    }
}
