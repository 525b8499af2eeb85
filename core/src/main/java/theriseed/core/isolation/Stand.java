package theriseed.core.isolation;

import java.util.Optional;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.ground.Place;

/**
 * A crop where it stands, as far as pollen is concerned: an own planting or what a neighbour was seen to grow.
 *
 * @param variety name; plants of one variety of one crop are no threat to each other
 * @param positionError how far its edge may be off, metres
 * @param area flowering ground, square metres, above 0
 * @param bloom nothing when it is not known; then it is taken to bloom with everything
 * @param sure whether its dates can be relied on: false for a report that is old or unsure
 */
public record Stand(
        Crop crop,
        String variety,
        Place place,
        double positionError,
        double area,
        Optional<BloomWindow> bloom,
        PollenControl control,
        boolean sure) {}
