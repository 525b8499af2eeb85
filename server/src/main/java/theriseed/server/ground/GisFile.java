package theriseed.server.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.locationtech.proj4j.BasicCoordinateTransform;
import org.locationtech.proj4j.CRSFactory;
import org.locationtech.proj4j.CoordinateReferenceSystem;
import org.locationtech.proj4j.Proj4jException;
import org.locationtech.proj4j.ProjCoordinate;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.measure.OutOfRange;
import theriseed.server.base.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;

/**
 * A GeoJSON file as GIS programs write it: a collection or a single feature, with or without a byte order mark, shapes of
 * one part or several, with holes, in degrees or in the metres of a grid.
 */
final class GisFile {
    private static final Pattern EPSG = Pattern.compile("(?i).*epsg:+(?:[\\d.]*:)?(\\d{4,6})");
    private static final String DEGREES = "+proj=longlat +datum=WGS84 +no_defs";
    private static final Set<String> IN_DEGREES = Set.of("4326", "4258", "4979");
    private static final int ZONE_DEGREES = 6;
    private static final double LAST_LON = 180;
    private static final double LAST_LAT = 90;

    private final List<JsonNode> features = new ArrayList<>();
    private final Optional<String> grid;
    private final boolean guessed;
    private final BasicCoordinateTransform turn;
    private final GroundTold told;
    private final String named;

    /** @param here where the farm is, whose zone a grid without a name is taken to be of */
    GisFile(String text, GroundTold told, LonLat here) {
        this.told = told;
        JsonNode file = parsed(text);
        collect(file);
        Optional<String> said = told.grid() == null ? gridOf(file) : Optional.of(told.grid());
        this.guessed = said.isEmpty()
                && features.stream()
                        .anyMatch(one -> outside(one.path("geometry").path("coordinates")));
        this.grid = guessed ? Optional.of(zoneOf(here)) : said.filter(code -> !IN_DEGREES.contains(code));
        this.turn = grid.map(GisFile::transform).orElse(null);
        this.named = told.named() == null ? usualName() : told.named();
    }

    private static JsonNode parsed(String text) {
        try {
            return JsonMapper.shared().readTree(text.startsWith("\uFEFF") ? text.substring(1) : text);
        } catch (JacksonException broken) {
            // What is nested without end is given up before anybody counts lines.
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            throw new Refused("file", "broken at line " + line, "groundFile.noJson", "line", line);
        }
    }

    private void collect(JsonNode file) {
        String type = file.path("type").asString("");
        if (type.equals("FeatureCollection") && file.path("features").isArray()) {
            file.get("features").forEach(features::add);
        } else if (type.equals("Feature")) {
            features.add(file);
        } else {
            throw new Refused(
                    "file",
                    type.isEmpty() ? "no type" : type,
                    "groundFile.noCollection",
                    "type",
                    type.isEmpty() ? null : type);
        }
    }

    private static Optional<String> gridOf(JsonNode file) {
        Matcher name =
                EPSG.matcher(file.path("crs").path("properties").path("name").asString(""));
        return name.matches() ? Optional.of(name.group(1)) : Optional.empty();
    }

    /** Whether a position is none in degrees. */
    private static boolean outside(JsonNode coordinates) {
        if (coordinates.size() >= 2 && coordinates.get(0).isNumber()) {
            return Math.abs(coordinates.get(0).doubleValue()) > LAST_LON
                    || Math.abs(coordinates.get(1).doubleValue()) > LAST_LAT;
        }
        return coordinates.valueStream().anyMatch(GisFile::outside);
    }

    /** The zone of the world's transverse grid that a spot lies in. */
    private static String zoneOf(LonLat here) {
        int zone = (int) Math.floor((here.lon() + LAST_LON) / ZONE_DEGREES) % 60 + 1;
        return String.format(Locale.ROOT, "%d%02d", here.lat() < 0 ? 327 : 326, zone);
    }

    private static BasicCoordinateTransform transform(String code) {
        CRSFactory systems = new CRSFactory();
        try {
            CoordinateReferenceSystem from = systems.createFromName("EPSG:" + code);
            return new BasicCoordinateTransform(from, systems.createFromParameters("degrees", DEGREES));
        } catch (Proj4jException | IllegalStateException unknown) {
            throw new Refused("grid", code, "groundFile.grid");
        }
    }

    /** The grid it is in; nothing for degrees. */
    Optional<String> grid() {
        return grid;
    }

    /** Whether nobody said which grid it is. */
    boolean guessed() {
        return guessed;
    }

    /** The property that names its shapes; empty where there is none. */
    String named() {
        return named;
    }

    /** Properties that could name shapes. */
    Set<String> properties() {
        Set<String> names = new TreeSet<>();
        features.forEach(feature -> feature.path("properties").properties().forEach(one -> {
            if (one.getValue().isString() || one.getValue().isNumber()) {
                names.add(one.getKey());
            }
        }));
        return names;
    }

