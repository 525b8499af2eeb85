package theriseed.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;

/**
 * Does a season's work over HTTP, on ground and with varieties of its own, so that tests which share a farm do not meet.
 * The demo's clock stands at 14 August 2026.
 */
public final class Season {
    private static final AtomicInteger COUNT = new AtomicInteger();
    private static final AtomicInteger PLOTS = new AtomicInteger();

    /** One for each server, as long as it knows them: one that went away may have left its port to another. */
    private static final Map<Integer, Client> GROWERS = new ConcurrentHashMap<>();

    public final Client grower;

    public Season(int port) {
        grower = GROWERS.compute(
                port, (at, known) -> known != null && known.signedIn() ? known : Client.as("grower", at));
    }

    /** A map whose values may be changed and left out. */
    public static Map<String, Object> record(Object... keysAndValues) {
        Map<String, Object> record = new HashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            record.put((String) keysAndValues[i], keysAndValues[i + 1]);
        }
        return record;
    }

    public static Map<String, Object> with(Map<String, Object> record, Object... keysAndValues) {
        Map<String, Object> changed = new HashMap<>(record);
        changed.putAll(record(keysAndValues));
        return changed;
    }

    /** A plot north-east of the demo farm, more than 100 m from every other of these. */
    public String plot() {
        int n = PLOTS.incrementAndGet();
        return plotAt(1500 + 150 * (n % 22), 1500 + 130 * (n / 22));
    }

    public String plotAt(double east, double north) {
        return grower.post("/api/plots", plotOf("Test plot " + COUNT.incrementAndGet(), east, north))
                .ok()
                .get("id")
                .asString();
    }

    /** 40 m by 20 m round a middle. */
    public static Map<String, Object> plotOf(String name, double east, double north) {
        return record("name", name, "outline", rectangle(east, north, 40, 20), "positionError", 3);
    }

    public static Map<String, Object> rectangle(double east, double north, double width, double length) {
        return record("east", east, "north", north, "width", width, "length", length, "turned", 0);
    }

    /** A change made from a version, with its reason. */
    public static Map<String, Object> changed(int version, String reason) {
        return record("version", version, "reason", reason);
    }

    public static Map<String, Object> varietyOf(String crop) {
        return record(
                "cropKey",
                crop,
                "name",
                "Test " + COUNT.incrementAndGet(),
                "source",
                "made up",
                "yearReceived",
                2024,
                "treated",
                false,
                "hybrid",
                false,
                "breedingOut",
                false,
                "trueToType",
                record("leaf", "", "habit", "", "colour", "", "maturity", "", "root", "", "fruit", ""));
    }

    public String variety(String crop) {
        return grower.post("/api/varieties", varietyOf(crop)).ok().get("id").asString();
    }

    public static Map<String, Object> plantingOf(String variety, String plot, String sownOn, int plants) {
        return record(
                "season",
                2026,
                "varietyId",
                variety,
                "plotId",
                plot,
                "purpose",
                "SEED",
                "grade",
                "MARKET",
                "flowers",
                true,
                "sownOn",
                sownOn,
                "plants",
                plants,
                "germination",
                90);
    }

    /** Plants a crop alone on its plot. */
    public String planted(String crop, String sownOn, int plants) {
        return grower.post("/api/plantings", plantingOf(variety(crop), plot(), sownOn, plants))
                .ok()
                .get("id")
                .asString();
    }

    /** Garlic grown for planting stock, lifted in July. */
    public String stock(int plants) {
        return grower.post(
                        "/api/plantings",
                        with(
                                plantingOf(variety("garlic"), plot(), "2025-10-10", plants),
                                "purpose",
                                "PLANTING_STOCK",
                                "clearedOn",
                                "2026-07-15"))
                .ok()
                .get("id")
                .asString();
    }

    /** A crop alone on its plot whose flowers are pollinated by hand, some left open. */
    public String byHand(String crop, int plants) {
        return grower.post(
                        "/api/plantings",
                        with(
                                plantingOf(variety(crop), plot(), "2026-05-01", plants),
                                "control",
                                "HAND_POLLINATED",
                                "everyFlower",
                                false))
                .ok()
                .get("id")
                .asString();
    }

    public static Map<String, Object> walkOf(String stage, int lookedAt, int offTypes) {
        return record(
                "id",
                UUID.randomUUID(),
                "stage",
                stage,
                "walkedOn",
                "2026-07-01",
                "lookedAt",
                lookedAt,
                "offTypes",
                offTypes == 0 ? List.of() : List.of(offType("odd leaf", offTypes, "PULLED", "")),
                "rows",
                List.of(),
                "sick",
                0,
                "stressed",
                0,
                "bolted",
                0,
                "note",
                "");
    }

    public static Map<String, Object> offType(String kind, int plants, String fate, String reason) {
        return record("kind", kind, "plants", plants, "fate", fate, "reason", reason);
    }

    public void walked(String planting, int lookedAt) {
        grower.post("/api/plantings/" + planting + "/walks", walkOf("flowering", lookedAt, 0))
                .ok();
    }

    public String numbered(String planting) {
        return grower.post("/api/lots", record("plantingId", planting))
                .ok()
                .get("number")
                .asString();
    }

    public static Map<String, Object> harvestOf(double grams, int plants) {
        return record("pickedOn", "2026-08-01", "mass", grams, "plants", plants, "note", "");
    }

    public String picked(String planting, double grams, int plants) {
        String number = numbered(planting);
        grower.post("/api/lots/" + number + "/picks", harvestOf(grams, plants)).ok();
        return number;
    }

    /** Where the first pick of a lot is corrected. */
    public String pickOf(String number) {
        return "/api/picks/" + lot(number).at("/known/harvest/picks/0/id").asString();
    }

    public static Map<String, Object> stepOf(String kind, double in, double out) {
        return record(
                "kind",
                kind,
                "begunAt",
                "2026-08-02T09:00",
                "endedAt",
                "2026-08-02T11:00",
                "massIn",
                in,
                "waterAdded",
                0,
                "massOut",
                out,
                "byProducts",
                List.of(),
                "minutes",
                30,
                "missingBecause",
                "",
                "note",
                "");
    }

    public JsonNode step(String number, Map<String, Object> step) {
        return grower.post("/api/lots/" + number + "/steps", step).ok();
    }

    /** Takes a dry crop's lot through its whole chain, a tenth leaving at each step. */
    public double cleaned(String number, double grams) {
        double mass = grams;
        for (String kind : List.of("DRY", "THRESH", "SCREEN", "WINNOW", "HAND_PICK")) {
            double out = Math.rint(mass * 0.9);
            Map<String, Object> step = stepOf(kind, mass, out);
            if (kind.equals("DRY")) {
                step.put("moistureOut", 6.5);
            } else {
                step.put("byProducts", List.of(record("what", "chaff", "mass", mass - out, "goneTo", "compost")));
            }
            step(number, step);
            mass = out;
        }
        return mass;
    }

    public static Map<String, Object> germinationOf(Integer... counts) {
        return record(
                "setOn", "2026-08-04", "countedOn", "2026-08-13", "perReplicate", 100, "counts", Arrays.asList(counts));
    }

    public void tested(String number, Double... grams) {
        grower.post(
                        "/api/lots/" + number + "/seed-weight",
                        record("weighedOn", "2026-08-10", "grams", Arrays.asList(grams)))
                .ok();
        grower.post("/api/lots/" + number + "/germination", germinationOf(94, 92, 95, 93))
                .ok();
    }

    /** A lot of peas that nothing holds back, with its grams of clean seed. */
    public String sellable() {
        String planting = planted("pea", "2026-03-20", 300);
        walked(planting, 300);
        String number = picked(planting, 9000, 290);
        cleaned(number, 9000);
        tested(number, 24.1, 23.9, 24.3, 24.0);
        assertThat(lot(number).at("/known/gate/reasons")).as("reasons").isEmpty();
        return number;
    }

    /** What waits today. */
    public List<JsonNode> tasks() {
        return grower.get("/api/today").ok().get("tasks").valueStream().toList();
    }

    /** What a task is: its kind, or the work the calendar plans. */
    public static String kindOf(JsonNode task) {
        return task.at("/toDo/kind").asString().equals("Planned")
                ? task.at("/toDo/work").asString()
                : task.at("/toDo/kind").asString();
    }

    /** The version of a lot's own record, of which its grade and what is kept of it are part. */
    public int versionOf(String number) {
        return lot(number).at("/known/lot/version").asInt();
    }

    /** The version of the farm's own record. */
    public int versionOfFarm() {
        return grower.get("/api/farm").ok().get("version").asInt();
    }

    public JsonNode lot(String number) {
        return grower.get("/api/lots/" + number).ok();
    }

    public static Map<String, Object> packingOf(int seeds, Integer packets) {
        Map<String, Object> packing = record("packedOn", "2026-08-14", "seeds", seeds, "reserve", 0, "price", "2.50");
        if (packets != null) {
            packing.put("packets", packets);
        }
        return packing;
    }

    public String packed(String number, int seeds, Integer packets) {
        return grower.post("/api/lots/" + number + "/packing", packingOf(seeds, packets))
                .ok()
                .get("id")
                .asString();
    }

    public static Map<String, Object> saleOf(String run, int packets) {
        return record(
                "customer",
                "Market, test",
                "soldOn",
                "2026-08-14",
                "packingRunId",
                run,
                "packets",
                packets,
                "price",
                "25.00");
    }
}
