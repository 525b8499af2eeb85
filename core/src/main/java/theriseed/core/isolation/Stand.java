package theriseed.core.isolation;

import java.util.Optional;
import java.util.function.Consumer;
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
 * @param anything whether nobody knows what grows there: then it is taken to cross fully with whatever is asked about
 * @param turns name of the stands whose cages are opened by turns, so that no two of them are open on one day; empty for
 *     none
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
        double dropped,
        boolean anything,
        String turns) {

    private static final Range ERROR = Range.of(0, 500, "m");
    private static final Range AREA = Range.above(0, 1e9, "m2");
    private static final Range DROPPED = Range.of(0, 100, "m");

    public Stand {
        ERROR.check("positionError", positionError);
        AREA.check("area", area);
        DROPPED.check("dropped", dropped);
    }

    /** A stand of a known crop that shares its days with no other. */
    public Stand(
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
        this(crop, variety, site, positionError, area, bloom, spread, control, sure, grade, dropped, false, "");
    }

    public Stand at(Site elsewhere) {
        return but(copy -> copy.site = elsewhere);
    }

    public Stand blooming(Optional<BloomWindow> then) {
        return but(copy -> copy.bloom = then);
    }

    /** The same in bloom on other days. */
    public Stand blooming(BloomWindow then, BloomSpread unsure) {
        return but(copy -> {
            copy.bloom = Optional.of(then);
            copy.spread = unsure;
        });
    }

    public Stand controlled(PollenControl otherwise) {
        return but(copy -> copy.control = otherwise);
    }

    public Stand surely(boolean other) {
        return but(copy -> copy.sure = other);
    }

    public Stand savedAs(Grade other) {
        return but(copy -> copy.grade = Optional.of(other));
    }

    /** The same where it is not asked what its own seed would be: it only sheds pollen. */
    public Stand seedless() {
        return but(copy -> copy.grade = Optional.empty());
    }

    public Stand dropping(double metres) {
        return but(copy -> copy.dropped = metres);
    }

    /** The same where nobody knows what grows. */
    public Stand ofAnything() {
        return but(copy -> copy.anything = true);
    }

    /** The same in a cage that is opened by turns with those of others. */
    public Stand byTurns(String with) {
        return but(copy -> copy.turns = with);
    }

    private Stand but(Consumer<Copy> change) {
        Copy copy = new Copy(this);
        change.accept(copy);
        return new Stand(
                crop,
                variety,
                copy.site,
                positionError,
                area,
                copy.bloom,
                copy.spread,
                copy.control,
                copy.sure,
                copy.grade,
                copy.dropped,
                copy.anything,
                copy.turns);
    }

    /** What of a stand may be otherwise. */
    private static final class Copy {
        private Site site;
        private Optional<BloomWindow> bloom;
        private BloomSpread spread;
        private PollenControl control;
        private boolean sure;
        private Optional<Grade> grade;
        private double dropped;
        private boolean anything;
        private String turns;

        Copy(Stand stand) {
            this.site = stand.site;
            this.bloom = stand.bloom;
            this.spread = stand.spread;
            this.control = stand.control;
            this.sure = stand.sure;
            this.grade = stand.grade;
            this.dropped = stand.dropped;
            this.anything = stand.anything;
            this.turns = stand.turns;
        }
    }

    /**
     * Share of a full cross that the other's pollen makes on this; 0 for plants of the same variety, and for two that are
     * never open on the same day.
     */
    double takesPollenOf(Stand other) {
        if (other.anything) {
            return 1;
        }
        boolean same = crop.key().equals(other.crop.key()) && variety.equals(other.variety);
        boolean byTurns = !turns.isEmpty() && turns.equals(other.turns);
        return same || byTurns ? 0 : crop.takesPollenOf(other.crop);
    }
}
