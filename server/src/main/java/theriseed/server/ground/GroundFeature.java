package theriseed.server.ground;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.UUID;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;
import theriseed.server.base.Refused;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A shape of the ground as a feature of GeoJSON: how it is written, and what is read of it. */
final class GroundFeature {
    private GroundFeature() {}

    /** Where a position lies. @param field what it is called when it is refused */
    static LonLat spot(String field, JsonNode position) {
        if (position.size() < 2
                || !position.get(0).isNumber()
                || !position.get(1).isNumber()) {
            throw new Refused(field, position, "groundFile.position");
        }
        try {
            return LonLat.of(
                    field, position.get(0).doubleValue(), position.get(1).doubleValue());
        } catch (OutOfRange outside) {
            Refusal.Outside range = (Refusal.Outside) outside.refusal();
            throw new Refused(field, outside.value(), "groundFile.degrees", "low", range.low(), "high", range.high());
        }
    }

    /** Adds a shape to a file; further properties are put into what it gives back. */
    static ObjectNode add(ArrayNode features, OnMap kind, UUID id, String name, Place place) {
        ObjectNode feature = features.addObject().put("type", "Feature");
        ObjectNode geometry = feature.putObject("geometry").put("type", place.isSpot() ? "Point" : "Polygon");
        ArrayNode coordinates = geometry.putArray("coordinates");
        if (place.isSpot()) {
            coordinates
                    .add(place.corners().get(0).lon())
                    .add(place.corners().get(0).lat());
        } else {
            ArrayNode ring = coordinates.addArray();
            place.corners().forEach(corner -> ring.addArray().add(corner.lon()).add(corner.lat()));
            ring.addArray()
                    .add(place.corners().get(0).lon())
                    .add(place.corners().get(0).lat());
        }
        return feature.putObject("properties")
                .put("kind", kind.word())
                .put("id", id.toString())
                .put("name", name);
    }

    static void put(ObjectNode about, String field, LocalDate day) {
        if (day != null) {
            about.put(field, day.toString());
        }
    }

    /** A day among its properties; null where none stands. */
    static LocalDate day(JsonNode about, String field) {
        String text = about.path(field).asString("");
        try {
            return text.isEmpty() ? null : LocalDate.parse(text);
        } catch (DateTimeParseException bad) {
            throw new Refused(field, text, "groundFile.date");
        }
    }

    static <T> T needed(String field, T value) {
        if (value == null) {
            throw new Refused(field, "nothing", "groundFile.needed");
        }
        return value;
    }

    static <E extends Enum<E>> E choice(String field, JsonNode about, E[] values) {
        String text = about.path(field).asString("");
        for (E value : values) {
            if (value.name().equalsIgnoreCase(text)) {
                return value;
            }
        }
        throw new Refused(field, text, "groundFile.kind");
    }

    static String kindOf(JsonNode feature) {
        return feature.path("properties").path("kind").asString("");
    }

    static String nameOf(JsonNode about) {
        return about.path("name").asString("");
    }
}
