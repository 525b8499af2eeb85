package theriseed.server.malformed;

import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes requests from the API's own description: such as the screens might send, about records that are there, and each
 * with one thing wrong. The same seed makes the same requests on the same farm.
 */
final class Requests {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** A place in a body, and how it is spoilt; raw text where JSON itself cannot say it. */
    private record Spoilt(String how, JsonNode value, boolean certainlyWrong) {}

    /**
     * A request with one thing wrong.
     *
     * @param how it was spoilt
     * @param part that was spoilt; empty when the whole of it
     * @param certainlyWrong whether nobody can mean it, so that it must be refused
     */
    record Request(String method, String path, String body, String how, String part, boolean certainlyWrong) {}

    private final JsonNode described;
    private final List<String[]> operations = new ArrayList<>();
    private final Map<String, List<String>> ids = new HashMap<>();
    private final JdbcTemplate database;
    private final Random random;

    Requests(JsonNode described, JdbcTemplate database, long seed) {
        this.described = described;
        this.database = database;
        this.random = new Random(seed);
        described
                .get("paths")
                .propertyStream()
                .forEach(path -> path.getValue()
                        .propertyStream()
                        .map(Map.Entry::getKey)
                        .filter(method -> takesPart(method, path.getKey()))
                        .forEach(method -> operations.add(new String[] {method, path.getKey()})));
        for (String table : database.queryForList(
                "select table_name from information_schema.columns where column_name = 'id' and data_type = 'uuid'"
                        + " and table_schema = 'public' order by 1",
                String.class)) {
            ids.put(
                    table,
                    database.queryForList("select id from " + table + " order by 1 limit 40", UUID.class).stream()
                            .map(UUID::toString)
                            .toList());
        }
        ids.put("number", database.queryForList("select number from lot order by 1 limit 60", String.class));
        ids.put("mix number", database.queryForList("select number from mix order by 1 limit 60", String.class));
    }

    /** Signing out and a file of a whole farm would end the run; what is watched live has no end. */
    private static boolean takesPart(String method, String path) {
        return !path.equals("/api/session")
                && !path.equals("/api/farm/copy")
                && !path.endsWith("/live")
                && !path.equals("/api/first-run")
                && (!method.equals("get") || !path.contains("openapi"));
    }

    int operations() {
        return operations.size();
    }

    /** Every page of a farm that stands, for the ids there are now: such as must open. */
    List<String> pages() {
        List<String> pages = new ArrayList<>();
        for (String[] operation : operations) {
            JsonNode get =
                    described.at("/paths/" + operation[1].replace("~", "~0").replace("/", "~1") + "/get");
            boolean asks = get.path("parameters")
                    .valueStream()
                    .anyMatch(one -> one.path("in").asString().equals("query")
                            && one.path("required").asBoolean());
            if (operation[0].equals("get") && !asks) {
                pages.add(operation[1]);
            }
        }
        return pages;
    }

    Request next() {
        String[] operation = operations.get(random.nextInt(operations.size()));
        JsonNode of = described.get("paths").get(operation[1]).get(operation[0]);
        JsonNode schema = of.at("/requestBody/content/application~1json/schema");
        List<JsonNode> query = of.path("parameters")
                .valueStream()
                .filter(one -> one.path("in").asString().equals("query"))
                .toList();
        boolean inBody = !schema.isMissingNode() && (query.isEmpty() || random.nextInt(4) > 0);
        JsonNode body = schema.isMissingNode() ? null : sample(schema, "", 0);
        Spoilt spoilt = new Spoilt("nothing", null, false);
        String part = "";
        if (inBody && body instanceof ObjectNode object && !object.isEmpty()) {
            Map.Entry<ObjectNode, String> place = place(object);
            part = place.getValue();
            spoilt = spoil(place.getKey().get(part), 100_000);
            if (spoilt.how().equals("left out")) {
                place.getKey().remove(part);
            } else if (spoilt.how().equals("unknown part")) {
                part = "nobodyKnows";
                place.getKey().put(part, 1);
            } else {
                place.getKey().set(part, spoilt.value());
            }
        }
        StringBuilder path = new StringBuilder(filled(operation[1]));
        boolean queryWrong = !inBody && !query.isEmpty();
        char and = '?';
        for (JsonNode one : query) {
            JsonNode value = sample(one.get("schema"), one.get("name").asString(), 0);
            if (queryWrong && random.nextInt(query.size()) == 0) {
                spoilt = spoil(value, 4000);
                part = one.get("name").asString();
                value = spoilt.value() == null ? NODES.stringNode("") : spoilt.value();
            }
            path.append(and)
                    .append(one.get("name").asString())
                    .append('=')
                    .append(URLEncoder.encode(
                            value.isString() ? value.asString() : value.toString(), StandardCharsets.UTF_8));
            and = '&';
        }
        String sent = body == null ? "" : JSON.writeValueAsString(body);
        return new Request(
                operation[0].toUpperCase(),
                path.toString(),
                sent,
                spoilt.how(),
                part,
                spoilt.certainlyWrong() && inBody);
    }

