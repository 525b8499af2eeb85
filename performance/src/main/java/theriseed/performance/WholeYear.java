package theriseed.performance;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;

/**
 * A year of a market seed grower, done over HTTP on a demo farm as its screens do it: sixty varieties of six crops, each
 * on a plot of its own, walked eight times; of each two lots, picked, dried with readings, cleaned in four more steps,
 * tested, stored, packed, ordered and sold. Of the second of the two some is left, of the first nothing.
 */
final class WholeYear {
    /** Annual, self-fertile, cleaned dry: nothing but the work decides whether their lots may be sold. */
    private static final List<String> CROPS = List.of("pea", "common-bean", "cowpea", "soybean", "lettuce", "endive");

    private static final int VARIETIES = 10;
    private static final int WALKS = 8;
    private static final int READINGS = 5;
    private static final double PICKED = 2500;
    private static final int PACKETS = 120;
    private static final int SOLD = 80;
    private static final int ORDERED = 5;
    private static final Pattern NUMBER = Pattern.compile("\"number\":\"([0-9A-Z-]+)\"");
    private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");
    private static final Pattern BULK = Pattern.compile("\"stock\":\\{\"bulk\":([0-9.]+)");

    private final SignedIn grower;
    private final String shelf;
    private final String shop;

    private WholeYear(SignedIn grower) throws IOException, InterruptedException {
        this.grower = grower;
        shelf = SignedIn.id(grower.get("/api/shelves"));
        shop = SignedIn.id(grower.send("POST", "/api/customers", "{'name': 'Shop, ten years', 'kind': 'SHOP'}"));
    }

    /** @param args the address of the farm, such as {@code http://localhost:8460} */
    public static void main(String[] args) throws IOException, InterruptedException {
        WholeYear year = new WholeYear(new SignedIn(args[0], "grower"));
        for (int i = 0; i < CROPS.size() * VARIETIES; i++) {
            year.grow(CropTable.shipped().find(CROPS.get(i / VARIETIES)).orElseThrow(), i);
        }
    }

    private void grow(Crop crop, int number) throws IOException, InterruptedException {
        String variety = grower.variety(crop.key(), "Ten years " + number);
        String plot = made(
                "/api/plots",
                "{'name': 'Ten years %d', 'positionError': 1,"
                        + " 'outline': {'east': %d, 'north': %d, 'width': 40, 'length': 20}}",
                number,
                1500 + 150 * (number % 10),
                1500 + 130 * (number / 10));
        String planting = made(
                "/api/plantings",
                "{'season': 2026, 'varietyId': '%s', 'plotId': '%s', 'purpose': 'SEED', 'grade': 'MARKET',"
                        + " 'flowers': true, 'sownOn': '2026-03-20', 'plants': 400, 'germination': 90}",
                variety,
                plot);
        for (int walk = 0; walk < WALKS; walk++) {
            grower.send(
                    "POST",
                    "/api/plantings/" + planting + "/walks",
                    said(
                            "{'id': '%s', 'stage': 'flowering', 'walkedOn': '2026-06-%02d', 'lookedAt': 400, 'rows': [],"
                                    + " 'offTypes': [], 'sick': 0, 'stressed': 0, 'bolted': 0, 'note': ''}",
                            UUID.randomUUID(), 3 * walk + 1));
        }
        String goes = cleaned(planting, crop);
        String run = packed(goes);
        order(variety);
        sell(goes, run, PACKETS - ORDERED);
        grower.send(
                "POST",
                "/api/lots/" + goes + "/withdrawals",
                said(
                        "{'why': 'SOWN', 'takenOn': '2026-08-14', 'mass': %s, 'note': ''}",
                        SignedIn.first(BULK, grower.get("/api/lots/" + goes)).orElseThrow()));
        String stays = cleaned(planting, crop);
        run = packed(stays);
        order(variety);
        sell(stays, run, SOLD);
    }

