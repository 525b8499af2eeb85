package theriseed.server.ground;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps a place as the coordinates of a GeoJSON ring (not closed): {@code [[lon, lat], …]}. */
@Converter
class CornersConverter implements AttributeConverter<Place, String> {
    @Override
    public String convertToDatabaseColumn(Place place) {
        StringJoiner corners = new StringJoiner(",", "[", "]");
        place.corners().forEach(corner -> corners.add("[" + corner.lon() + "," + corner.lat() + "]"));
        return corners.toString();
    }

    @Override
    public Place convertToEntityAttribute(String stored) {
        List<LonLat> corners = new ArrayList<>();
        for (JsonNode corner : JsonMapper.shared().readTree(stored)) {
            corners.add(new LonLat(corner.get(0).doubleValue(), corner.get(1).doubleValue()));
        }
        return new Place(corners);
    }
}
