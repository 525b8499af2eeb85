package theriseed.server.season;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import theriseed.core.isolation.PollenControl;
import theriseed.core.measure.Range;

/**
 * What is done to keep a planting true beside distance and time.
 *
 * @param everyFlower whether no flower is left uncovered
 * @param dropped metres of outer rows on each side whose seed is not kept
 * @param volunteersPulled whether what comes up by itself is hoed out before it flowers
 */
@Embeddable
public record Keeping(
        @Enumerated(EnumType.STRING) PollenControl.Kind control,
        boolean everyFlower,
        double dropped,
        boolean volunteersPulled) {
    public static final Keeping NOTHING = new Keeping(PollenControl.Kind.OPEN, true, 0, false);

    private static final Range DROPPED = Range.of(0, 100, "m");

    Keeping check() {
        DROPPED.check("dropped", dropped);
        return this;
    }

    Keeping controlled(PollenControl.Kind kind, boolean every) {
        return new Keeping(kind, every, dropped, volunteersPulled);
    }

    Keeping dropping(double metres) {
        return new Keeping(control, everyFlower, metres, volunteersPulled);
    }

    Keeping pullingVolunteers() {
        return new Keeping(control, everyFlower, dropped, true);
    }
}
