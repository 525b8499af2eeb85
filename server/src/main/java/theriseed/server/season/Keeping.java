package theriseed.server.season;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import theriseed.core.isolation.PollenControl;
import theriseed.core.measure.Range;
import theriseed.server.base.Refused;

/**
 * What is done to keep a planting true beside distance and time.
 *
 * @param everyFlower whether no flower is left uncovered
 * @param dropped metres of outer rows on each side whose seed is not kept
 * @param volunteersPulled whether what comes up by itself is hoed out before it flowers
 * @param turns name of those whose cages are opened by turns with its own; empty for none
 * @param flowersFrom day before which its flowers are picked off; null where they are let open
 * @param flowersUntil last day of those that are let open; null where they go on
 */
@Embeddable
public record Keeping(
        @Enumerated(EnumType.STRING) PollenControl.Kind control,
        boolean everyFlower,
        double dropped,
        boolean volunteersPulled,
        String turns,
        LocalDate flowersFrom,
        LocalDate flowersUntil) {
    public static final Keeping NOTHING = new Keeping(PollenControl.Kind.OPEN, true, 0, false, "", null, null);

    private static final Range DROPPED = Range.of(0, 100, "m");

    Keeping check() {
        DROPPED.check("dropped", dropped);
        if (flowersFrom != null && flowersUntil != null && flowersUntil.isBefore(flowersFrom)) {
            throw new Refused("flowersUntil", flowersUntil, "planting.noFlowerLeft", "from", flowersFrom);
        }
        return this;
    }

    public Keeping controlled(PollenControl.Kind kind, boolean every) {
        return new Keeping(kind, every, dropped, volunteersPulled, "", flowersFrom, flowersUntil);
    }

    Keeping byTurns(String with) {
        return new Keeping(
                PollenControl.Kind.BY_TURNS, true, dropped, volunteersPulled, with, flowersFrom, flowersUntil);
    }

    Keeping dropping(double metres) {
        return new Keeping(control, everyFlower, metres, volunteersPulled, turns, flowersFrom, flowersUntil);
    }

    Keeping pullingVolunteers() {
        return new Keeping(control, everyFlower, dropped, true, turns, flowersFrom, flowersUntil);
    }

    Keeping flowering(LocalDate from, LocalDate until) {
        return new Keeping(control, everyFlower, dropped, volunteersPulled, turns, from, until);
    }

    /** A year later; what is promised for some days of one year is not for the next. */
    Keeping nextYear() {
        return new Keeping(control, everyFlower, dropped, volunteersPulled, turns, null, null);
    }
}
