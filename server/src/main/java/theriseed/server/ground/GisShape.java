package theriseed.server.ground;

import java.util.List;
import theriseed.core.ground.Place;
import tools.jackson.databind.JsonNode;

/**
 * A shape of a file from a GIS, as far as it is understood.
 *
 * @param number of its feature in the file, from 1
 * @param kind as one of {@link OnMap}; empty where nothing says it
 * @param place where it lies; null where that cannot be read, for {@code wrong}
 * @param about its other properties
 * @param notes what was taken otherwise than it stands there
 */
record GisShape(
        int number,
        String kind,
        String name,
        Place place,
        RuntimeException wrong,
        JsonNode about,
        List<String> notes) {}
