package theriseed.server.seedroom;

import theriseed.core.measure.Range;
import theriseed.core.seedroom.ShelfKind;

/**
 * A place in which seed stands, as it is told.
 *
 * @param celsius usual there, {@code humidity} likewise, percent; taken while nothing is measured
 */
public record ShelfFacts(String name, ShelfKind kind, double celsius, double humidity, String note) {
    public ShelfFacts {
        Range.of(1, 60, "characters").check("name", name.strip().length());
        Shelf.CELSIUS.check("celsius", celsius);
        Shelf.HUMIDITY.check("humidity", humidity);
    }
}