    /** A part of the body or of a record in it. */
    private Map.Entry<ObjectNode, String> place(ObjectNode in) {
        List<String> names = new ArrayList<>(in.propertyNames());
        String name = names.get(random.nextInt(names.size()));
        JsonNode value = in.get(name);
        if (value instanceof ArrayNode list
                && !list.isEmpty()
                && list.get(0) instanceof ObjectNode first
                && random.nextBoolean()
                && !first.isEmpty()) {
            return place(first);
        }
        if (value instanceof ObjectNode inner && !inner.isEmpty() && random.nextInt(3) > 0) {
            return place(inner);
        }
        return Map.entry(in, name);
    }

    private Spoilt spoil(JsonNode value, int length) {
        List<Spoilt> ways = new ArrayList<>(List.of(
                new Spoilt("left out", null, false),
                new Spoilt("null", NODES.nullNode(), false),
                new Spoilt("a list", NODES.arrayNode().add(NODES.arrayNode()), false),
                new Spoilt("a record", NODES.objectNode().put("a", 1), !(value instanceof ObjectNode)),
                new Spoilt("unknown part", null, true)));
        if (value.isNumber()) {
            ways.addAll(List.of(
                    new Spoilt("too large", NODES.numberNode(2147483648L), value.isInt()),
                    new Spoilt("far too large", NODES.numberNode(new BigDecimal("1E+18")), true),
                    new Spoilt("beyond all numbers", NODES.numberNode(1e308), true),
                    new Spoilt("negative", NODES.numberNode(-1), false),
                    new Spoilt("far below", NODES.numberNode(-2147483649L), true),
                    new Spoilt("hardly anything", NODES.numberNode(1e-300), value.isInt()),
                    new Spoilt("no number", NODES.stringNode("NaN"), true),
                    new Spoilt("in letters", NODES.stringNode("a handful"), true)));
            if (value.isInt()) {
                ways.add(new Spoilt("not whole", NODES.numberNode(value.asInt() + 0.9), true));
            }
        } else if (value.isString()) {
            String text = value.asString();
            boolean day = text.matches("\\d{4}-\\d\\d-\\d\\d.*");
            ways.addAll(List.of(
                    new Spoilt("NUL in it", NODES.stringNode(text + "\u0000"), !text.matches("[A-Z_]+")),
                    new Spoilt("very long", NODES.stringNode("x".repeat(length)), true),
                    new Spoilt("empty", NODES.stringNode(""), day),
                    new Spoilt("by number", NODES.numberNode(0), true)));
            if (day) {
                ways.add(new Spoilt("year 1", NODES.stringNode("0001-01-01" + text.substring(10)), true));
                ways.add(new Spoilt("year 9999", NODES.stringNode("9999-12-31" + text.substring(10)), true));
                ways.add(new Spoilt("no day", NODES.stringNode("2026-02-30" + text.substring(10)), true));
            }
        } else if (value instanceof ArrayNode list) {
            ArrayNode holed = list.deepCopy();
            holed.addNull();
            ArrayNode many = NODES.arrayNode();
            for (int i = 0; i < 5000 && !list.isEmpty(); i++) {
                many.add(list.get(0).deepCopy());
            }
            ways.add(new Spoilt("nothing in a list", holed, false));
            ways.add(new Spoilt("thousands", many, false));
            ways.add(new Spoilt("no list", NODES.stringNode("x"), true));
        } else if (value.isBoolean()) {
            ways.add(new Spoilt("by number", NODES.numberNode(1), true));
            ways.add(new Spoilt("in letters", NODES.stringNode("perhaps"), true));
        }
        return ways.get(random.nextInt(ways.size()));
    }

