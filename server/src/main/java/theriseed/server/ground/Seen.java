package theriseed.server.ground;

import java.time.LocalDate;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.ground.Place;
import theriseed.server.base.Refused;

/**
 * What was seen over the fence.
 *
 * @param place a spot that was pointed at, or an area
 * @param positionError how far it may be off, metres
 * @param area flowering ground, square metres
 * @param bloomFirst null together with {@code bloomLast} when it is not known
 * @param agreedBy day by which the neighbour agreed to cut it; null when nothing was agreed
 */
public record Seen(
        String name,
        String cropKey,
        Place place,
        double positionError,
        double area,
        int season,
        LocalDate bloomFirst,
        LocalDate bloomLast,
        LocalDate seenOn,
        boolean sure,
        LocalDate agreedBy) {
    public Seen {
        if ((bloomFirst == null) != (bloomLast == null)) {
            throw new Refused("bloomLast", bloomLast, "bloom.bothDays");
        }
        if (bloomFirst != null) {
            new BloomWindow(bloomFirst, bloomLast);
        }
    }
}
