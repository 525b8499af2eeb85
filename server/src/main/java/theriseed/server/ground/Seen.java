package theriseed.server.ground;

import java.time.LocalDate;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.ground.Place;
import theriseed.core.isolation.NeighbourReport;
import theriseed.server.base.Refused;

/**
 * What was seen over the fence.
 *
 * @param cropKey null where nobody knows what it is
 * @param place a spot that was pointed at, or an area
 * @param positionError how far it may be off, metres
 * @param area flowering ground, square metres
 * @param bloomFirst null together with {@code bloomLast} when it is not known
 * @param agreedBy day by which the neighbour agreed to cut it; null when nothing was agreed
 * @param keptOn day on which it was seen cut; null while it is a promise
 */
public record Seen(
        String name,
        NeighbourReport.Kind kind,
        String cropKey,
        Place place,
        double positionError,
        double area,
        int season,
        LocalDate bloomFirst,
        LocalDate bloomLast,
        LocalDate seenOn,
        boolean sure,
        LocalDate agreedBy,
        LocalDate keptOn) {
    public Seen {
        if (kind.cropKnown() != (cropKey != null)) {
            throw new Refused("cropKey", cropKey, kind.cropKnown() ? "neighbour.crop" : "neighbour.noCrop");
        }
        if (agreedBy != null && !kind.cropKnown()) {
            throw new Refused("agreedBy", agreedBy, "neighbour.unknownAgrees");
        }
        if (keptOn != null && agreedBy == null) {
            throw new Refused("keptOn", keptOn, "neighbour.nothingAgreed");
        }
        if ((bloomFirst == null) != (bloomLast == null)) {
            throw new Refused("bloomLast", bloomLast, "bloom.bothDays");
        }
        if (bloomFirst != null) {
            new BloomWindow(bloomFirst, bloomLast);
        }
    }

    Seen agreed(LocalDate by, LocalDate kept) {
        return new Seen(
                name, kind, cropKey, place, positionError, area, season, bloomFirst, bloomLast, seenOn, sure, by, kept);
    }
}