    /** What somebody might send. */
    private JsonNode sample(JsonNode schema, String name, int depth) {
        if (schema.has("$ref")) {
            return sample(described.at(schema.get("$ref").asString().substring(1)), name, depth);
        }
        if (schema.has("oneOf")) {
            JsonNode kinds = schema.get("oneOf");
            return sample(kinds.get(random.nextInt(kinds.size())), name, depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        return switch (schema.path("type").asString()) {
            case "integer" ->
                NODES.numberNode(name.equals("version") ? 0 : name.equals("season") ? 2026 : 1 + random.nextInt(30));
            case "number" -> NODES.numberNode(1 + random.nextInt(400) / 10.0);
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "array" -> {
                ArrayNode list = NODES.arrayNode();
                for (int i = 0; i <= random.nextInt(3) && depth < 4; i++) {
                    list.add(sample(schema.get("items"), name, depth + 1));
                }
                yield list;
            }
            case "object" -> {
                ObjectNode record = NODES.objectNode();
                List<String> required = schema.path("required")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList();
                schema.path("properties").propertyStream().forEach(part -> {
                    if (depth < 5 && (required.contains(part.getKey()) || random.nextInt(3) == 0)) {
                        record.set(part.getKey(), sample(part.getValue(), part.getKey(), depth + 1));
                    }
                });
                yield record;
            }
            default -> NODES.stringNode(text(schema.path("format").asString(""), name));
        };
    }

    private String text(String format, String name) {
        return switch (format) {
            case "date" -> "2026-0" + (3 + random.nextInt(6)) + "-1" + random.nextInt(10);
            case "date-time" ->
                "2026-08-1" + random.nextInt(4) + "T0" + random.nextInt(10) + ":30:00"
                        + (name.endsWith("At") && name.startsWith("made") || name.startsWith("sent") ? "Z" : "");
            case "uuid" -> idOf(name.equals("id") ? "" : name);
            default ->
                name.equals("reason") || name.equals("why") ? "because it is so" : name + " " + random.nextInt(1000);
        };
    }

    private String filled(String path) {
        Map<String, String> there = new LinkedHashMap<>();
        String before = "";
        for (String step : path.split("/")) {
            int from = step.indexOf('{');
            if (from >= 0) {
                String name = step.substring(from + 1, step.indexOf('}'));
                there.put(
                        '{' + name + '}',
                        switch (name) {
                            case "number" -> oneOf(before.equals("mixes") ? "mix number" : "number");
                            case "season" -> "2026";
                            case "year" -> "2026";
                            case "key" -> "pea";
                            default ->
                                idOf(
                                        name.equals("id")
                                                ? before.replaceAll("ies$", "y").replaceAll("s$", "")
                                                : name);
                        });
            }
            before = step;
        }
        String filled = path;
        for (Map.Entry<String, String> one : there.entrySet()) {
            filled = filled.replace(one.getKey(), one.getValue());
        }
        return filled;
    }

    /** Of a record of this kind, if the farm has such. */
    private String idOf(String kind) {
        String table = kind.replaceAll("Id$", "")
                .replace('-', '_')
                .replaceAll("([A-Z])", "_$1")
                .toLowerCase();
        return ids.containsKey(table) && random.nextInt(10) > 0
                ? oneOf(table)
                : new UUID(random.nextLong(), random.nextLong()).toString();
    }

    private String oneOf(String table) {
        List<String> all = ids.get(table);
        return all.isEmpty() ? new UUID(1, 1).toString() : all.get(random.nextInt(all.size()));
    }

    /** A page with each of the ids that the farm has now in its place, at most so many. */
    List<String> opened(String page, int most) {
        if (!page.contains("{")) {
            return List.of(page);
        }
        String[] steps = page.split("/");
        String table = "";
        String column = "id";
        for (int i = 0; i < steps.length; i++) {
            if (steps[i].equals("{number}")) {
                table = steps[i - 1].equals("mixes") ? "mix" : "lot";
                column = "number";
            } else if (steps[i].startsWith("{") && table.isEmpty()) {
                table = steps[i].equals("{id}")
                        ? steps[i - 1]
                                .replaceAll("ies$", "y")
                                .replaceAll("s$", "")
                                .replace('-', '_')
                        : steps[i].substring(1, steps[i].length() - 1);
            }
        }
        if (page.indexOf('{') != page.lastIndexOf('{') || !ids.containsKey(table)) {
            return List.of();
        }
        return database
                .queryForList("select " + column + " from " + table + " order by random() limit " + most, Object.class)
                .stream()
                .map(id -> page.replaceAll("\\{[^}]*}", id.toString()))
                .toList();
    }
}
