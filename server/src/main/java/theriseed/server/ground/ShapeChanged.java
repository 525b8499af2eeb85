package theriseed.server.ground;

import java.util.UUID;

/**
 * A bed or plot is about to be drawn otherwise, or taken off the map; whoever stands on it may refuse.
 *
 * @param name as the grower knows it
 * @param length metres it will have along; 0 when it is taken off
 */
public record ShapeChanged(UUID id, String name, double length) {
    public boolean removed() {
        return length == 0;
    }
}
