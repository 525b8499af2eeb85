package theriseed.server.ground;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.server.base.Latest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps a place as the coordinates of a GeoJSON ring (not closed): {@code [[lon, lat], …]}. Places read lately are
 * remembered, since every page reads them all again.
 */
@Converter
class CornersConverter implements AttributeConverter<Place, String> {
    private static final int REMEMBERED = 20_000;

    private final Map<String, Place> read = Latest.map(REMEMBERED);

    @Override
    public String convertToDatabaseColumn(Place place) {
        StringJoiner corners = new StringJoiner(",", "[", "]");
        place.corners().forEach(corner -> corners.add("[" + corner.lon() + "," + corner.lat() + "]"));
        return corners.toString();
    }

    @Override
    public Place convertToEntityAttribute(String stored) {
        return read.computeIfAbsent(stored, CornersConverter::place);
    }

    private static Place place(String stored) {
        List<LonLat> corners = new ArrayList<>();
        for (JsonNode corner : JsonMapper.shared().readTree(stored)) {
            corners.add(new LonLat(corner.get(0).doubleValue(), corner.get(1).doubleValue()));
        }
        return new Place(corners);
    }
}
