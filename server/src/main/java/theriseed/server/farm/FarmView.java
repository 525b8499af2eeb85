package theriseed.server.farm;

import theriseed.core.bloom.ClimateNormals;
import theriseed.core.ground.LonLat;

/** The farm as the other modules and the screens see it. */
public record FarmView(
        String name, LonLat spot, String timeZone, String currency, ClimateNormals climate, boolean demo) {}
