package theriseed.core.isolation;

import java.util.Optional;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.ground.Site;
import theriseed.core.measure.Range;

/**
 * A crop where it stands, as far as pollen is concerned: an own planting, what came up by itself after one, or what a
 * neighbour was seen to grow.
 *
 * @param variety name; plants of one variety of one crop are no threat to each other
 * @param positionError how far its edge may be off, metres, 0 to 500
 * @param area flowering ground, square metres, above 0
 * @param bloom nothing when it is not known; then it is taken to bloom with everything
 * @param spread how far its bloom dates may be off; none when they are not known
 * @param sure whether it can be relied on: false for a report that is old or unsure, for a promise not seen kept, for
 *     volunteers; what is not sure never makes a verdict better
 * @param grade of the seed saved from it; none when no seed is saved
 * @param dropped metres of outer rows on each side whose seed is not kept, 0 to 100
 */
public record Stand(
        Crop crop,
        String variety,
        Site site,
        double positionError,
        double area,
        Optional<BloomWindow> bloom,
        BloomSpread spread,
        PollenControl control,
        boolean sure,
        Optional<Grade> grade,
        double dropped) {

    private static final Range ERROR = Range.of(0, 500, "m");
    private static final Range AREA = Range.above(0, 1e9, "m2");
    private static final Range DROPPED = Range.of(0, 100, "m");

    public Stand {
        ERROR.check("positionError", positionError);
        AREA.check("area", area);
        DROPPED.check("dropped", dropped);
    }

    public Stand at(Site elsewhere) {
        return new Stand(crop, variety, elsewhere, positionError, area, bloom, spread, control, sure, grade, dropped);
    }

    public Stand blooming(Optional<BloomWindow> then) {
        return new Stand(crop, variety, site, positionError, area, then, spread, control, sure, grade, dropped);
    }

    public Stand controlled(PollenControl otherwise) {
        return new Stand(crop, variety, site, positionError, area, bloom, spread, otherwise, sure, grade, dropped);
    }

    public Stand surely(boolean other) {
        return new Stand(crop, variety, site, positionError, area, bloom, spread, control, other, grade, dropped);
    }

    public Stand savedAs(Grade other) {
        return new Stand(
                crop, variety, site, positionError, area, bloom, spread, control, sure, Optional.of(other), dropped);
    }

    /** The same where it is not asked what its own seed would be: it only sheds pollen. */
    public Stand seedless() {
        return new Stand(
                crop, variety, site, positionError, area, bloom, spread, control, sure, Optional.empty(), dropped);
    }

    public Stand dropping(double metres) {
        return new Stand(crop, variety, site, positionError, area, bloom, spread, control, sure, grade, metres);
    }

    /** Share of a full cross that the other's pollen makes on this; 0 for plants of the same variety. */
    double takesPollenOf(Stand other) {
        boolean same = crop.key().equals(other.crop.key()) && variety.equals(other.variety);
        return same ? 0 : crop.takesPollenOf(other.crop);
    }
}