    /** How many of its shapes do not say what they are. */
    long withoutKind() {
        return features.stream()
                .filter(feature -> GroundFeature.kindOf(feature).isEmpty())
                .count();
    }

    private String usualName() {
        Set<String> there = properties();
        return Stream.of(
                        "name", "Name", "NAME", "label", "Label", "field", "Field", "FIELD", "title", "id", "ID", "fid")
                .filter(there::contains)
                .findFirst()
                .orElse("");
    }

    /** Its shapes; each part of one that lies in several pieces by itself. */
    List<GisShape> shapes() {
        List<GisShape> shapes = new ArrayList<>();
        for (int i = 0; i < features.size(); i++) {
            shapes.addAll(shapes(i + 1, features.get(i)));
        }
        return shapes;
    }

    private List<GisShape> shapes(int number, JsonNode feature) {
        String said = GroundFeature.kindOf(feature);
        String kind = said.isEmpty() && told.kind() != null ? told.kind().word() : said;
        String name = name(number, kind, feature.path("properties"));
        JsonNode geometry = feature.path("geometry");
        if (!geometry.path("type").asString("").equals("MultiPolygon")) {
            return List.of(shape(number, kind, name, geometry, feature.path("properties")));
        }
        List<GisShape> parts = new ArrayList<>();
        int pieces = geometry.path("coordinates").size();
        for (int i = 0; i < pieces; i++) {
            JsonNode piece = JsonMapper.shared()
                    .createObjectNode()
                    .put("type", "Polygon")
                    .set("coordinates", geometry.get("coordinates").get(i));
            parts.add(
                    shape(number, kind, pieces == 1 ? name : name + " " + (i + 1), piece, feature.path("properties")));
        }
        return parts.isEmpty() ? List.of(shape(number, kind, name, geometry, feature.path("properties"))) : parts;
    }

    private String name(int number, String kind, JsonNode about) {
        String name = about.path(named).asString("").strip();
        if (!name.isEmpty() || told.kind() == null) {
            return name.isEmpty() ? GroundFeature.nameOf(about) : name;
        }
        return kind.substring(0, 1).toUpperCase(Locale.ROOT) + kind.substring(1) + " " + number;
    }

    private GisShape shape(int number, String kind, String name, JsonNode geometry, JsonNode about) {
        List<String> notes = new ArrayList<>();
        try {
            Place place = place(geometry, kind, notes);
            return new GisShape(number, kind, name, place, null, about, notes);
        } catch (Refused | OutOfRange wrong) {
            return new GisShape(number, kind, name, null, wrong, about, List.of());
        }
    }

    private Place place(JsonNode geometry, String kind, List<String> notes) {
        boolean neighbour = kind.equals(OnMap.NEIGHBOUR.word());
        String type = geometry.path("type").asString("nothing");
        JsonNode coordinates = geometry.path("coordinates");
        if (type.equals("Point") && neighbour) {
            return Place.spot(spot("coordinates", coordinates));
        }
        if (!type.equals("Polygon") || coordinates.isEmpty()) {
            throw new Refused("geometry", type, neighbour ? "groundFile.polygonOrPoint" : "groundFile.polygon");
        }
        for (int i = 1; i < coordinates.size(); i++) {
            long area = Math.round(ring(coordinates.get(i)).squareMetres());
            notes.add("a hole of " + area + " m² in it is taken as ground");
        }
        return ring(coordinates.get(0));
    }

    private Place ring(JsonNode positions) {
        List<LonLat> corners = new ArrayList<>();
        for (int i = 0; i < positions.size(); i++) {
            LonLat corner = spot("coordinates[" + i + "]", positions.get(i));
            if (corners.isEmpty() || !corners.get(corners.size() - 1).equals(corner)) {
                corners.add(corner);
            }
        }
        if (corners.size() < 4 || !corners.get(0).equals(corners.get(corners.size() - 1))) {
            throw new Refused("geometry", corners.size() + " positions", "groundFile.ring");
        }
        return new Place(corners.subList(0, corners.size() - 1));
    }

    private LonLat spot(String field, JsonNode position) {
        return GroundFeature.spot(field, turn == null ? position : turned(field, position));
    }

    private JsonNode turned(String field, JsonNode position) {
        if (position.size() < 2
                || !position.get(0).isNumber()
                || !position.get(1).isNumber()) {
            throw new Refused(field, position, "groundFile.position");
        }
        ProjCoordinate there = new ProjCoordinate();
        try {
            turn.transform(
                    new ProjCoordinate(
                            position.get(0).doubleValue(), position.get(1).doubleValue()),
                    there);
        } catch (Proj4jException outside) {
            throw new Refused(field, position, "groundFile.position");
        }
        ArrayNode degrees = JsonMapper.shared().createArrayNode();
        return degrees.add(there.x).add(there.y);
    }
}
