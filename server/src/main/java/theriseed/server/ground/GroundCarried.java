package theriseed.server.ground;

import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;

/** Everything on the map lies elsewhere now, for the farm does: as far from the one spot as it was from the other. */
public record GroundCarried(LocalPlane from, LocalPlane to) {
    public LonLat carried(LonLat spot) {
        return Place.spot(spot).carried(from, to).corners().get(0);
    }
}
