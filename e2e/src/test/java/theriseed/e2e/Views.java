package theriseed.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import theriseed.server.Client;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Where each view of the demo farm is found, by its route; a view of a record shows one that has much to show. */
final class Views {
    private static final Path ROUTES = Path.of("../web/src/routes");

    private final Client client;
    private final Map<String, String> paths = new TreeMap<>();

    Views(Client client) {
        this.client = client;
        for (String route : new String[] {
            "/",
            "/account",
            "/come-in",
            "/farm",
            "/farm/done",
            "/farm/files",
            "/farm/import",
            "/farm/people",
            "/farm/backups",
            "/farm/mail",
            "/farm/thrown-away",
            "/farm/phones",
            "/trust",
            "/bench",
            "/desk",
            "/lot/new",
            "/desk/beds",
            "/desk/calendar",
            "/desk/plantings/new",
            "/desk/varieties/new",
            "/desk/what-if",
            "/eyes",
            "/field",
            "/handbook",
            "/handbook/glossary",
            "/handbook/new",
            "/seed-room",
            "/seed-room/regenerate",
            "/seed-room/shelves",
            "/seed-room/stock-taking",
            "/seed-room/tests",
            "/stall",
            "/stall/customers",
            "/stall/days",
            "/stall/mixes",
            "/stall/orders",
            "/today",
            "/waiting",
            "/yields"
        }) {
            paths.put(route, route);
        }
        paths.put("/handbook/[crop]", "/handbook/kale");
        paths.put("/handbook/[crop]/own", "/handbook/" + ownCrop() + "/own");
        paths.put("/stall/money", "/stall/money?season=2025");
        String carrot = planting(2026, "Ferrous");
        JsonNode tomato = first(2026, "/variety/name", "Lantern Quay");
        paths.put("/desk/plantings/[id]", "/desk/plantings/" + carrot);
        paths.put(
                "/desk/varieties/[id]",
                "/desk/varieties/" + tomato.at("/variety/id").asString());
        paths.put("/walk/[planting]", "/walk/" + planting(2026, "Threshold"));
        paths.put("/walk/[planting]/found", "/walk/" + planting(2026, "Threshold") + "/found");
        paths.put("/sown/[planting]", "/sown/" + tomato.get("id").asString());
        paths.put("/harvest/[planting]", "/harvest/" + tomato.get("id").asString());
        paths.put("/ripening/[planting]", "/ripening/" + planting(2026, "Tidewrack"));
        paths.put("/pollination/[planting]", "/pollination/" + planting(2026, "Harbourmaster"));
        paths.put("/selection/[planting]", "/selection/" + carrot);
        paths.put(
                "/stand/[planting]",
                "/stand/" + first(2026, "/purpose", "PLANTING_STOCK").get("id").asString());
        paths.put("/trials/new", "/trials/new?planting=" + carrot);
        paths.put("/trials/[id]", "/trials/" + trial());
        String lot = lot("Lantern Quay");
        for (String route : new String[] {"", "/money", "/blend", "/family", "/store", "/tests"}) {
            paths.put("/lot/[number]" + route, "/lot/" + lot + route);
        }
        paths.put("/bench/[number]", "/bench/" + lot("Small Hours"));
        paths.put("/stall/[number]", "/stall/" + lot);
        paths.put(
                "/stall/mixes/[number]",
                "/stall/mixes/"
                        + client.get("/api/mixes").ok().at("/items/0/number").asString());
        paths.put("/stall/days/[id]", "/stall/days/" + dayAtTheStall());
        paths.put(
                "/stall/orders/[id]",
                "/stall/orders/"
                        + client.get("/api/orders").ok().at("/items/0/id").asString());
    }

    /** Where the view of a route is. */
    String at(String route) {
        String path = paths.get(route);
        if (path == null) {
            throw new AssertionError("no view is known for " + route);
        }
        return path;
    }

    /** Each route with where its view is. */
    Map<String, String> all() {
        return paths;
    }

    /** Every route there is a page for. */
    static Set<String> routes() {
        try (Stream<Path> files = Files.walk(ROUTES)) {
            return files.filter(file -> file.endsWith("+page.svelte"))
                    .map(file -> "/" + ROUTES.relativize(file.getParent()))
                    .collect(Collectors.toCollection(TreeSet::new));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** A crop of the farm's own, as a grower begins it. */
    private String ownCrop() {
        String name = "Crop of ours " + System.nanoTime();
        return client.post("/api/crops", Season.record("like", "pea", "cells", Season.record("name", name)))
                .ok()
                .get("key")
                .asString();
    }

    /** The planting of a variety in a season. */
    String planting(int season, String variety) {
        return first(season, "/variety/name", variety).get("id").asString();
    }

    private JsonNode first(int season, String what, String value) {
        for (JsonNode planting : client.get("/api/seasons/" + season).ok().get("plantings")) {
            if (planting.at(what).asString().equals(value)) {
                return planting;
            }
        }
        throw new AssertionError(value + " is not planted");
    }

    /** The newest lot of a variety. */
    String lot(String variety) {
        for (JsonNode shelved : client.get("/api/lots?size=200").ok().get("items")) {
            if (shelved.at("/known/planting/variety/name").asString().equals(variety)) {
                return shelved.at("/known/lot/number").asString();
            }
        }
        throw new AssertionError("no lot of " + variety);
    }

    /** A day that is sold at today. */
    private String dayAtTheStall() {
        JsonNode lot = client.get("/api/stocked")
                .ok()
                .get("lots")
                .valueStream()
                .filter(one -> one.at("/gate/mayBeSold").asBoolean()
                        && one.at("/stock/packetsFree").asInt() > 2)
                .findFirst()
                .orElseThrow();
        JsonNode run = lot.at("/stock/runs")
                .valueStream()
                .filter(one -> one.get("free").asInt() > 2)
                .findFirst()
                .orElseThrow();
        return client.post(
                        "/api/stall-days",
                        Season.record(
                                "customerId",
                                client.get("/api/customers").ok().at("/0/id").asString(),
                                "heldOn",
                                "2026-08-14",
                                "note",
                                "",
                                "lines",
                                List.of(Season.record(
                                        "number",
                                        lot.at("/lot/number").asString(),
                                        "packingRunId",
                                        run.get("id").asString(),
                                        "taken",
                                        2))))
                .ok()
                .get("id")
                .asString();
    }

    private String trial() {
        return client.get("/api/plantings/" + planting(2027, "Ferrous") + "/selection")
                .ok()
                .at("/trials/0/id")
                .asString();
    }
}
