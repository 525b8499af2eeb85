package theriseed.server.ground;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.UUID;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;

/**
 * A barrier as others see it.
 *
 * @param height metres
 * @param held share of pollen it is taken to hold back, 0 to 0.9
 */
public record BarrierView(
        UUID id, int version, String name, @JsonIgnore Place place, Barrier.Kind kind, double height, double held) {}