    private String cleaned(String planting, Crop crop) throws IOException, InterruptedException {
        String lot = SignedIn.first(NUMBER, grower.send("POST", "/api/lots", said("{'plantingId': '%s'}", planting)))
                .orElseThrow();
        String at = "/api/lots/" + lot;
        grower.send(
                "POST",
                at + "/picks",
                said("{'pickedOn': '2026-08-01', 'mass': %.0f, 'plants': 190, 'note': ''}", PICKED));
        double mass = dried(at, PICKED);
        for (String kind : List.of("THRESH", "SCREEN", "WINNOW", "HAND_PICK")) {
            double out = Math.rint(mass * 0.9);
            grower.send(
                    "POST",
                    at + "/steps",
                    said(
                            "{'kind': '%s', 'begunAt': '2026-08-04T09:00', 'endedAt': '2026-08-04T11:00', 'massIn': %.0f,"
                                    + " 'waterAdded': 0, 'massOut': %.0f, 'minutes': 30, 'missingBecause': '', 'note': '',"
                                    + " 'byProducts': [{'what': 'chaff', 'mass': %.0f, 'goneTo': 'compost'}]}",
                            kind, mass, out, mass - out));
            mass = out;
        }
        double hundred = crop.thousandSeedWeight() / 10;
        grower.send(
                "POST",
                at + "/seed-weight",
                said(
                        "{'weighedOn': '2026-08-10', 'grams': [%.3f, %.3f, %.3f, %.3f]}",
                        hundred, hundred * 1.01, hundred * 0.99, hundred));
        grower.send(
                "POST",
                at + "/germination",
                "{'setOn': '2026-08-05', 'countedOn': '2026-08-13', 'perReplicate': 100, 'counts': [94, 92, 95, 93]}");
        grower.send(
                "POST",
                at + "/containers",
                said("{'shelfId': '%s', 'kind': 'JAR', 'sealed': true, 'count': 1, 'on': '2026-08-05'}", shelf));
        return lot;
    }

    /** Grams when dry. */
    private double dried(String lot, double picked) throws IOException, InterruptedException {
        String begun = said(
                "'kind': 'DRY', 'begunAt': '2026-08-01T14:00', 'massIn': %.0f, 'waterAdded': 0, 'byProducts': [],"
                        + " 'missingBecause': '', 'note': ''",
                picked);
        String step = grower.send("POST", lot + "/steps", "{" + begun + "}");
        String id = SignedIn.id(step);
        for (int reading = 1; reading <= READINGS; reading++) {
            grower.send(
                    "POST",
                    "/api/steps/" + id + "/readings",
                    said(
                            "{'quantity': 'MASS', 'value': %.0f, 'fromInstrument': false, 'takenAt': '2026-08-02T%02d:00'}",
                            picked - 40 * reading, 6 + reading));
        }
        double dry = picked * 0.9;
        grower.send(
                "PUT",
                "/api/steps/" + id,
                said(
                        "{%s, 'endedAt': '2026-08-03T17:00', 'massOut': %.0f, 'moistureOut': 9, 'minutes': 30,"
                                + " 'version': %s}",
                        begun, dry, SignedIn.first(VERSION, step).orElseThrow()));
        return dry;
    }

    private String packed(String lot) throws IOException, InterruptedException {
        return made(
                "/api/lots/" + lot + "/packing",
                "{'packedOn': '2026-08-14', 'seeds': 25, 'packets': %d, 'reserve': 0, 'price': 2.50}",
                PACKETS);
    }

    private void sell(String lot, String run, int packets) throws IOException, InterruptedException {
        grower.send(
                "POST",
                "/api/lots/" + lot + "/sales",
                said(
                        "{'customer': 'Market, ten years', 'soldOn': '2026-08-14', 'packingRunId': '%s', 'packets': %d,"
                                + " 'price': %.2f}",
                        run, packets, 2.5 * packets));
    }

    /** Some packets, promised and handed over. */
    private void order(String variety) throws IOException, InterruptedException {
        String id = made(
                "/api/orders",
                "{'customerId': '%s', 'kind': 'SALE', 'orderedOn': '2026-08-14', 'wantedOn': '2026-09-01', 'note': '',"
                        + " 'lines': [{'varietyId': '%s', 'packets': %d, 'seeds': 25, 'price': 2.50}]}",
                shop,
                variety,
                ORDERED);
        grower.send("POST", "/api/orders/" + id + "/allocate", "");
        grower.send("POST", "/api/orders/" + id + "/deliver", "{'on': '2026-08-14', 'note': ''}");
    }

    private String made(String path, String body, Object... figures) throws IOException, InterruptedException {
        return SignedIn.id(grower.send("POST", path, said(body, figures)));
    }

    private static String said(String body, Object... figures) {
        return String.format(Locale.ROOT, body, figures);
    }
}
